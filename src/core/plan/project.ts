import { ownBarrierSchema } from '../place/ownBarrier';
import * as v from 'valibot';
import { METHODS, methodSchema } from '../botany/methods';
import { daysSchema, hoursSchema, PLAIN_DAYS } from '../days/settings';
import { SPECIES } from '../botany/catalogue';
import { ownSpeciesSchema } from '../botany/ownSpecies';
import { HEMISPHERES } from '../botany/season';
import { cakeSchema } from '../cake/cake';
import { arrangementSchema, type Arrangement } from '../compose/arrangement';
import { choiceSchema, STYLES } from '../compose/shareOut';
import { paintsSchema } from '../make/paints';
import { NO_PRICES, pricesSchema } from '../make/price';
import { FLORIST_GAUGES, FLORIST_MM, WIRE_SYSTEMS } from '../wire/gauge';
import { CUTTINGS, USUAL_CUTTING } from '../wire/cutting';
import { offcutsSchema } from '../wire/offcuts';
import { logEntrySchema, noteSchema } from '../log/entries';
import { SPARES_RULE, sparesRuleSchema } from '../make/spares';
import { tinSchema } from '../compose/tin';
import { wallTime } from '../boundary/parts';
import { issueOf, type Issue } from '../boundary/refusal';
import type { ValueRefusal } from '../boundary/refusals';

export const PROJECT_KIND = 'ofrenda.project';
export const PROJECT_VERSION = 1;

const minuteOfDay = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(1440));

/** People for whom a sheet says something of its own. */
export const EATERS = ['swallow badly', 'pregnant', 'allergic'] as const;

const statedAllergens = v.pipe(v.array(v.pipe(v.string(), v.maxLength(60))), v.maxLength(20));

const briefSchema = v.strictObject({
  /** the kitchen's own clock */
  leavesAt: wallTime,
  guests: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(100_000)),
  smallChildren: v.boolean(),
  /** who else is at the table, beside small children and those who keep a flower */
  eaters: v.optional(v.pipe(v.array(v.picklist(EATERS)), v.maxLength(EATERS.length)), []),
  style: v.picklist(STYLES),
  /** where it is made: the season follows from it and from the day */
  hemisphere: v.optional(v.picklist(HEMISPHERES), 'north'),
  /** botanical: what nature does not do is objected to */
  botanical: v.optional(v.boolean(), false),
  /** everyday work, or a showpiece; eaten at the table, or taken off and kept */
  finish: v.optional(v.picklist(['everyday', 'showpiece']), 'everyday'),
  keepsake: v.optional(v.boolean(), false),
  /** what the dust on the pieces is: unknown counts as not edible until its label is recorded */
  dust: v.picklist(['edible', 'not edible', 'unknown']),
  glue: v.picklist(['CMC glue', 'egg white']),
  wireColour: v.picklist(['white', 'green']),
  wireSystem: v.picklist(WIRE_SYSTEMS),
  stockMm: v.pipe(v.number(), v.minValue(100), v.maxValue(2000)),
  /** how wire is cut */
  cutting: v.optional(v.picklist(CUTTINGS), USUAL_CUTTING),
  /** times out of a calendar in which nobody works here */
  busy: v.optional(
    v.pipe(
      v.array(v.strictObject({ from: wallTime, to: wallTime, name: v.pipe(v.string(), v.maxLength(120)) })),
      v.maxLength(1000),
    ),
    [],
  ),
  /** the language of the hand-over sheets */
  /** of the hand-over sheets, ISO 639-1; English where it is not known */
  sheetLanguage: v.optional(v.pipe(v.string(), v.regex(/^[a-z]{2}$/)), 'en'),
  /** the cake is kept chilled until it is served */
  mustChill: v.optional(v.boolean(), false),
  /** how long the cake may stand out of the cold, as its baker says; null where nobody has said */
  standsHours: v.optional(v.nullable(v.pipe(v.number(), v.minValue(0.5), v.maxValue(72))), null),
  /** real plants or parts of them are in the arrangement */
  realPlants: v.optional(v.boolean(), false),
  /** grams, pulled sideways, at which a straw in a spare gave way; null where nobody tried */
  pushTestGrams: v.optional(v.nullable(v.pipe(v.number(), v.minValue(5), v.maxValue(2000))), null),
  /** what plans and templates are printed on */
  paper: v.optional(v.picklist(['A4', 'Letter']), 'A4'),
  /** what is in the cake, and by their labels in paste, colours, dust and glaze of the flowers; null where nobody has said */
  allergensInCake: v.nullable(statedAllergens),
  allergensInFlowers: v.optional(v.nullable(statedAllergens), null),
  choices: v.pipe(v.array(choiceSchema), v.maxLength(24)),
  /** what is in the tin is used before anything is made */
  useTin: v.optional(v.boolean(), true),
  room: v.strictObject({
    celsius: v.pipe(v.number(), v.minValue(-5), v.maxValue(45)),
    humidityShare: v.pipe(v.number(), v.minValue(0), v.maxValue(1)),
  }),
  /** working hours from Sunday to Saturday */
  hours: hoursSchema,
  lastMorningFrom: minuteOfDay,
});

export const catalogueSchema = v.strictObject({
  species: v.pipe(v.array(ownSpeciesSchema), v.maxLength(200)),
  methods: v.pipe(v.array(methodSchema), v.maxLength(60)),
});

export const projectSchema = v.strictObject({
  kind: v.literal(PROJECT_KIND),
  version: v.literal(PROJECT_VERSION),
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  name: v.pipe(v.string(), v.minLength(1), v.maxLength(120)),
  note: v.pipe(v.string(), v.maxLength(4000)),
  brief: briefSchema,
  cake: cakeSchema,
  arrangements: v.pipe(v.array(arrangementSchema), v.maxLength(12)),
  /** the person's own species and methods that this job may use */
  catalogue: v.optional(catalogueSchema, { species: [], methods: [] }),
  /** straws and picks of the person's own */
  barriers: v.optional(v.pipe(v.array(ownBarrierSchema), v.maxLength(30)), []),
  /** barriers that a person has chosen for an entry instead of what the rule recommends */
  barrierFor: v.optional(
    v.pipe(v.array(v.strictObject({ entryId: v.string(), barrier: v.pipe(v.string(), v.minLength(1)) })), v.maxLength(600)),
    [],
  ),
  /** what was measured round a tier, for its paper strip */
  wrapMm: v.optional(
    v.pipe(
      v.array(
        v.strictObject({
          tierId: v.pipe(v.string(), v.minLength(1)),
          mm: v.pipe(v.number(), v.minValue(100), v.maxValue(4000)),
        }),
      ),
      v.maxLength(20),
    ),
    [],
  ),
  /** pieces set aside from the tin for this job */
  taken: v.optional(tinSchema, []),
  /** wire that a person has chosen for a kind instead of what the rule takes */
  gauges: v.optional(
    v.pipe(
      v.array(
        v.strictObject({
          species: v.pipe(v.string(), v.minLength(1)),
          stage: v.string(),
          gauge: v.picklist([...FLORIST_GAUGES, ...FLORIST_MM]),
        }),
      ),
      v.maxLength(200),
    ),
    [],
  ),
  /** ends of wire out of the tin that this job cuts from; and whether its wires are cut already, so that nothing is kept twice */
  offcuts: v.optional(offcutsSchema, []),
  wiresCut: v.optional(v.boolean(), false),
  spares: v.optional(sparesRuleSchema, SPARES_RULE),
  /** species that this job makes another way than the catalogue says */
  madeBy: v.optional(
    v.pipe(
      v.array(v.strictObject({ species: v.pipe(v.string(), v.minLength(1)), method: v.pipe(v.string(), v.minLength(1)) })),
      v.maxLength(100),
    ),
    [],
  ),
  /** what the person owns and puts on pieces: paste colours, dusts, glazes, glues */
  paints: v.optional(paintsSchema, []),
  /** the price list and rates that this job is reckoned with */
  prices: v.optional(pricesSchema, NO_PRICES),
  /** how the work is laid over the days */
  days: v.optional(daysSchema, PLAIN_DAYS),
  log: v.pipe(v.array(logEntrySchema), v.maxLength(5000)),
  /** the air of the room, what was found dry, what was weighed */
  notes: v.optional(v.pipe(v.array(noteSchema), v.maxLength(20_000)), []),
  /** joints already taped, entries counted out: ids */
  taped: v.pipe(v.array(v.string()), v.maxLength(5000)),
  countedOut: v.pipe(v.array(v.string()), v.maxLength(2000)),
});

export type Project = v.InferOutput<typeof projectSchema>;
export type Brief = v.InferOutput<typeof briefSchema>;

/** How many equal cakes a job is. */
export const cakesOf = ({ arrangements }: Pick<Project, 'arrangements'>): number =>
  Math.max(1, ...arrangements.map((a) => a.quantity));

/** Checks anything against the project's schema: the project, or every fault with its path. */
export function checkProject(value: unknown): { project: Project } | { issues: Issue[] } {
  const result = v.safeParse(projectSchema, value);
  if (!result.success) {
    return {
      issues: result.issues.map(issueOf),
    };
  }
  const faults = [...repeatedIds(result.output), ...unknownNames(result.output)];
  return faults.length ? { issues: faults } : { project: result.output };
}

/** Species and methods that are named but neither ship with the product nor come with the job. */
function unknownNames({ catalogue, brief, madeBy, arrangements }: Project): Issue[] {
  const shipped = new Set(SPECIES.map((s) => s.id));
  const species = new Set([...shipped, ...catalogue.species.map((s) => s.id)]);
  const methods = new Set(catalogue.methods.map((m) => m.id));
  const known = (id: string) => methods.has(id) || Object.hasOwn(METHODS, id);
  const unknown = (path: string, met: string, code: 'refusal.species' | 'refusal.method'): Issue[] => [
    { path, expected: 'catalogue', received: met, why: { code, values: { met } } satisfies ValueRefusal },
  ];
  const named = (path: string, id: string, among: ReadonlySet<string>) =>
    among.has(id) ? [] : unknown(path, id, 'refusal.species');
  return [
    ...catalogue.species.flatMap((s, i) => [
      ...named(`catalogue.species.${i}.basedOn`, s.basedOn, shipped),
      ...(known(s.method) ? [] : unknown(`catalogue.species.${i}.method`, s.method, 'refusal.method')),
    ]),
    ...madeBy.flatMap((m, i) => [
      ...named(`madeBy.${i}.species`, m.species, species),
      ...(known(m.method) ? [] : unknown(`madeBy.${i}.method`, m.method, 'refusal.method')),
    ]),
    ...brief.choices.flatMap((c, i) => named(`brief.choices.${i}.species`, c.species, species)),
    ...arrangements.flatMap((a, i) =>
      a.pieces.flatMap((p, k) => named(`arrangements.${i}.pieces.${k}.species`, p.species, species)),
    ),
  ];
}

/** What in a job may be called by its id: no two of a list have the same. */
function repeatedIds(project: Project): Issue[] {
  const lists: [path: string, ids: readonly { id: string }[]][] = [
    ['cake.tiers', project.cake.tiers],
    ['arrangements', project.arrangements],
    ...project.arrangements.map((a, i): [string, Arrangement['pieces']] => [`arrangements.${i}.pieces`, a.pieces]),
    ['catalogue.species', project.catalogue.species],
    ['catalogue.methods', project.catalogue.methods],
    ['barriers', project.barriers],
    ['paints', project.paints],
    ['days.makers', project.days.makers],
  ];
  return lists.flatMap(([path, list]) => {
    const seen = new Set<string>();
    return list.flatMap(({ id }, i): Issue[] => {
      if (!seen.has(id)) {
        seen.add(id);
        return [];
      }
      const why = { code: 'refusal.id-twice', values: { met: id } } satisfies ValueRefusal;
      return [{ path: `${path}.${i}.id`, expected: 'id', received: id, why }];
    });
  });
}
