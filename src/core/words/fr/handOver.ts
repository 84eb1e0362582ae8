import type { HAND_OVER as EN } from '../en/handOver';

/** The hand-over sheets, to a stranger who cuts. */
export const HAND_OVER: Readonly<Record<keyof typeof EN, string>> = {
  'hand.allergen.milk': 'lait',
  'hand.allergen.egg': 'œuf',
  'hand.allergen.fish': 'poisson',
  'hand.allergen.shellfish': 'crustacés',
  'hand.allergen.tree-nuts': 'fruits à coque',
  'hand.allergen.peanuts': 'arachides',
  'hand.allergen.wheat': 'blé',
  'hand.allergen.soybeans': 'soja',
  'hand.allergen.sesame': 'sésame',
  'hand.allergen.other-gluten': 'autres céréales contenant du gluten',
  'hand.allergen.celery': 'céleri',
  'hand.allergen.mustard': 'moutarde',
  'hand.allergen.sulphites': 'sulfites',
  'hand.allergen.lupin': 'lupin',
  'hand.allergen.molluscs': 'mollusques',
  'hand.from.cake': 'dans le gâteau',
  'hand.from.flowers': 'dans la pâte, les couleurs, la poudre ou le glaçage des fleurs',
  'hand.from.glue': 'dans la colle des fleurs',
  'hand.from.barrier': 'dans le bain d’une tige',
  'hand.cutter.title':
    '{n, plural, =0 {Rien à retirer} one {Avant de couper, retirez-en une} other {Avant de couper, retirez-en #}}',
  'hand.cutter.for': 'Pour la personne qui coupe.',
  'hand.cutter.copies': 'Ce gâteau est l’un de {n} semblables.',
  'hand.cutter.copy': 'Gâteau {at} sur {n} : comptez-le à part.',
  'hand.count.title': 'Comptez-les en les retirant',
  'hand.count.line':
    '{n, plural, one {Une entre, une sort.} other {# entrent, # sortent.}} Sortez chacune par où elle est entrée, avec sa gaine. S’il en manque une, cherchez-la avant que quiconque mange.',
  'hand.count.dowels':
    'Dans le gâteau, sous la couverture, {n, plural, one {il y a un pilier} other {il y a # piliers}}{tiers, select, yes { : démontez les étages de haut en bas, avec le carton de chacun, et comptez les piliers en les sortant} other { : comptez ce que vous en sortez}}.',
  'hand.count.done': '{done} sur {n} sorties.',
  'hand.in-foam': 'tige dans la mousse',
  'hand.count.row': '{what}, {tier}, à {hour}',
  'hand.notfood.title': 'Ne se mange pas',
  'hand.notfood.wired': 'Toutes les fleurs, baies et feuilles : elles portent du fil et du ruban.',
  'hand.notfood.toppers-wired': 'Les fleurs de la plaque : elles contiennent du fil.',
  'hand.notfood.toppers': 'Tous les décors : ce sont des souvenirs.',
  'hand.notfood.paste': 'Tout ce qui est en pâte à modeler qui sèche à l’air : elle n’est pas faite pour être mangée.',
  'hand.notfood.plaque': 'La plaque sur laquelle les fleurs sont collées.',
  'hand.notfood.stakes': 'Piques et cure-dents : retirez-les tous, ils font des éclats.',
  'hand.notfood.dust':
    '{dust, select, unknown {La poudre des fleurs : on ne sait pas si elle est comestible.} other {La poudre des fleurs : elle n’est pas comestible.}}',
  'hand.notfood.dummy': '{tier} : mousse{covering, select, yes {} other {, sa couverture aussi}}. Ne le coupez pas.',
  'hand.notfood.separator': '{tier} : un séparateur, il ne fait que porter le suivant.',
  'hand.notfood.real': 'Plantes naturelles : elles peuvent être traitées ou impropres à la consommation.',
  'hand.food.title': 'Se mange',
  'hand.food.tier': '{tier}{covering, select, yes { avec sa couverture} other {, sans sa couverture}}.',
  'hand.food.none': 'Rien de ce gâteau.',
  'hand.food.plaque': 'La plaque, en pâte à sucre.',
  'hand.food.toppers':
    'Les décors se mangent{soft, select, yes {, aussi longtemps que le dit la personne qui l’a cuit} other { ; séchés, ils sont durs et sans plaisir}}.',
  'hand.allergens.title': 'Allergènes',
  'hand.allergens.row': '{allergen}, {from}.',
  'hand.allergens.us': 'Des neuf que nomment les États-Unis : {list}.',
  'hand.allergens.eu': 'Des quatorze que nomme l’Union européenne : {list}.',
  'hand.allergens.without': 'Déclaré : aucun de ceux de la liste {from}.',
  'hand.allergens.not-stated': 'Non déclaré, ce qu’il y a {from} : lisez les étiquettes, demandez à la personne qui l’a fait.',
  'hand.allergens.rest': 'Des autres, rien n’a été indiqué ; seule la personne qui l’a cuit peut dire qu’il n’y en a pas.',
  'hand.eaters.title': 'Qui mange',
  'hand.eaters.swallow':
    'Pour qui avale mal : le sucre sec est dur et se brise en éclats. Servez du gâteau dont toutes les fleurs sont sorties.',
  'hand.eaters.pregnant':
    'Pendant une grossesse : {egg, select, yes {du blanc d’œuf cru colle les fleurs, et la peinture} other {la peinture}} ou le glaçage peuvent contenir de l’alcool. Laissez les fleurs, et demandez s’il y a de l’œuf ou de l’alcool dans le gâteau.',
  'hand.eaters.allergic':
    'En cas d’allergie : montrez la liste ci-dessus avant que l’on mange{open, select, yes {. Elle n’est pas complète : ce qui n’est pas déclaré peut en contenir} other {}}.',
  'hand.children.buds': 'boutons de {flowers}',
  'hand.children.parts': 'Se détachent et sont assez petits pour être avalés : {list}.',
  'hand.children.keep':
    'Gardez fleurs, tubes et pailles hors de leur portée, et comptez tout avant que les enfants arrivent à table.',
  'hand.keep.title': 'Jusqu’à la coupe',
  'hand.keep.dry': 'Gardez-le au sec et à l’ombre.',
  'hand.keep.stands': 'La personne qui l’a cuit dit : hors du froid, {hours} h au plus.',
  'hand.keep.ask': 'Combien de temps il peut rester hors du froid, seule la personne qui l’a cuit peut le dire.',
  'hand.keep.chill':
    'Le gâteau doit rester au froid. L’humidité ramollit les fleurs en sucre et ternit leur couleur : sortez-le aussi tôt que le dit la personne qui l’a cuit, et ne touchez pas les fleurs tant qu’elles sont humides.',
  'hand.keep.room': 'Retirez les fleurs avant de le refroidir : l’humidité les ramollit et soulève leur couleur.',
  'hand.move.title': 'En route',
  'hand.move.flat':
    'À plat, sur le plancher de la voiture, pas sur un siège. Au frais, à l’ombre, sans coups de frein. Portez-le par son plateau.',
  'hand.after.title': 'Ensuite',
  'hand.after.wired':
    'Au sec et à l’abri de la lumière, dans une boîte qui respire, les fleurs peuvent durer des mois. Essuyez les miettes des gaines, ne lavez pas les fleurs.',
  'hand.after.keepsake':
    'Un souvenir, ne se mange pas : soulevez-le entier avant de couper, gardez-le au sec et à l’abri de la lumière.',
  'hand.client.title': 'Votre gâteau',
  'hand.client.for': 'Pour la table.',
  'hand.client.look': 'À regarder seulement',
  'hand.client.out':
    '{n, plural, =0 {Rien n’est à retirer.} one {Une chose sort avant la coupe ; l’autre feuille dit où.} other {# choses sortent avant la coupe ; l’autre feuille dit où.}}',
  'hand.stopped': 'Ne peut pas partir : {n, plural, one {1 stop} other {# stops}}. Ne le remettez pas encore.',
  'hand.usual': 'Précautions d’usage. Suivez les règles alimentaires de votre lieu ; rien ici ne dit qu’une règle est respectée.',
};
