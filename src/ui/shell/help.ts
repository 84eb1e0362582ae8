import type { PlainKey } from '@/core/words/words';
import type { StationId } from './stations';

/** Why each station works as it does, in the words of the bench; shown beside it when it is asked for. */
export const HELP: Record<StationId | 'jobs', { why: PlainKey; lines: readonly PlainKey[] }> = {
  brief: {
    why: 'shell.measure-cake-fix-hour-first',
    lines: [
      'shell.give-tiers-as-they-stand',
      'shell.the-hour-leaves-sets-last',
      'shell.a-covering-not-eaten-or',
      'shell.suggested-counts-come-from-lines',
    ],
  },
  compose: {
    why: 'shell.a-spray-holds-eye-when',
    lines: [
      'shell.set-focal-flower-third-way',
      'shell.buds-fine-leaves-belong-at',
      'shell.a-bubble-off-marks-says',
      'shell.pull-piece-along-cake-or',
    ],
  },
  make: {
    why: 'shell.petals-break-paste-dries-own',
    lines: ['shell.spares-follow-from-how-many', 'shell.colour-all-paste-one-shade', 'shell.what-tin-holds-taken-off'],
  },
  wire: {
    why: 'shell.the-wire-carries-head-as',
    lines: ['shell.a-wire-sum-hook-stalk', 'shell.tape-from-tip-heel-light', 'shell.cut-long-lengths-first-ends'],
  },
  place: {
    why: 'shell.nothing-was-not-made-food',
    lines: [
      'shell.a-straw-or-pick-chosen',
      'shell.a-stop-never-argued-away',
      'shell.push-spare-straw-into-crumb',
      'shell.food-rules-your-place-your',
    ],
  },
  days: {
    why: 'shell.work-ends-where-drying-begins',
    lines: ['shell.each-block-one-sitting-one', 'shell.humid-air-dries-slowly-what', 'shell.where-does-not-fit-what'],
  },
  log: {
    why: 'shell.nobodys-hands-books-what-you',
    lines: ['shell.count-when-tray-full-not', 'shell.an-entry-never-changed-correction', 'shell.a-figure-says-how-sure'],
  },
  'hand-over': {
    why: 'shell.whoever-cuts-has-never-seen',
    lines: ['shell.one-sheet-person-with-knife', 'shell.name-what-not-food-before', 'shell.count-out-loud-when-pieces'],
  },
  jobs: {
    why: 'shell.jobs-live-this-browser-files',
    lines: ['shell.back-up-whole-studio-now', 'shell.a-file-can-dragged-anywhere'],
  },
};
