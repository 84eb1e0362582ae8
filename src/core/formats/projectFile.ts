import { checkProject, PROJECT_KIND, PROJECT_VERSION, type Issue, type Project } from '../plan/project';

export const PROJECT_FILE_ENDING = '.ofrenda.json';
/** A project file larger than this is not read: 20 MB of text. */
export const MOST_FILE_CHARACTERS = 20_000_000;

/** What reading a file gave: the project, or one sentence for the person and the faults behind it. Nothing is half read. */
export type ReadFile = { project: Project } | { sentence: string; issues: Issue[] };

export const writeProjectFile = (project: Project): string => `${JSON.stringify(project, null, 1)}\n`;

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
  if ('project' in checked) return checked;
  const first = checked.issues[0]!;
  return {
    sentence: `This job cannot be opened: ${first.message}${first.path ? ` (at ${first.path})` : ''}. Nothing was changed.`,
    issues: checked.issues,
  };
}
