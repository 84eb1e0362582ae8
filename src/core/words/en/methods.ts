import type { MethodWords } from '../messages';

/** Methods of making, as they are called, and what lies ready for each; by id. */
export const METHODS: MethodWords = {
  layered: {
    name: 'Layered on a dry centre',
    steps: {
      centre: 'Hook the wire into a cone, let it dry',
      petals: 'Cut rings, thin each edge, wrap ring by ring',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
    },
    drying: {
      centre: 'centres',
      petals: 'hang overnight',
      steam: 'dry again before boxing',
    },
    tools: ['rose or ring cutters', 'wire, hooked', 'soft pad', 'ball tool', 'edible glue, fine brush', 'foam or rack to hang'],
    dusting: [
      'deep at the centre, from the base outward',
      'paler to the edge, front and back',
      'a trace of red at tips and base, last of all',
    ],
    checks: [
      'The centre is dry right through before petals go on.',
      'Cutter edges are clean: no chips in the edge, nothing torn.',
      'Edges are thin enough to see light through, the middle is not.',
      'Each ring covers the gaps of the last.',
      'No wire shows through a petal or comes out of its top.',
    ],
  },
  'wired petals': {
    name: 'Petals wired one by one',
    steps: {
      centre: 'Centre on thick wire, let it dry',
      petals: 'Cut, wire, thin and vein each petal',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
      assemble: 'Tape petals ring by ring, in the gaps',
    },
    drying: {
      centre: 'centres',
      petals: 'in formers overnight',
      steam: 'dry again before boxing',
    },
    tools: [
      'petal cutters',
      'veiner',
      'wire for each petal',
      'grooved board',
      'ball tool',
      'cupped formers',
      'edible glue, fine brush',
    ],
    dusting: [
      'deep at the centre, from the base outward',
      'paler to the edge, front and back',
      'a trace of red at tips and base, last of all',
    ],
    checks: [
      'No wire shows through a petal or comes out of its top.',
      'Wire holds two thirds up the petal.',
      'Cutter edges are clean: no chips in the edge, nothing torn.',
      'Some are dried face down, so that no two are alike.',
      'Taped petals sit in the gaps of the ring before.',
    ],
  },
  'wired petals small': {
    name: 'Small flower, petal by petal',
    steps: {
      centre: 'Hooked wire into a small keel',
      petals: 'Wings and standard, frilled and set round it',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
    },
    drying: {
      centre: 'keels',
      petals: 'hang overnight',
      steam: 'dry again before boxing',
    },
    tools: ['small petal cutters', 'wire, hooked', 'frilling tool', 'soft pad', 'edible glue, fine brush'],
    dusting: [
      'deep at the centre, from the base outward',
      'paler to the edge, front and back',
      'a trace of red at tips and base, last of all',
    ],
    checks: [
      'The keel is dry before it is dressed.',
      'Edges are thin enough to see light through, the middle is not.',
      'Wings lie open, the standard stands behind them.',
    ],
  },
  'one piece': {
    name: 'Cut in one piece',
    steps: {
      petals: 'Cut, soften, vein; centre pressed and glued',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
    },
    drying: {
      petals: 'in cups overnight',
      steam: 'dry again before boxing',
    },
    tools: ['daisy-like cutter', 'veiner', 'centre mould', 'wire, hooked', 'cups', 'edible glue, fine brush'],
    dusting: [
      'centre first, darker at its rim',
      'deep at the centre, from the base outward',
      'paler to the edge, front and back',
    ],
    checks: [
      'Cutter edges are clean: no chips in the edge, nothing torn.',
      'Layers are offset: no petal lies on another.',
      'The centre sits in the middle and holds when shaken.',
    ],
  },
  pulled: {
    name: 'Pulled by hand',
    steps: {
      petals: 'Cone, open, snip, flatten, wire through the centre',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
    },
    drying: {
      petals: 'hang overnight',
      steam: 'dry again before boxing',
    },
    tools: ['pointed tool', 'fine scissors', 'wire, hooked', 'a little fat for the fingers'],
    dusting: ['throat deep, fading outward', 'tips, lightly'],
    checks: [
      'Petals are of one size: a lopsided floret comes from a hole off centre; discard it or use it at the back.',
      'Cuts go half way down: joined petals are cut again.',
      'The neck is thinned onto the wire, no lump under the floret.',
    ],
  },
  'pulled cluster': {
    name: 'Pulled florets on a spike',
    steps: {
      florets: 'Pull and wire the florets',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
      assemble: 'Tape florets from the tip down',
    },
    drying: {
      florets: 'hang overnight',
      steam: 'dry again before boxing',
    },
    tools: ['pointed tool', 'fine scissors', 'fine wire, hooked', 'carrier wire', 'tape, half width'],
    dusting: ['open florets deepest at the throat', 'buds greener toward the tip', 'stalk green, then brown where woody'],
    checks: [
      'Bud, opening and open follow each other down the stem without a jump.',
      'Florets sit round it, not in rows.',
      'Off-centre florets go to the back.',
    ],
  },
  scrunched: {
    name: 'Scrunched filler',
    steps: {
      florets: 'Frill thin rounds, wire, gather at the base',
      assemble: 'Tape florets into clusters, clusters to the stem',
    },
    drying: {
      florets: 'stand in foam',
    },
    tools: ['small round cutter', 'frilling tool', 'fine wire, hooked'],
    dusting: ['a breath of colour at the middle', 'stems painted'],
    checks: ['Rounds are thin to the edge and gathered, not crushed.', 'The hook holds when pulled.'],
  },
  'domed cluster': {
    name: 'Domed cluster on a soft base',
    steps: {
      florets: 'Buds and open florets on short wires',
      assemble: 'Soft base on a skewer, 5–10 min, then push in buds, flowers round them',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
    },
    drying: {
      florets: 'florets overnight',
      assemble: 'the base',
      steam: 'dry again before boxing',
    },
    tools: ['pointed tool', 'short fine wires', 'skewer', 'soft paste for the base'],
    dusting: ['open florets from the middle out', 'buds greener', 'the dome’s shadow side deeper'],
    checks: [
      'The base has set 5–10 min: firm, still soft inside.',
      'No base shows between the florets.',
      'Buds in the middle, open ones round them.',
    ],
  },
  berry: {
    name: 'Berry',
    steps: {
      berries: 'Hooked wire into smooth balls',
      dust: 'Dust by ripeness, glaze',
      assemble: 'Tape into sprigs, glaze again',
    },
    drying: {
      berries: 'until firm',
      assemble: 'glaze',
    },
    tools: ['wire, hooked', 'star calyx cutter', 'glaze, brush'],
    dusting: ['unripe side first, pale', 'ripe side deeper, no two alike', 'glaze once it is dry; again when it is taped'],
    checks: ['Balls are smooth, without seam or crack.', 'The hook does not show.', 'Sizes and ripeness differ within a sprig.'],
  },
  'covered berry': {
    name: 'Covered berry',
    steps: {
      berries: 'Hooked wire into balls, let them firm',
      drupelets: 'Cover with tiny balls, then the star calyx',
      dust: 'Dust by ripeness, glaze',
      assemble: 'Tape into sprigs',
    },
    drying: {
      berries: 'cores',
      drupelets: 'drupelets',
    },
    tools: ['wire, hooked', 'star calyx cutter', 'edible glue, fine brush', 'glaze, brush'],
    dusting: ['unripe ones green and red', 'ripe ones deep, into every gap', 'glaze last'],
    checks: [
      'Cores are firm before they are covered.',
      'Tiny balls of about 2 mm lie close, the core does not show.',
      'The calyx goes on after half an hour, turned back.',
    ],
  },
  'wired leaf': {
    name: 'Wired leaf',
    steps: {
      leaves: 'Cut, wire two thirds up, vein, thin the edges',
      dust: 'Dust base to tip, edges last',
      steam: 'Steam through, never wet',
      assemble: 'Tape leaves from the tip down',
    },
    drying: {
      leaves: 'over crumpled paper',
      steam: 'dry again before boxing',
    },
    tools: [
      'leaf cutters',
      'veiner',
      'grooved board',
      'soft pad',
      'ball tool',
      'crumpled paper or former',
      'edible glue, fine brush',
    ],
    dusting: [
      'green from the base to the tip, margin left free',
      'vein and back, lighter',
      'margin in its own colour, last of all',
    ],
    checks: [
      'Wire holds two thirds up and does not show on the face.',
      'Cutter edges are clean: no chips in the edge, nothing torn.',
      'Edges are thin enough to see light through, the middle is not.',
      'No two are bent alike.',
    ],
  },
  'glued leaf': {
    name: 'Leaves glued to the carrier',
    steps: {
      leaves: 'Cut fine leaves, glue them up the wire',
      dust: 'Dust base to tip',
      steam: 'Steam through, never wet',
    },
    drying: {
      leaves: 'lying flat',
      steam: 'dry again before boxing',
    },
    tools: ['fine scissors or cutter', 'carrier wire', 'edible glue, fine brush'],
    dusting: ['base to tip', 'carrier green, then brown over it where woody'],
    checks: ['Every leaf holds when the stem is tapped.', 'Leaves grow smaller to the tip.', 'No glue shines.'],
  },
  'rolled rosette': {
    name: 'Rolled rosette, no wire',
    steps: {
      petals: 'Cut strips, roll, pinch the base, trim it flat',
      dust: 'Dust from the centre out, edges last',
    },
    drying: {
      petals: 'standing, overnight',
    },
    tools: ['strip cutter or knife', 'rolling pin', 'edible glue, fine brush'],
    dusting: ['deep into the middle', 'edges pale'],
    checks: [
      'The middle is tight, the outer turn open.',
      'Its base is trimmed flat, so that it sits.',
      'About 6 mm across from a strip of 6 × 50–63 mm where it is a mini.',
    ],
  },
  'cupped flower': {
    name: 'Cupped flower, no wire',
    steps: {
      petals: 'Five thin rounds overlapped in a powdered cup, then the centre',
      dust: 'Dust from the centre out, edges last',
    },
    drying: {
      petals: 'in cups overnight',
    },
    tools: ['round cutters', 'powdered cups', 'ball tool', 'edible glue, fine brush'],
    dusting: ['deep at the centre, from the base outward', 'paler to the edge, front and back'],
    checks: ['Petals overlap all round, the last under the first.', 'It leaves the cup without sticking.'],
  },
  'hand-wrapped': {
    name: 'Wrapped by hand, no wire',
    steps: {
      centre: 'Cone, standing',
      petals: 'Thin rounds wrapped one over another, each opened more; pinch, trim',
      dust: 'Dust from the centre out, edges last',
    },
    drying: {
      centre: 'cones',
      petals: '24–48 h to go firm',
    },
    tools: ['rolling pin', 'knife', 'edible glue, fine brush'],
    dusting: ['deep at the centre, from the base outward', 'paler to the edge, front and back'],
    checks: [
      'Each petal is thinned along one half only.',
      'Each opens a little more than the one before.',
      'Firm after a day or two; then it is no longer pleasant to eat.',
    ],
  },
  'snipped pompon': {
    name: 'Snipped pompon',
    steps: {
      core: 'Core ball in a second colour, wrapped in a thin disc, onto twisted wire',
      petals: 'Scissors at 45°, row after row from base to tip',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
    },
    drying: {
      petals: 'hang overnight',
      steam: 'dry again before boxing',
    },
    tools: ['fine scissors', 'twisted wire', 'thin disc cutter'],
    dusting: ['tips only'],
    checks: [
      'Rows run from base to tip, each in the gaps of the last.',
      'The core’s colour shows where it is cut, nowhere else.',
    ],
  },
  'paper leaf': {
    name: 'Wafer-paper leaves on kinked wire',
    steps: {
      paper: 'Paint strips, powder, fold, cut several at once, curl',
      assemble: 'Egg-white glue, one leaf after another, gaps all different',
      dust: 'Dust the wire',
    },
    drying: {
      paper: 'paint',
      assemble: 'glue',
    },
    tools: ['wafer paper', 'starch', 'edible paint', 'scissors', 'egg-white glue', 'kinked wire'],
    dusting: ['the wire, not the leaf'],
    checks: [
      'Folded paper opens without sticking before anything is cut.',
      'Gaps are all different.',
      'Egg white is an allergen: it is on the sheet.',
    ],
  },
  'two-faced leaf': {
    name: 'Two-faced leaf',
    steps: {
      leaves: 'Roll two colours together, cut, vein, wire',
      dust: 'Dust base to tip, edges last',
      steam: 'Steam through, never wet',
      assemble: 'Tape leaves from the tip down',
    },
    drying: {
      leaves: 'over crumpled paper',
      steam: 'dry again before boxing',
    },
    tools: ['leaf template or knife', 'veiner', 'grooved board', 'edible glue, fine brush', 'crumpled paper'],
    dusting: [
      'green from the base to the tip, margin left free',
      'vein and back, lighter',
      'margin in its own colour, last of all',
    ],
    checks: [
      'Both faces are even, the join does not show at the edge.',
      'Wire holds two thirds up.',
      'Edges are thin enough to see light through, the middle is not.',
    ],
  },
  'cut floret': {
    name: 'Cut floret, its middle thick',
    steps: {
      petals: 'Cut, thin the edges and not the middle, vein inward, thread over a small hook, squeeze down the wire, pinch off',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
    },
    drying: { petals: 'hang overnight, head down', steam: 'dry again before boxing' },
    tools: ['four-petal or five-petal cutter', 'petal veiner', 'soft pad', 'ball tool', 'wire, hooked'],
    dusting: ['front from the middle out', 'back a little browner', 'edges last'],
    checks: [
      'The middle is as thick as it was cut.',
      'It cannot be pulled off its hook.',
      'No paste is left on the wire below it.',
    ],
  },
  'ball stop': {
    name: 'Cut flower on a ball',
    steps: {
      petals: 'Ball on the hook, dry; cut the flower, cup it, thread it up against the ball',
      dust: 'Dust from the centre out, edges last',
      steam: 'Steam through, never wet',
    },
    drying: { petals: 'hang overnight', steam: 'dry again before boxing' },
    tools: ['blossom cutter', 'ball tool', 'soft pad', 'wire, hooked', 'edible glue, fine brush'],
    dusting: ['from the centre out, edges pale'],
    checks: ['The ball sits in the middle.', 'The flower does not slip when it is shaken.'],
  },
  'laid flower': {
    name: 'Cut and dried in a cup, no wire',
    steps: {
      petals: 'Cut layer by layer, soften, lay one on the other in a cup, centre pressed and glued',
      dust: 'Dust from the centre out, edges last',
    },
    drying: { petals: 'in cups overnight' },
    tools: ['flower cutters', 'powdered cups', 'ball tool', 'centre mould', 'edible glue, fine brush'],
    dusting: ['deep at the centre, from the base outward', 'paler to the edge, front and back'],
    checks: ['Layers are turned into each other’s gaps.', 'It leaves the cup without sticking.', 'It lies level.'],
  },
  'tiny floret': {
    name: 'Tiny floret from a drop, no wire',
    steps: {
      petals: 'Roll a drop, cut the petals, press each open, trim the back flat',
      dust: 'A touch of colour in the middle',
    },
    drying: { petals: 'on a pad' },
    tools: ['fine scissors', 'pointed tool', 'soft pad'],
    dusting: ['the middle alone'],
    checks: ['Petals are of one size.', 'Its back is flat, so that it sits.'],
  },
  'paper petals': {
    name: 'Wafer-paper petals round a wire',
    steps: { paper: 'Paint, powder, fold, cut the petals, curl, glue them round the wire with egg white', dust: 'Dust the wire' },
    drying: { paper: 'paint and glue' },
    tools: ['wafer paper', 'starch', 'edible paint', 'scissors', 'egg-white glue', 'wire'],
    dusting: ['the wire, not the petal'],
    checks: [
      'Folded paper opens without sticking before anything is cut.',
      'Petals overlap all round.',
      'Egg white is an allergen: it is on the sheet.',
    ],
  },
  'paper wings': {
    name: 'Wafer-paper wings on a wire',
    steps: { paper: 'Paint, powder, fold once, cut both wings, glue them to the wire with egg white', dust: 'Dust the wire' },
    drying: { paper: 'paint and glue' },
    tools: ['wafer paper', 'starch', 'edible paint', 'scissors', 'egg-white glue', 'wire'],
    dusting: ['the wire, not the wing'],
    checks: [
      'Both wings are alike.',
      'They stand up from the wire at one angle.',
      'Egg white is an allergen: it is on the sheet.',
    ],
  },
  'strip leaf': {
    name: 'Wired leaf, a strip over the wire',
    steps: {
      leaves: 'Roll flat, cut, lay the wire on the back two thirds up, a thin strip over it, press, vein',
      dust: 'Dust base to tip, edges last',
      steam: 'Steam through, never wet',
      assemble: 'Tape leaves from the tip down',
    },
    drying: { leaves: 'over crumpled paper', steam: 'dry again before boxing' },
    tools: ['leaf cutters', 'veiner', 'soft pad', 'ball tool', 'crumpled paper or former', 'edible glue, fine brush'],
    dusting: [
      'green from the base to the tip, margin left free',
      'vein and back, lighter',
      'margin in its own colour, last of all',
    ],
    checks: [
      'The strip does not lift at its end.',
      'No wire shows on the face.',
      'Cutter edges are clean: no chips in the edge, nothing torn.',
    ],
  },
  'vein leaf': {
    name: 'Wired leaf, wire in the vein',
    steps: {
      leaves: 'Roll with a thick middle, cut, vein, push the wire two thirds up into the vein',
      dust: 'Dust base to tip, edges last',
      steam: 'Steam through, never wet',
      assemble: 'Tape leaves from the tip down',
    },
    drying: { leaves: 'over crumpled paper', steam: 'dry again before boxing' },
    tools: ['leaf cutters', 'veiner', 'soft pad', 'ball tool', 'crumpled paper or former', 'edible glue, fine brush'],
    dusting: [
      'green from the base to the tip, margin left free',
      'vein and back, lighter',
      'margin in its own colour, last of all',
    ],
    checks: ['The wire does not break through front or back.', 'Edges let the light through, the vein does not.'],
  },
  'unwired leaf': {
    name: 'Leaf, no wire',
    steps: { leaves: 'Cut, one press of the veiner, set to dry as it will lie', dust: 'Dust base to tip, edges last' },
    drying: { leaves: 'flat, in cups, or bent over an edge' },
    tools: ['leaf cutters', 'veiner', 'soft pad', 'dimpled foam or crumpled paper'],
    dusting: ['green from the base to the tip', 'edges in their own colour, last of all'],
    checks: [
      'Cutter edges are clean: no chips in the edge, nothing torn.',
      'It is not folded so far that a brush does not get in.',
      'No two dry alike.',
    ],
  },
  'pressed leaf': {
    name: 'Tiny leaf pressed from a ball',
    steps: { leaves: 'Roll a drop, press flat, mark the vein', dust: 'Green in the middle' },
    drying: { leaves: 'on a pad' },
    tools: ['small veiner or knife back', 'soft pad'],
    dusting: ['the middle, margin left free'],
    checks: ['One end is pointed.', 'The vein runs from end to end.'],
  },
};
