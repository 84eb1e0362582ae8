import type { JOBS as EN } from '../../en/screen/jobs';

export const JOBS: Readonly<Record<keyof typeof EN, string>> = {
  'jobs.a-packet-open': 'Un paquet est ouvert : {job}, pour {helper}.',
  'jobs.back-up-everything': 'Tout sauvegarder',
  'jobs.backup': 'Sauvegarde',
  'jobs.backup-whole-studio': 'Sauvegarde de tout l’atelier',
  'jobs.bring-back': 'Ramener {format}',
  'jobs.bring-back-2': 'Ramener',
  'jobs.bring-back-named': 'Ramener {name}',
  'jobs.copy': 'Copier {j}',
  'jobs.copy-2': 'Copier',
  'jobs.delete': 'Supprimer {j}',
  'jobs.deleted-title': 'Travaux supprimés',
  'jobs.deleted-when': 'supprimé {when}, prend {megabytes} Mo',
  'jobs.earlier-versions': 'Versions antérieures',
  'jobs.earlier-versions-of': 'Versions antérieures de « {name} »',
  'jobs.helpers-bench': 'Table de l’aide',
  'jobs.is-no-job-packet-or':
    '« {file} » n’est ni un travail, ni un paquet, ni une sauvegarde ({projectEnding}, {backupEnding}). Les tableaux se lisent à leur place : espèces et prix dans Modeler, la boîte aussi.',
  'jobs.jobs-live-this-browser-files':
    'Les travaux restent dans ce navigateur et dans les fichiers que vous exportez. Rien n’est envoyé.{kept, select, yes { Ce navigateur peut les effacer quand il manque de place : faites une sauvegarde de temps en temps.} other {}}',
  'jobs.jobs-not-here-yet-just':
    '{added, plural, one {# travail n’est pas ici} other {# travaux ne sont pas ici}}, {same} sont comme ici, {other} diffèrent : ils viennent à côté des vôtres, rien n’est écrasé.',
  'jobs.made': 'Faite {format}.',
  'jobs.none-deleted': 'Aucun. Les vingt dernières suppressions peuvent être reprises ici.',
  'jobs.none-yet-one-kept-every':
    'Aucune encore : une version est gardée quand on commence, avant chaque grand changement et toutes les dix minutes de travail, les trente dernières.',
  'jobs.open': 'Ouvrir {j}',
  'jobs.open-a-file': 'Ouvrir un fichier',
  'jobs.pieces': '{leaves}, {pieces, plural, one {# pièce} other {# pièces}}',
  'jobs.pieces-tiers-made':
    '{pieces, plural, one {# pièce} other {# pièces}}, {tiers, plural, one {# étage} other {# étages}}, {made} faites',
  'jobs.put-tin-ends-wire-back':
    '{tin, plural, one {Remettre la boîte et les chutes de fil comme elles étaient (1 ligne) ; cela remplace celles d’à présent} other {Remettre la boîte et les chutes de fil comme elles étaient (# lignes) ; cela remplace celles d’à présent}}',
  'jobs.remove-for-good': 'Retirer pour de bon',
  'jobs.remove-for-good-named': 'Retirer {name} pour de bon',
  'jobs.restore': 'Restaurer',
  'jobs.restore-a-backup': 'Restaurer une sauvegarde',
  'jobs.saved-into': 'Enregistré dans {name}.',
  'jobs.the-cake-as-3d-model': 'Le gâteau en modèle 3D',
  'jobs.the-cake-could-not-written': 'Le gâteau n’a pas pu être écrit comme modèle.',
  'jobs.the-shelf-is-empty': 'L’étagère est vide.',
  'jobs.with-its-photographs': '{photos, plural, one {avec sa photographie} other {avec ses # photographies}}',
  'jobs.backup-file': 'Sauvegarde : fichier',
  'jobs.job-file': 'Fichier de travail',
};
