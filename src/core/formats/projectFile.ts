import * as v from 'valibot';
import { checkProject, PROJECT_KIND, PROJECT_VERSION, type Issue, type Project } from '../plan/project';
import { refusalOf } from '../plan/refusal';

/** A project file larger than this is not read: 20 MB of text. */
export const MOST_FILE_CHARACTERS = 20_000_000;

/** A photograph of the bench; it stays in the browser unless it is wanted in the file. */
const photographSchema = v.object({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  type: v.picklist(['image/jpeg', 'image/png'], 'a photograph is a JPEG or PNG picture'),
  base64: v.pipe(v.string(), v.regex(/^[A-Za-z0-9+/]+={0,2}$/, 'a photograph is written in base64'), v.maxLength(4_000_000)),
});
export type Photograph = v.InferOutput<typeof photographSchema>;
const photographsSchema = v.pipe(v.array(photographSchema), v.maxLength(200, 'a job has at most 200 photographs'));

/** What reading a file gave: the project, or one sentence for the person and the faults behind it. Nothing is half read. */
export type ReadFile = { project: Project; photographs: Photograph[] } | { sentence: string; issues: Issue[] };

/** The job as a file; with its photographs where they are wanted. */
export const writeProjectFile = (project: Project, photographs: readonly Photograph[] = []): string =>
  `${JSON.stringify(photographs.length ? { ...project, photographs } : project, null, 1)}\n`;

const refuse = (sentence: string, path: string, expected: string, received: string): ReadFile => ({
  sentence,
  issues: [{ path, expected, received, message: sentence }],
});

/** Reads a project file. Files of a newer version are refused untouched; older ones would be brought up step by step. */
export function readProjectFile(text: string): ReadFile {
  if (text.length > MOST_FILE_CHARACTERS)
    return refuse(
      'This file is larger than any job: it was left alone.',
      '',
      `at most ${MOST_FILE_CHARACTERS} characters`,
      `${text.length}`,
    );
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (cause) {
    return refuse(
      'This file is not JSON, so it is not an Ofrenda job: nothing was changed.',
      '',
      'JSON',
      cause instanceof Error ? cause.message : 'text',
    );
  }
  const kind = (value as { kind?: unknown } | null)?.kind;
  if (kind !== PROJECT_KIND)
    return refuse(
      'This file is something else than an Ofrenda job: nothing was changed.',
      'kind',
      PROJECT_KIND,
      JSON.stringify(kind) ?? 'nothing',
    );
  const version = (value as { version?: unknown }).version;
  if (typeof version === 'number' && version > PROJECT_VERSION) {
    return refuse(
      `This job was saved by a newer Ofrenda (version ${version}; this one reads up to ${PROJECT_VERSION}): it was left untouched.`,
      'version',
      `at most ${PROJECT_VERSION}`,
      String(version),
    );
  }
  const checked = checkProject(value);
  if ('project' in checked) {
    const pictures = v.safeParse(photographsSchema, (value as { photographs?: unknown }).photographs ?? []);
    if (pictures.success) return { project: checked.project, photographs: pictures.output };
    const [issue] = pictures.issues;
    return refuse(
      `The photographs in this file cannot be read: ${refusalOf(issue)}. Nothing was changed.`,
      'photographs',
      'pictures',
      issue.received,
    );
  }
  const first = checked.issues[0]!;
  return {
    sentence: `This job cannot be opened: ${first.message}${first.path ? ` (at ${first.path})` : ''}. Nothing was changed.`,
    issues: checked.issues,
  };
}
