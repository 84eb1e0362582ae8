import type { STUDIO as EN } from '../../en/screen/studio';

export const STUDIO: Readonly<Record<keyof typeof EN, string>> = {
  'studio.beside-name': '{name} (de cet onglet)',
  'studio.cleared-since':
    'Ce navigateur avait des travaux et les a effacés : ramenez-les d’une sauvegarde ou de leurs fichiers. Ceux d’à présent sont les exemples.',
  'studio.copy-of': '{name}, copie',
  'studio.deleted-elsewhere':
    'Ce travail a été supprimé dans un autre onglet. Il est encore ouvert ici : enregistrez-le de nouveau ou en fichier.',
  'studio.do-cut-from-ends': 'couper dans les chutes de la boîte',
  'studio.do-earlier-version': 'revenir à une version antérieure',
  'studio.do-finish-it': 'finir',
  'studio.do-keep-best': 'garder le meilleur jusqu’ici',
  'studio.do-keep-proposal': 'garder la proposition',
  'studio.do-put-away': 'ranger ce qui reste',
  'studio.do-re-balance': 'rééquilibrer',
  'studio.do-take-from-tin': 'prendre dans la boîte',
  'studio.do-wires-cut': 'fils coupés',
  'studio.held':
    'Un Ofrenda plus ancien dans un autre onglet tient les travaux. Fermez cet onglet : ils s’ouvriront ici d’eux-mêmes.',
  'studio.job-is-open': '« {name} » est ouvert{second, select, yes {, en seconde copie à côté de la vôtre} other {}}.',
  'studio.job-unreadable': 'Ce travail ne peut plus être lu ; les autres sont intacts.',
  'studio.new-job': 'Nouveau travail',
  'studio.newer-elsewhere':
    'Un Ofrenda plus récent dans un autre onglet a repris ce qui est enregistré ici. Enregistrez le travail en fichier s’il a changé depuis, et rechargez cette page.',
  'studio.no-plan': 'Le plan n’a pas pu se faire.',
  'studio.kept-beside':
    'Un autre onglet a enregistré un travail plus récent sur « {name} ». Il reste comme il est là-bas ; ce que vous avez fait ici est gardé à côté sous « {own} ».',
  'studio.not-kept':
    '{what, select, job {Le travail n’a pas pu être enregistré} photograph {La photo n’a pas pu être enregistrée} stock {La boîte et les bouts de fil n’ont pas pu être enregistrés} packet {Le paquet n’a pas pu être enregistré} other {Ce réglage n’a pas pu être enregistré}}{full, select, yes {\u00a0: il n’y a plus de place dans ce navigateur. Retirez pour de bon des travaux supprimés sous Travaux, ou enregistrez des travaux en fichiers et supprimez-les} other {}}.',
  'studio.plan-stopped':
    'Ce qui calcule le plan s’est arrêté de façon imprévue et repart au prochain changement ; rien n’est perdu.',
  'studio.no-room':
    'Il n’y a plus de place dans ce navigateur : les derniers changements ne sont que sur cette page. Enregistrez le travail en fichier, puis faites de la place.',
  'studio.not-stored':
    'Ce navigateur n’a pas pu garder le travail : les derniers changements ne sont que sur cette page. Enregistrez-le en fichier pour ne rien perdre.',
  'studio.only-look':
    'Ce travail est ouvert dans un autre onglet, qui peut le changer ; ici vous pouvez seulement regarder. Fermez-le là-bas pour travailler ici.',
  'studio.packet-open': 'Le paquet de « {job} » pour {helper} est ouvert dans Aide.',
  'studio.packet-open-already': 'Le paquet pour {helper} est déjà ouvert, avec ce qui y a été fait.',
  'studio.restored':
    '{jobs, plural, =0 {Rien n’est ramené} one {Un travail est ramené} other {# travaux sont ramenés}}{there, plural, =0 {} one {, un était déjà ici} other {, # étaient déjà ici}}{stock, select, yes {, et la boîte} other {}}.',
  'studio.restored-name': '{name} (ramené)',
  'studio.storage-shut':
    'Le navigateur a fermé son espace de stockage, comme il le fait quand le disque est plein : les derniers changements ne sont que sur cette page. Enregistrez le travail en fichier, faites de la place, puis gardez-le de nouveau.',
  'studio.tab-let-go': 'L’autre onglet a lâché ce travail : vous pouvez travailler ici.',
  'studio.taken-away':
    'Le navigateur a effacé ce qui était gardé ici. Le travail ouvert est encore sur cette page : enregistrez-le en fichier et ramenez les autres d’une sauvegarde.',
};
