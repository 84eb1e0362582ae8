import type { STUDIO as EN } from '../../en/screen/studio';

export const STUDIO: Readonly<Record<keyof typeof EN, string>> = {
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
  'studio.job-is-open': '« {name} » est ouvert{second, select, yes {, en seconde copie à côté de la vôtre} other {}}.',
  'studio.job-unreadable': 'Ce travail ne peut plus être lu ; les autres sont intacts.',
  'studio.new-job': 'Nouveau travail',
  'studio.no-plan': 'Le plan n’a pas pu se faire.',
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
    '{jobs, plural, one {Un travail est ramené} other {# travaux sont ramenés}}{stock, select, yes {, et la boîte} other {}}.',
  'studio.restored-name': '{name} (ramené)',
  'studio.tab-let-go': 'L’autre onglet a lâché ce travail : vous pouvez travailler ici.',
  'studio.taken-away':
    'Le navigateur a effacé ce qui était gardé ici. Le travail ouvert est encore sur cette page : enregistrez-le en fichier et ramenez les autres d’une sauvegarde.',
};
