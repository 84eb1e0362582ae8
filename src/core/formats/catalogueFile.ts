import * as v from 'valibot';
import { METHODS } from '../botany/methods';
import { SPECIES } from '../botany/catalogue';
import { ownSpeciesSchema, type OwnSpecies } from '../botany/ownSpecies';
import { isNewer } from '../boundary/parts';
import { issueOf, type Issue } from '../boundary/refusal';
import type { Refusal } from '../boundary/refusals';
import { catalogueSchema, type Project } from '../plan/project';
import { readTable, writeTable, type Column, type Table } from './table';

const CATALOGUE_KIND = 'ofrenda.catalogue';
const CATALOGUE_VERSION = 1;

type Catalogue = Project['catalogue'];

const fileSchema = v.strictObject({
  kind: v.literal(CATALOGUE_KIND),
  version: v.literal(CATALOGUE_VERSION),
  ...catalogueSchema.entries,
});

/** A person's own species and methods as a file of their own. */
export const writeCatalogueFile = (own: Catalogue): string =>
  `${JSON.stringify({ kind: CATALOGUE_KIND, version: CATALOGUE_VERSION, ...own }, null, 1)}\n`;

/** Reads a catalogue file. Files of a newer version, unknown bases and unknown methods are refused whole, each with its place. */
export function readCatalogueFile(text: string): { catalogue: Catalogue } | { issues: Issue[] } {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (cause) {
    return refused({
      path: '',
      expected: 'JSON',
      received: cause instanceof Error ? cause.message : 'text',
      why: {
        code: 'file.no-json',
        values: { what: 'catalogue' },
      },
    });
  }
  const version = (value as { version?: unknown } | null)?.version;
  if (isNewer(version, CATALOGUE_VERSION))
    return refused({
      path: 'version',
      expected: `<= ${CATALOGUE_VERSION}`,
      received: String(version),
      why: {
        code: 'file.newer',
        values: { what: 'catalogue', version, most: CATALOGUE_VERSION },
      },
    });
  const checked = v.safeParse(fileSchema, value);
  if (!checked.success) return { issues: checked.issues.map(issueOf) };
  const { species, methods } = checked.output;
  const issues = strangers(species, new Set(methods.map((m) => m.id)));
  return issues.length ? { issues } : { catalogue: { species, methods } };
}

const refused = ({ path, expected, received, why }: { path: string; expected: string; received: string; why: Refusal }) => ({
  issues: [{ path, expected, received, why }],
});

function strangers(species: readonly OwnSpecies[], methods: ReadonlySet<string>): Issue[] {
  const unknown = (path: string, met: string, code: 'refusal.species' | 'refusal.method') =>
    refused({ path, expected: 'catalogue', received: met, why: { code, values: { met } } }).issues;
  return species.flatMap((s, i) => [
    ...(SPECIES.some((b) => b.id === s.basedOn) ? [] : unknown(`species.${i}.basedOn`, s.basedOn, 'refusal.species')),
    ...(Object.hasOwn(METHODS, s.method) || methods.has(s.method)
      ? []
      : unknown(`species.${i}.method`, s.method, 'refusal.method')),
  ]);
}

const COLUMNS: readonly Column[] = [
  { name: 'id', field: 'id', cell: 'text' },
  { name: 'based_on', field: 'basedOn', cell: 'text' },
  { name: 'name', field: 'name', cell: 'text' },
  { name: 'plural', field: 'plural', cell: 'text' },
  { name: 'role', field: 'role', cell: 'text' },
  { name: 'sizes_mm', field: 'sizesMm', cell: 'list' },
  { name: 'paste_mm', field: 'pasteMm', cell: 'number' },
  { name: 'breakage_share', field: 'breakageShare', cell: 'number' },
  { name: 'method', field: 'method', cell: 'text' },
  { name: 'floor_swg', field: 'floorSwg', cell: 'number' },
  { name: 'hook_mm', field: 'hookMm', cell: 'number' },
  { name: 'months_north', field: 'monthsNorth', cell: 'list' },
  { name: 'petals', field: 'petals', cell: 'number', optional: true },
  { name: 'petal_length_share', field: 'lengthShare', cell: 'number', optional: true },
  { name: 'petal_width_share', field: 'widthShare', cell: 'number', optional: true },
  { name: 'cup_deg', field: 'cupDeg', cell: 'number', optional: true },
  { name: 'curl_deg', field: 'curlDeg', cell: 'number', optional: true },
  { name: 'built_of', field: 'counts', cell: 'text', optional: true },
  { name: 'trees_json', field: 'trees', cell: 'text', optional: true },
  { name: 'colour_names', field: 'colourNames', cell: 'text' },
  { name: 'colours', field: 'colours', cell: 'text' },
];

/** "buds=9; opening=7": what a composite is built of otherwise. A count that is none is left to the schema to object to. */
const countsIn = (cell: string): Record<string, number> =>
  Object.fromEntries(
    cell
      .split(';')
      .filter((part) => part.trim())
      .map((part) => {
        const [name = '', count = ''] = part.split('=').map((x) => x.trim());
        return [name, count === '' ? NaN : Number(count)];
      }),
  );

/** Described trees as JSON in one cell. What is none is read as a text, which the schema objects to. */
function treesIn(cell: string): OwnSpecies['trees'] {
  if (!cell.trim()) return {};
  try {
    return JSON.parse(cell) as OwnSpecies['trees'];
  } catch {
    return JSON.parse(JSON.stringify(cell)) as OwnSpecies['trees'];
  }
}

/** Colours stand in two cells, names and #rrggbb, each parted by semicolons. */
const rowSchema = v.pipe(
  v.looseObject({
    colourNames: v.string(),
    colours: v.string(),
    counts: v.optional(v.string(), ''),
    trees: v.optional(v.string(), ''),
  }),
  v.transform(
    ({
      colourNames,
      colours,
      counts,
      trees,
      ...rest
    }): Pick<OwnSpecies, 'colourways'> & Partial<Pick<OwnSpecies, 'counts' | 'trees'>> => {
      const hues = colours.split(';').map((x) => x.trim());
      return {
        ...rest,
        counts: countsIn(counts),
        trees: treesIn(trees),
        colourways: colourNames.split(';').map((name, i) => ({ id: name.trim(), name: name.trim(), hue: hues[i] ?? '' })),
      };
    },
  ),
  ownSpeciesSchema,
);

/** Own species as a table; their methods are a table of their own. */
export const readSpeciesCsv = (text: string): Table<OwnSpecies> | { issues: Issue[] } => readTable(text, COLUMNS, rowSchema);
export const writeSpeciesCsv = (species: readonly OwnSpecies[]): string =>
  writeTable(
    species.map((s) => ({
      ...s,
      colourNames: s.colourways.map((c) => c.name).join('; '),
      colours: s.colourways.map((c) => c.hue).join('; '),
      counts: Object.entries(s.counts)
        .map(([name, count]) => `${name}=${count}`)
        .join('; '),
      trees: Object.keys(s.trees).length > 0 ? JSON.stringify(s.trees) : '',
    })),
    COLUMNS,
  );
