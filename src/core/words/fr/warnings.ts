import type { Messages } from '../messages';

const TAPED_BY_RULE = 'Elle est attachée comme dit la règle ; choisissez une autre tige.';
const UNLIKE_NATURE = 'Dans la nature, elle ne pousse pas ainsi.';
const DRAWN_AS_FAR = 'Elle est dessinée aussi loin que le gâteau le permet et finit au pied.';

export const WARNINGS: Messages['warnings'] = {
  'cake.no-tier': {
    what: 'Le gâteau n’a pas encore d’étage',
    where: 'le gâteau',
    why: 'Il n’y a rien sur quoi poser.',
    remedy: 'Ajoutez un étage dans Commande.',
  },
  'cake.tier-wider': {
    what: '{TierThe} est plus large que celui du dessous : {widthMm} sur {belowMm}',
    where: 'le gâteau',
    why: 'Il dépasserait et pourrait basculer.',
    remedy: 'Faites-le plus étroit dans Commande, ou celui du dessous plus large.',
  },
  'cake.tier-overhangs': {
    what: '{TierThe} dépasse de {overMm} le bord de celui du dessous',
    where: 'le gâteau',
    why: 'Il dépasserait et pourrait basculer.',
    remedy: 'Recentrez-le sur celui du dessous, dans Commande.',
  },
  'cake.board-small': {
    what: 'Le plateau est plus petit que l’étage du bas : {boardMm} sous {tierMm}',
    where: 'le gâteau',
    why: 'Le gâteau ne peut pas être porté.',
    remedy: 'Choisissez un plus grand plateau dans Commande.',
  },
  'botany.fruit-with-flower': {
    what: '{FruitMany} à fruits mûrs à côté de {flowerMany} en fleur',
    where: 'mode botanique',
    why: 'Un fruit mûrit quand sa propre fleur est passée.',
    remedy: 'Prenez le fruit vert, ou une autre baie.',
  },
  'botany.out-of-season': {
    what: '{grows, select, fruit {{SpeciesThe} ne porte pas de fruits} leaf {{SpeciesThe} n’a pas de feuilles} other {{SpeciesThe} ne fleurit pas}} {season, select, winter {en hiver} spring {au printemps} summer {en été} other {en automne}}',
    where: 'mode botanique',
    why: UNLIKE_NATURE,
    remedy: 'Prenez une plante de cette saison, ou quittez le mode botanique.',
  },
  'botany.leaf-size': {
    what: '{LeafA} de {leafMm}, c’est {large, select, yes {grand} other {petit}} pour {flowerA} de {flowerMm}',
    where: 'mode botanique',
    why: UNLIKE_NATURE,
    remedy: 'Prenez une feuille plus {large, select, yes {petite} other {grande}}, comme il en pousse sous cette fleur.',
  },
  'botany.petal-count': {
    what: '{SpeciesThe} : {petals} pétales, l’emporte-pièce en donne {cut}',
    where: 'mode botanique',
    why: UNLIKE_NATURE,
    remedy: 'Prenez un emporte-pièce à {petals}, ou retirez ou ajoutez un pétale à la main.',
  },
  'compose.line-lost': {
    what: 'La ligne est sur un étage qui n’existe plus',
    where: 'la ligne',
    why: 'Ses pièces n’ont pas de place sur ce gâteau.',
    remedy: 'Choisissez une autre ligne dans Composer ; les pièces sont gardées.',
  },
  'compose.trail-long': {
    what: 'La retombée de {trailMm} est plus longue que la hauteur de cet étage',
    where: 'la ligne',
    why: DRAWN_AS_FAR,
    remedy: 'Raccourcissez-la, ou prenez une cascade.',
  },
  'compose.cascade-long': {
    what: 'La cascade de {lengthMm} est plus longue que les {roomMm} du gâteau',
    where: 'la ligne',
    why: DRAWN_AS_FAR,
    remedy: 'Raccourcissez-la.',
  },
  'compose.spray-high': {
    what: 'La gerbe mesure {spanMm} de haut en bas, plus que ce côté de {sideMm}',
    where: 'la ligne',
    why: 'Elle reste entre le pied et le bord.',
    remedy: 'Faites-la plus étroite, plus couchée ou plus courte.',
  },
  'compose.strewn-low': {
    what: 'Le semis descend de {downMm} sur le côté',
    why: 'Il arriverait sur le plateau.',
    remedy: 'Remontez son milieu ou rétrécissez-le.',
  },
  'compose.strewn-in': {
    what: 'Le semis rentre de {inMm} depuis le bord',
    why: 'Il y a {roomMm} : l’étage suivant s’y trouve, ou le milieu est dépassé.',
    remedy: 'Sortez son milieu ou rétrécissez-le.',
  },
  'compose.swags-low': {
    what: 'Les guirlandes pendent à {hangMm} sous le bord, plus que la hauteur de ce côté',
    where: 'la ligne',
    why: 'Elles sont dessinées aussi loin que le gâteau le permet et finissent au pied.',
    remedy: 'Suspendez-les plus haut.',
  },
  'compose.ring-under-tier': {
    what: 'La couronne passe sous l’étage du dessus',
    where: 'la ligne',
    why: 'Elle est dessinée le long du pied de cet étage.',
    remedy: 'Faites-la plus large.',
  },
  'compose.half-width': {
    what: 'Une demi-largeur de {widthMm} dépasse le rayon de l’étage',
    where: 'la ligne',
    why: 'La ligne passerait le bord.',
    remedy: 'Faites la ligne plus étroite.',
  },
  'compose.under-next-tier': {
    what: '{form, select, posy {Le bouquet est} cluster {Le groupe est} plaque {La plaque est} other {La pique est}} là où va l’étage suivant',
    where: 'la ligne',
    why: 'Il n’y a pas de place pour les deux.',
    remedy: 'Mettez cela sur l’étage du haut.',
  },
  'compose.near-edge': {
    what: '{form, select, posy {Le bouquet est plus large que son étage} cluster {Le groupe est trop près du bord} plaque {La plaque est trop près du bord} other {La pique est trop près du bord}}',
    where: 'la ligne',
    why: 'Le bord se casserait.',
    remedy: 'Rapprochez du milieu, ou faites plus étroit.',
  },
  'compose.head-wider-than-tier': {
    what: '{PieceA} de {widthMm} dépasse la largeur de son étage, {tierMm}',
    where: 'la ligne',
    why: 'L’étage disparaît dessous.',
    remedy: 'Prenez-en une plus petite, ou un étage plus large.',
  },
  'compose.overfull': {
    what: 'Les fleurs couvrent {times} fois ce que cette ligne peut recevoir',
    where: 'la ligne',
    why: 'Elles s’écraseraient.',
    remedy: 'Demandez-en moins, prenez-en de plus petites, ou faites la ligne plus large ou plus longue.',
  },
  'tape.joint-in-head': {
    what: 'L’attache {joint} tombe dans la tête : {head}',
    where: 'attache {joint}',
    why: 'Là où il y a une tête, on ne peut pas enrouler de ruban.',
    remedy: 'Déplacez l’attache le long de la tige, ou remontez la tête.',
  },
  'tape.stalk-short': {
    what: 'Le pied {pieceOf} mesure {stalkMm}',
    where: 'attache {joint}',
    why: 'C’est trop court pour le tenir en enrubannant.',
    remedy: 'Rapprochez son attache du tube, ou mettez la tête un peu plus haut.',
  },
  'tape.joints-close': {
    what: 'Les attaches {before} et {joint} sont à {apartMm}',
    where: 'attache {joint}',
    why: 'À moins de {leastMm} on ne peut pas les enrubanner séparément.',
    remedy: 'Déplacez un peu {pieceThe}.',
  },
  'tape.piece-gone': {
    what: 'Une attache est fixée pour une pièce absente',
    where: 'attaches fixées à la main',
    why: 'Il n’y a rien à attacher.',
    remedy: 'Laissez cette attache à la règle.',
  },
  'tape.no-room-on-stem': {
    what: 'Il n’y a plus de place sur la tige pour {pieceThe}',
    where: 'attaches fixées à la main',
    why: 'Les attaches sont à {leastMm} et finissent au tube.',
    remedy: 'Elle reste au talon.',
  },
  'tape.not-joined': {
    what: '{PieceThe} n’est pas attachée avec {leadThe}',
    where: 'attaches fixées à la main',
    why: 'Cette tige est sur un autre bras, ou tient déjà à une tige : elle se porterait elle-même, ou rien ne la porterait.',
    remedy: TAPED_BY_RULE,
  },
  'tape.lead-gone': {
    what: '{PieceThe} n’est pas attachée à une pièce absente',
    where: 'attaches fixées à la main',
    why: 'Cette tige n’existe pas.',
    remedy: TAPED_BY_RULE,
  },
  'wire.none-carries': {
    what: 'Aucun fil du commerce ne porte {pieceThe} sans appui',
    where: '{massGrams} à {freeMm}',
    why: 'Il plierait quand on la manie.',
    remedy: 'Posez-la plus près, prenez une tête plus petite, ou attachez une pique à la tige.',
  },
  'wire.thin': {
    what: '{gauge} est fin pour {pieceThe}',
    where: '{massGrams} à {freeMm}',
    why: 'Il plierait quand on la manie.',
    remedy: 'Prenez {wanted}, ou laissez la jauge à la règle.',
  },
  'wire.longer-than-stock': {
    what: 'Un fil de {lengthMm} est plus long qu’une longueur de {stockMm}',
    where: '{gauge}',
    why: 'Il ne sort pas d’une seule longueur.',
    remedy: 'Raccourcissez le bras, mettez un second tube, ou indiquez une longueur plus grande dans Commande.',
  },
  'place.head-in-cake': {
    what: '{PieceThe} entre de {deepMm} dans le gâteau',
    why: 'On ne peut pas la poser sans casser la pièce ou le gâteau.',
    remedy: 'Soulevez-la, ou tournez-la vers l’extérieur.',
  },
  'place.sprig-in-icing': {
    what: '{PieceThe} passe jusqu’à {deepMm} sous la couverture',
    why: 'Son pied est dégagé, mais pas toute sa longueur.',
    remedy: 'Levez-la, ou tournez-la vers l’extérieur, comme la main la plie.',
  },
  'place.wire-glued': {
    what: '{Pieces} sont faits sur fil et collés',
    why: 'Sur une plaque le fil ne sert à rien, prend du temps, et personne ne peut le manger.',
    remedy: 'Choisissez une façon sans fil, ou une sorte qui n’en a pas.',
  },
  'place.head-on-icing': {
    what: '{PieceThe} touche la couverture',
    why: '{material, select, realPlant {Une plante naturelle peut être traitée ou impropre à la consommation.} stamens {Ses étamines sont de fil ou de coton, impropres au contact alimentaire.} paste {Sa pâte n’est pas faite pour être mangée.} dustUnknown {On ne sait pas si sa poudre est comestible, elle compte comme ne l’étant pas.} other {Sa poudre n’est pas comestible.}} Cette couverture se mange.',
    remedy:
      '{canLift, select, yes {Soulevez-la} other {Déplacez-la}}, ou mettez dessous quelque chose d’apte au contact alimentaire{material, select, dustUnknown {, ou prenez une poudre comestible} dustNotEdible {, ou prenez une poudre comestible} other {}}.',
  },
  'place.no-room-for-both': {
    what: '{Pieces} se pressent de {pressMm} l’une dans l’autre',
    why: 'Il n’y a de place que pour l’une ; les pétales casseraient.',
    remedy: 'Écartez-en une, relevez-la, ou prenez-en une plus petite.',
  },
  'place.stem-through-head': {
    what: 'La tige de cette pièce traverse une tête de {deepMm} : {piece}, {head}',
    why: 'Un fil ne traverse pas une fleur ; il faut le plier pour qu’il passe à côté.',
    remedy: 'Pliez-le à la main pour qu’il passe à côté, ou déplacez l’une des deux.',
  },
  'place.underlaid': {
    what: 'Sous la tête {pieceOf} il y a quelque chose d’apte au contact alimentaire',
    why: 'La tête ne touche pas ce qui se mange.',
    remedy: 'Coupez-le un peu plus grand que la tête, posez-le d’abord et retirez-le avec la fleur.',
  },
  'place.stem-on-icing': {
    what: 'La tige {pieceOf} touche la couverture',
    why: 'Le fil et le ruban ne sont pas aptes au contact alimentaire.',
    remedy: 'Soulevez un peu la tête, ou tournez-la pour que la tige soit dégagée.',
  },
  'place.barrier-unsuited': {
    what: 'Là, {barrierThe} ne va pas',
    why: 'Choisie à la main, cette barrière ne va pas à la tige, ne la tient pas ou n’entre pas là.',
    remedy: 'La règle en a mis une autre ; choisissez encore, ou laissez faire la règle.',
  },
  'place.separator': {
    what: 'Un séparateur ne reçoit pas de tige',
    why: 'Il ne fait que porter l’étage du dessus ; rien n’y tiendrait une barrière.',
    remedy: 'Mettez la pièce sur un étage de gâteau ou de mousse.',
  },
  'place.stem-thick': {
    what: 'Une tige de {bundleMm} n’entre dans aucune barrière',
    why: 'Le fil et le ruban devraient toucher le gâteau.',
    remedy: 'Partagez le faisceau en deux.',
  },
  'place.not-held': {
    what: 'Aucune barrière ne tient cette tige ici',
    why: 'Le gâteau est trop bas ou trop étroit pour {massGrams}, ou un pilier gêne ; une tige lâche glisse vers ce qui se mange.',
    remedy: 'Mettez-la là où c’est plus profond, rendez cet étage factice, ou prenez une tête plus petite.',
  },
  'place.foam-thin': {
    what: '{Pieces} irait dans une mousse de {foamMm}',
    why: 'Il faut {wantMm} pour que cela tienne et finisse loin de ce qui est sous la mousse.',
    remedy: 'Prenez un étage factice plus haut, ou une fleur plus légère.',
  },
  'place.foam-crowded': {
    what: 'La tige {entry} est à {wallMm} de sa voisine dans la mousse',
    why: 'La mousse casse entre les deux, et toutes deux penchent.',
    remedy: 'Écartez-en un peu une, ou rubanez les deux en une seule tige.',
  },
  'place.neighbours-close': {
    what: 'Entre {barrierThe} {entry} et sa voisine il reste {wallMm} de gâteau',
    why: 'Le gâteau entre les deux peut s’émietter, et les deux pencheraient.',
    remedy: 'Déplacez un peu une pièce, ou réunissez les deux tiges dans une barrière.',
  },
  'place.many-holes': {
    what: '{barriers} barrières percent {share} du gâteau autour de {entry}',
    why: 'Tant de trous si près finissent en un seul (limite supposée).',
    remedy: 'Prenez des barrières plus fines, réunissez des tiges dans une, ou éloignez une pièce.',
  },
  'place.eaten-with-dust': {
    what: '{LineThe} peut être mangé avec sa poudre',
    where: 'il n’y a pas de fil',
    why: '{dust, select, unknown {On ne sait pas si sa poudre ou son vernis est comestible, il compte comme ne l’étant pas.} other {Sa poudre ou son vernis n’est pas comestible.}}',
    remedy:
      'N’employez que du comestible, ou marquez les fleurs comme souvenir dans Commande : la feuille dit alors de ne pas les manger.',
  },
  'place.rims-seen': {
    what: '{count, plural, one {On voit le bord de {entries}} other {On voit le bord de # barrières}}',
    where: '{count, plural, one {de {sides}} other {{entries}}}',
    why: 'Un bord de couleur vive détourne l’œil des fleurs.',
    remedy: 'Couvrez-les à la fin : une petite fleur, une feuille, une touche de glaçage.',
  },
  'place.in-together': {
    what: '{entries} entrent ensemble',
    where: 'l’ordre de pose',
    why: 'L’une gêne l’autre.',
    remedy: 'Tenez les deux, entrez-les à moitié, puis poussez l’une et l’autre.',
  },
  'place.tubes-to-plug': {
    what: '{count, plural, one {# paille} other {# pailles}} à boucher',
    where: 'avant de les piquer',
    why: 'Une paille ouverte laisse monter la mie jusqu’au fil.',
    remedy: 'Pincez le bout du bas, ou bouchez-le avec un peu de pâte molle.',
  },
  'place.no-barrier': {
    what: '{Pieces} entreraient dans le gâteau sans barrière',
    why: 'Le fil et le ruban ne sont pas aptes au contact alimentaire.',
    remedy: 'Rendez cet étage factice dans Commande, ou posez la composition tige à tige.',
  },
  'place.through-icing': {
    what: '{Pieces} traverseraient une couverture qui se sert',
    why: 'Le fil nu et le ruban touchent ce qui se mange.',
    remedy: 'Dites dans Commande que cette couverture ne se mange pas, ou mettez des barrières.',
  },
  'place.allergens-not-stated': {
    what: 'Quelqu’un à table a des allergies, et rien n’est déclaré de ce qu’il y a {cake, select, yes {dans le gâteau{flowers, select, yes { ni dans les fleurs} other {}}} other {dans les fleurs}}',
    where: 'les feuilles',
    why: 'Ce que personne n’a déclaré peut contenir n’importe quoi.',
    remedy:
      'Demandez à la personne qui l’a cuit, lisez les étiquettes et cochez-les dans la commande, sous fil, papier, colle et allergènes.',
  },
  'place.toothpicks': {
    what: '{count, plural, one {Un cure-dent à {entry}} other {# cure-dents}}',
    where: 'de jeunes enfants à table',
    why: 'Un cure-dent est court, pâle et passe inaperçu.',
    remedy: 'Mettez-y des pailles ou des tubes de couleur vive, ou comptez deux fois avant que quiconque mange.',
  },
  'days.damp-air': {
    what: 'Dans cet air la pâte peut ne pas sécher',
    where: '{humidity} d’humidité',
    why: 'Au-dessus de 75 % elle prend autant d’eau qu’elle en rend ; le plan compte trois fois le séchage.',
    remedy: 'Asséchez la pièce, ou prenez une armoire de séchage.',
  },
  'days.no-hours': {
    what: 'Aucun jour de la semaine n’a d’heures de travail',
    where: 'Commande',
    why: 'Rien ne peut se faire.',
    remedy: 'Indiquez au moins un soir.',
  },
  'days.no-maker': {
    what: 'Personne pour {skills}',
    where: 'Jours, qui travaille',
    why: 'Il y a du travail que personne ne peut faire.',
    remedy: 'Confiez-le à quelqu’un.',
  },
  'days.no-place': {
    what: '{tasks, plural, one {# tâche ne trouve} other {# tâches ne trouvent}} pas de place',
    where: 'Jours',
    why: 'Aucune séance n’est assez longue, ou il n’y a pas où sécher.',
    remedy: 'Donnez plus d’heures, ou plus de place pour sécher.',
  },
  'days.cake-not-ready': {
    what: 'Les fleurs iraient dessus avant que le gâteau soit prêt',
    where: 'le gâteau est ferme et sorti du froid le {readyAt}',
    why: 'Sur un gâteau mou, ou froid et humide, rien ne tient et la pâte transpire.',
    remedy: 'Faites-le partir plus tard, ou ayez le gâteau prêt plus tôt.',
  },
  'days.not-dry': {
    what: 'Quelque chose sert avant d’être sec',
    where: '{task}',
    why: 'Ce qui est fait n’est pas sec quand vient l’étape suivante.',
    remedy: 'Faites-le partir plus tard, ou séchez plus vite.',
  },
  'days.late': {
    what: 'Ce n’est pas fini au départ',
    where: 'fini le {doneAt}',
    why: 'Commencé si tard, le travail n’y entre pas.',
    remedy: 'Commencez plus tôt, ou voyez ce qui le ferait entrer.',
  },
  'days.paste-waits': {
    what: 'La pâte mélangée attend {days, plural, one {# jour} other {# jours}}',
    where: '{from}',
    why: 'Emballée, elle se travaille bien environ {keepsDays, plural, one {# jour} other {# jours}}.',
    remedy: 'Mélangez ce qui sert en dernier plus près de son jour.',
  },
};
