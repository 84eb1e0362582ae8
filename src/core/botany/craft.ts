/** What lies ready for a method, in which order its pieces are dusted, and what a good one looks like. */
export interface Craft {
  tools: string[];
  dusting: string[];
  checks: string[];
}

const HOOKED = 'wire, hooked';
const BALL_TOOL = 'ball tool';
const PAD = 'soft pad';
const GLUE = 'edible glue, fine brush';
const CUTTER_EDGES = 'Cutter edges are clean: no chips in the edge, nothing torn.';
const NO_WIRE = 'No wire shows through a petal or comes out of its top.';
const PETAL_DUST = [
  'deep at the centre, from the base outward',
  'paler to the edge, front and back',
  'a trace of red at tips and base, last of all',
];
const LEAF_DUST = [
  'green from the base to the tip, margin left free',
  'vein and back, lighter',
  'margin in its own colour, last of all',
];
const THIN_EDGES = 'Edges are thin enough to see light through, the middle is not.';

/** trade.md P2, P5–P8, M1–M14 in the product's words (common practice, no source). */
const CRAFT: Readonly<Record<string, Craft>> = {
  layered: {
    tools: ['rose or ring cutters', HOOKED, PAD, BALL_TOOL, GLUE, 'foam or rack to hang'],
    dusting: PETAL_DUST,
    checks: [
      'The centre is dry right through before petals go on.',
      CUTTER_EDGES,
      THIN_EDGES,
      'Each ring covers the gaps of the last.',
      NO_WIRE,
    ],
  },
  'wired petals': {
    tools: ['petal cutters', 'veiner', 'wire for each petal', 'grooved board', BALL_TOOL, 'cupped formers', GLUE],
    dusting: PETAL_DUST,
    checks: [
      NO_WIRE,
      'Wire holds two thirds up the petal.',
      CUTTER_EDGES,
      'Some are dried face down, so that no two are alike.',
      'Taped petals sit in the gaps of the ring before.',
    ],
  },
  'wired petals small': {
    tools: ['small petal cutters', HOOKED, 'frilling tool', PAD, GLUE],
    dusting: PETAL_DUST,
    checks: ['The keel is dry before it is dressed.', THIN_EDGES, 'Wings lie open, the standard stands behind them.'],
  },
  'one piece': {
    tools: ['daisy-like cutter', 'veiner', 'centre mould', HOOKED, 'cups', GLUE],
    dusting: ['centre first, darker at its rim', ...PETAL_DUST.slice(0, 2)],
    checks: [
      CUTTER_EDGES,
      'Layers are offset: no petal lies on another.',
      'The centre sits in the middle and holds when shaken.',
    ],
  },
  pulled: {
    tools: ['pointed tool', 'fine scissors', HOOKED, 'a little fat for the fingers'],
    dusting: ['throat deep, fading outward', 'tips, lightly'],
    checks: [
      'Petals are of one size: a lopsided floret comes from a hole off centre; discard it or use it at the back.',
      'Cuts go half way down: joined petals are cut again.',
      'The neck is thinned onto the wire, no lump under the floret.',
    ],
  },
  'pulled cluster': {
    tools: ['pointed tool', 'fine scissors', 'fine wire, hooked', 'carrier wire', 'tape, half width'],
    dusting: ['open florets deepest at the throat', 'buds greener toward the tip', 'stalk green, then brown where woody'],
    checks: [
      'Bud, opening and open follow each other down the stem without a jump.',
      'Florets sit round it, not in rows.',
      'Off-centre florets go to the back.',
    ],
  },
  scrunched: {
    tools: ['small round cutter', 'frilling tool', 'fine wire, hooked'],
    dusting: ['a breath of colour at the middle', 'stems painted'],
    checks: ['Rounds are thin to the edge and gathered, not crushed.', 'The hook holds when pulled.'],
  },
  'domed cluster': {
    tools: ['pointed tool', 'short fine wires', 'skewer', 'soft paste for the base'],
    dusting: ['open florets from the middle out', 'buds greener', 'the dome’s shadow side deeper'],
    checks: [
      'The base has set 5–10 min: firm, still soft inside.',
      'No base shows between the florets.',
      'Buds in the middle, open ones round them.',
    ],
  },
  berry: {
    tools: [HOOKED, 'star calyx cutter', 'glaze, brush'],
    dusting: ['unripe side first, pale', 'ripe side deeper, no two alike', 'glaze once it is dry; again when it is taped'],
    checks: ['Balls are smooth, without seam or crack.', 'The hook does not show.', 'Sizes and ripeness differ within a sprig.'],
  },
  'covered berry': {
    tools: [HOOKED, 'star calyx cutter', GLUE, 'glaze, brush'],
    dusting: ['unripe ones green and red', 'ripe ones deep, into every gap', 'glaze last'],
    checks: [
      'Cores are firm before they are covered.',
      'Tiny balls of about 2 mm lie close, the core does not show.',
      'The calyx goes on after half an hour, turned back.',
    ],
  },
  'wired leaf': {
    tools: ['leaf cutters', 'veiner', 'grooved board', PAD, BALL_TOOL, 'crumpled paper or former', GLUE],
    dusting: LEAF_DUST,
    checks: ['Wire holds two thirds up and does not show on the face.', CUTTER_EDGES, THIN_EDGES, 'No two are bent alike.'],
  },
  'glued leaf': {
    tools: ['fine scissors or cutter', 'carrier wire', GLUE],
    dusting: ['base to tip', 'carrier green, then brown over it where woody'],
    checks: ['Every leaf holds when the stem is tapped.', 'Leaves grow smaller to the tip.', 'No glue shines.'],
  },
  'rolled rosette': {
    tools: ['strip cutter or knife', 'rolling pin', GLUE],
    dusting: ['deep into the middle', 'edges pale'],
    checks: [
      'The middle is tight, the outer turn open.',
      'Its base is trimmed flat, so that it sits.',
      'About 6 mm across from a strip of 6 × 50–63 mm where it is a mini.',
    ],
  },
  'cupped flower': {
    tools: ['round cutters', 'powdered cups', BALL_TOOL, GLUE],
    dusting: PETAL_DUST.slice(0, 2),
    checks: ['Petals overlap all round, the last under the first.', 'It leaves the cup without sticking.'],
  },
  'hand-wrapped': {
    tools: ['rolling pin', 'knife', GLUE],
    dusting: PETAL_DUST.slice(0, 2),
    checks: [
      'Each petal is thinned along one half only.',
      'Each opens a little more than the one before.',
      'Firm after a day or two; then it is no longer pleasant to eat.',
    ],
  },
  'snipped pompon': {
    tools: ['fine scissors', 'twisted wire', 'thin disc cutter'],
    dusting: ['tips only'],
    checks: [
      'Rows run from base to tip, each in the gaps of the last.',
      'The core’s colour shows where it is cut, nowhere else.',
    ],
  },
  'paper leaf': {
    tools: ['wafer paper', 'starch', 'edible paint', 'scissors', 'egg-white glue', 'kinked wire'],
    dusting: ['the wire, not the leaf'],
    checks: [
      'Folded paper opens without sticking before anything is cut.',
      'Gaps are all different.',
      'Egg white is an allergen: it is on the sheet.',
    ],
  },
  'two-faced leaf': {
    tools: ['leaf template or knife', 'veiner', 'grooved board', GLUE, 'crumpled paper'],
    dusting: LEAF_DUST,
    checks: ['Both faces are even, the join does not show at the edge.', 'Wire holds two thirds up.', THIN_EDGES],
  },
};

/** Empty for a method that is not among those that ship. */
export const craftOf = (methodId: string): Craft => CRAFT[methodId] ?? { tools: [], dusting: [], checks: [] };
