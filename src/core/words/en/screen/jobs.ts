export const JOBS = {
  'jobs.a-packet-open': 'A packet is open: {job}, for {helper}.',
  'jobs.back-up-everything': 'Back up everything',
  'jobs.backup': 'Backup',
  'jobs.backup-whole-studio': 'Backup of the whole studio',
  'jobs.bring-back': 'Bring back {format}',
  'jobs.bring-back-2': 'Bring back',
  'jobs.copy': 'Copy {j}',
  'jobs.copy-2': 'Copy',
  'jobs.delete': 'Delete {j}',
  'jobs.earlier-versions': 'Earlier versions',
  'jobs.earlier-versions-of': 'Earlier versions of “{name}”',
  'jobs.helpers-bench': 'Helper’s bench',
  'jobs.is-no-job-packet-or':
    '“{file}” is no job, packet or backup ({projectEnding}, {backupEnding}). Tables are read in at their place: species and prices in Make, the tin there too.',
  'jobs.jobs-live-this-browser-files':
    'Jobs are kept in this browser and in the files you export. Nothing is sent anywhere.{kept, select, yes { This browser may clear them when it runs short of room: back up now and then.} other {}}',
  'jobs.jobs-not-here-yet-just':
    '{added, plural, one {# job is} other {# jobs are}} not here yet, {same} as here, {other} different: those come in beside yours, nothing is overwritten.',
  'jobs.made': 'Made {format}.',
  'jobs.none-yet-one-kept-every':
    'None yet: one is kept when you begin, before large changes and every ten minutes while you work, the latest thirty.',
  'jobs.open': 'Open {j}',
  'jobs.open-a-file': 'Open a file',
  'jobs.pieces': '{leaves}, {pieces, plural, one {# piece} other {# pieces}}',
  'jobs.pieces-tiers-made':
    '{pieces, plural, one {# piece} other {# pieces}}, {tiers, plural, one {# tier} other {# tiers}}, {made} made',
  'jobs.put-tin-ends-wire-back':
    'Put the tin and the ends of wire back as they were then ({tin, plural, one {# row} other {# rows}}); this replaces those of now',
  'jobs.restore': 'Restore',
  'jobs.restore-a-backup': 'Restore a backup',
  'jobs.saved-into': 'Saved into {name}.',
  'jobs.the-cake-as-3d-model': 'The cake as a 3D model',
  'jobs.the-cake-could-not-written': 'The cake could not be written as a model.',
  'jobs.the-shelf-is-empty': 'The shelf is empty.',
  'jobs.with-its-photographs': 'with its {photos, plural, one {# photograph} other {# photographs}}',
  'jobs.backup-file': 'Backup: file',
  'jobs.job-file': 'Job file',
} as const;
