import type { StationId } from './stations';

/** Why each station works as it does, in the words of the bench; shown beside it when it is asked for. */
export const HELP: Record<StationId | 'jobs', { why: string; lines: readonly string[] }> = {
  brief: {
    why: 'Measure the cake and fix the hour first: every wire, depth and day is counted from them.',
    lines: [
      'Give tiers as they stand iced, not as the tins are called: a straw’s length is measured into the cake you have.',
      'The hour it leaves sets the last hour of drying. Count back from it, never on from today.',
      'A covering that is not eaten, or a dummy, changes what may touch it: say so here and Place follows.',
      'Suggested counts come from the line’s length and the heads’ size; change any of them and the others stay.',
    ],
  },
  compose: {
    why: 'A spray holds the eye when one place leads, sizes fall away from it, and nothing competes.',
    lines: [
      'Set the focal flower a third of the way, not in the middle; the rest answers it.',
      'Buds and fine leaves belong at the tips, where a full flower would weigh the line down.',
      'A bubble off its marks says which way it leans; the key beside it mends the one thing that helps most.',
      'Pull a piece along the cake, or take lean, spin and lift by their grips. A pinned piece stays when the composer moves the others.',
    ],
  },
  make: {
    why: 'Petals break and paste dries in its own time: make the slow and the fragile first, with spares.',
    lines: [
      'Spares follow from how many of a kind break; your own log replaces the starting values as you write.',
      'Colour all paste of one shade in one go: a second batch never matches.',
      'What the tin holds is taken off what is to make; what is left over goes back when the job is put away.',
    ],
  },
  wire: {
    why: 'The wire carries the head: as thin as it can be without nodding, and long enough to be taped and to enter.',
    lines: [
      'A wire is the sum of hook, stalk, joint and what goes on down; beside each stands where it comes from.',
      'Tape from the tip to the heel, light before heavy; a joint that sits too near the last makes a lump.',
      'Cut the long lengths first. Ends that still wire a small flower go into the tin.',
    ],
  },
  place: {
    why: 'Nothing that was not made for food may touch what is eaten: wire and tape stand in a barrier, always.',
    lines: [
      'A straw or pick is chosen by the bundle’s thickness: it must go in, and must not wobble.',
      'A stop is never argued away. Lift it, lay something made for food under it, or make the tier a dummy.',
      'Push a spare straw into the crumb before you trust the depth: what does not hold there holds nowhere.',
      'Food rules of your place and your customer come before anything this bench says.',
    ],
  },
  days: {
    why: 'Work ends where drying begins; the last day is for placing, not for making.',
    lines: [
      'Each block is one sitting of one kind. Draw it to another day, and see what it moves.',
      'Humid air dries slowly: what the room was like goes into the hours.',
      'Where it does not fit, what would make it fit was tried before it is offered.',
    ],
  },
  log: {
    why: 'Nobody’s hands are the book’s: what you write down becomes your own minutes, breakage and drying.',
    lines: [
      'Count when a tray is full, not at the end of the day; broken ones too.',
      'An entry is never changed: a correction stands beside it, and the sum follows.',
      'A figure says how sure it is: three trays are a hint, ten are yours.',
    ],
  },
  'hand-over': {
    why: 'Whoever cuts has never seen how it was built: what goes in is numbered, and the same number comes out.',
    lines: [
      'One sheet for the person with the knife, one for the table. Tape the first to the lid of the box.',
      'Name what is not food before what is. Allergens of glue, glaze and paste stand on both.',
      'Count out loud when the pieces come out; a missing one is in the cake.',
    ],
  },
  jobs: {
    why: 'Jobs live in this browser and in the files you save: two places are better than one.',
    lines: [
      'Back up the whole studio now and then, and keep the file on another device.',
      'A file can be dragged in anywhere. A second copy stands beside the one you have.',
    ],
  },
};
