import * as v from 'valibot';
import { isNewer, refusedBy } from '../boundary/parts';
import { refusalOf, type Issue } from '../boundary/refusal';
import type { FileRefusal } from '../boundary/refusals';
import { putRight } from '../plan/putRight';
import { checkProject, PROJECT_KIND, PROJECT_VERSION, type Project } from '../plan/project';
import { must } from '../geometry/must';

/** A project file larger than this is not read: 20 MB of text. */
export const MOST_FILE_CHARACTERS = 20_000_000;

/** A photograph of the bench; it stays in the browser unless it is wanted in the file. */
const photographSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  type: v.picklist(['image/jpeg', 'image/png']),
  base64: v.pipe(v.string(), v.regex(/^[A-Za-z0-9+/]+={0,2}$/, refusedBy('refusal.base64')), v.maxLength(4_000_000)),
});
export type Photograph = v.InferOutput<typeof photographSchema>;
export const photographsSchema = v.pipe(v.array(photographSchema), v.maxLength(200));

/** What reading a file gave: the project with what was put right in it, or why it is refused and the faults behind that. Nothing is half read. */
export type ReadFile =
  { project: Project; photographs: Photograph[]; repaired: Issue[] } | { refused: FileRefusal; issues: Issue[] };

/** The job as a file; with its photographs where they are wanted. */
export const writeProjectFile = (project: Project, photographs: readonly Photograph[] = []): string =>
  `${JSON.stringify(photographs.length ? { ...project, photographs } : project, null, 1)}\n`;

interface RefuseOptions {
  refused: FileRefusal;
  path: string;
  expected: string;
  received: string;
}

const refuse = ({ refused, path, expected, received }: RefuseOptions): ReadFile => ({
  refused,
  issues: [{ path, expected, received, why: refused }],
});

/** Reads a project file. Files of a newer version are refused untouched; older ones would be brought up step by step. */
export function readProjectFile(text: string): ReadFile {
  const what = { what: 'job' } as const;
  if (text.length > MOST_FILE_CHARACTERS)
    return refuse({
      refused: { code: 'file.too-large', values: what },
      path: '',
      expected: `<= ${MOST_FILE_CHARACTERS}`,
      received: `${text.length}`,
    });
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (cause) {
    return refuse({
      refused: { code: 'file.no-json', values: what },
      path: '',
      expected: 'JSON',
      received: cause instanceof Error ? cause.message : 'text',
    });
  }
  const kind = (value as { kind?: unknown } | null)?.kind;
  if (kind !== PROJECT_KIND)
    return refuse({
      refused: { code: 'file.other-kind', values: what },
      path: 'kind',
      expected: PROJECT_KIND,
      received: JSON.stringify(kind) ?? 'nothing',
    });
  const version = (value as { version?: unknown }).version;
  if (isNewer(version, PROJECT_VERSION)) {
    const values = { ...what, version, most: PROJECT_VERSION };
    return refuse({
      refused: { code: 'file.newer', values },
      path: 'version',
      expected: `<= ${PROJECT_VERSION}`,
      received: String(version),
    });
  }
  const { photographs = [], ...job } = value as { photographs?: unknown };
  const checked = checkProject(job);
  if ('project' in checked) {
    const pictures = v.safeParse(photographsSchema, photographs);
    if (pictures.success) return { ...putRight(checked.project), photographs: pictures.output };
    const [issue] = pictures.issues;
    const refused: FileRefusal = { code: 'file.photographs', values: { why: refusalOf(issue) } };
    return refuse({ refused, path: 'photographs', expected: issue.expected ?? '', received: issue.received });
  }
  const [first] = checked.issues;
  return {
    refused: {
      code: 'file.unreadable',
      values: { ...what, why: must(first).why, at: must(first).path, placed: must(first).path !== '' },
    },
    issues: checked.issues,
  };
}
