/** What the studio itself says: its steps as they are undone, and what it tells at the top of the page. */
export const STUDIO = {
  'studio.beside-name': '{name} (from this tab)',
  'studio.cleared-since':
    'There were jobs in this browser, and it has cleared them since: restore them from a backup or from their files. What is here now are the examples.',
  'studio.copy-of': '{name}, copy',
  'studio.deleted-elsewhere':
    'This job was deleted in another tab. It is still open in this one: store it again, or save it as a file.',
  'studio.do-cut-from-ends': 'cut from ends in the tin',
  'studio.do-earlier-version': 'back to an earlier version',
  'studio.do-finish-it': 'finish it',
  'studio.do-keep-best': 'keep the best so far',
  'studio.do-keep-proposal': 'keep the proposal',
  'studio.do-put-away': 'put away',
  'studio.do-re-balance': 're-balance',
  'studio.do-take-from-tin': 'take from the tin',
  'studio.do-wires-cut': 'wires cut',
  'studio.held': 'An older Ofrenda in another tab holds the jobs. Close that tab: they open here by themselves.',
  'studio.job-is-open': '“{name}” is open{second, select, yes {, as a second copy beside the one you have} other {}}.',
  'studio.job-unreadable': 'That job cannot be read any more; the others are untouched.',
  'studio.new-job': 'New job',
  'studio.newer-elsewhere':
    'A newer Ofrenda in another tab has taken over what is stored here. Save the job as a file if it was changed since, and load this page anew.',
  'studio.no-plan': 'The plan could not be made.',
  'studio.kept-beside':
    'Newer work on “{name}” was stored by another tab. It stays as it is there; what you did here is kept beside it as “{own}”.',
  'studio.not-kept':
    '{what, select, job {The job} photograph {The photograph} stock {The tin and the ends of wire} packet {The packet} other {This setting}} could not be stored{full, select, yes {: there is no room left in this browser. Remove deleted jobs for good under Jobs, or save jobs as files and delete them} other {}}.',
  'studio.plan-stopped':
    'What works out the plan stopped unexpectedly and is started anew with the next change; nothing is lost.',
  'studio.no-room':
    'There is no room left in this browser: the last changes are only in this page. Save the job as a file now, then make room.',
  'studio.not-stored':
    'This browser could not store the job: the last changes are only in this page. Save it as a file now so that nothing is lost.',
  'studio.only-look':
    'This job is open in another tab, which may change it; here you can only look. Close it there to work here.',
  'studio.packet-open': 'The packet of “{job}” for {helper} is open under Helper.',
  'studio.packet-open-already': 'The packet for {helper} is open already, with what was done in it.',
  'studio.restored':
    '{jobs, plural, =0 {Nothing was restored} one {One job was restored} other {# jobs were restored}}{there, plural, =0 {} one {, one was here already} other {, # were here already}}{stock, select, yes {, and the tin} other {}}.',
  'studio.restored-name': '{name} (restored)',
  'studio.storage-shut':
    'The browser shut its storage, as it does when the disk is full: the last changes are only in this page. Save the job as a file now, make room, then store it again.',
  'studio.tab-let-go': 'The other tab let go of this job: you can work here now.',
  'studio.taken-away':
    'The browser cleared what was stored here. The job that is open is still in this page: save it as a file, and restore the others from a backup.',
} as const;
