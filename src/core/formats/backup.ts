import { strFromU8, strToU8, unzipSync, zipSync, type UnzipFileInfo } from 'fflate';
import * as v from 'valibot';
import { tinPieceSchema } from '../compose/tin';
import type { Stock } from '../make/stock';
import type { Project } from '../plan/project';
import { offcutSchema } from '../wire/offcuts';
import { readProjectFile, writeProjectFile, type Photograph } from './projectFile';

export const BACKUP_KIND = 'ofrenda.backup';
export const BACKUP_VERSION = 1;

/** A backup holds no more files than this, none of them larger, all of them together no larger. Bytes. */
export const LIMITS = { files: 2000, fileBytes: 40_000_000, allBytes: 400_000_000 } as const;

/** Names that a backup may hold: nothing that could lead elsewhere. */
const NAME = /^(?:manifest\.json|stock\.json|jobs\/[a-z0-9][a-z0-9._-]{0,60}\.ofrenda\.json)$/i;

const manifestSchema = v.object({
  kind: v.literal(BACKUP_KIND),
  version: v.literal(BACKUP_VERSION),
  madeAt: v.string(),
  files: v.pipe(
    v.array(
      v.object({ name: v.pipe(v.string(), v.regex(NAME, 'a file with a strange name')), bytes: v.number(), sha256: v.string() }),
    ),
    v.maxLength(LIMITS.files),
  ),
});

const stockSchema = v.object({ tin: v.array(tinPieceSchema), offcuts: v.array(offcutSchema) });

export interface Backup {
  jobs: { project: Project; photographs: readonly Photograph[] }[];
  stock: Stock;
}

const hex = (bytes: ArrayBuffer): string => [...new Uint8Array(bytes)].map((b) => b.toString(16).padStart(2, '0')).join('');
const sha256 = async (bytes: Uint8Array): Promise<string> => hex(await crypto.subtle.digest('SHA-256', new Uint8Array(bytes)));

/** The whole studio as one ZIP: every job a file as it is exported, the stock, and a manifest with checksums (SHA-256). */
export async function writeBackup(backup: Backup, madeAt: string): Promise<Uint8Array> {
  const files: Record<string, Uint8Array> = { 'stock.json': strToU8(`${JSON.stringify(backup.stock, null, 1)}\n`) };
  backup.jobs.forEach(({ project, photographs }, i) => {
    const words = project.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 40);
    files[`jobs/${i + 1}-${words || 'job'}.ofrenda.json`] = strToU8(writeProjectFile(project, photographs));
  });
  const listed = await Promise.all(
    Object.entries(files).map(async ([name, bytes]) => ({ name, bytes: bytes.length, sha256: await sha256(bytes) })),
  );
  const manifest = { kind: BACKUP_KIND, version: BACKUP_VERSION, madeAt, files: listed };
  return zipSync({ 'manifest.json': strToU8(`${JSON.stringify(manifest, null, 1)}\n`), ...files }, { level: 6 });
}

/**
 * Reads a backup: all of it, or one sentence with the place. Sizes are looked at before anything is unpacked and after; names that
 * lead elsewhere, files that the manifest does not list or whose checksum differs are refused.
 */
export async function readBackup(zip: Uint8Array): Promise<{ backup: Backup; madeAt: string } | { sentence: string }> {
  let files: Record<string, Uint8Array>;
  let refused: string | null = null;
  let all = 0;
  let count = 0;
  try {
    files = unzipSync(zip, {
      filter(file: UnzipFileInfo) {
        count++;
        all += file.originalSize;
        if (count > LIMITS.files) refused ??= `it holds more than ${LIMITS.files} files`;
        else if (file.originalSize > LIMITS.fileBytes || all > LIMITS.allBytes)
          refused ??= `“${file.name.slice(0, 60)}” is larger than any job`;
        else if (!NAME.test(file.name)) refused ??= `“${file.name.slice(0, 60)}” is no name of a job`;
        return refused === null;
      },
    });
  } catch {
    return { sentence: 'This file is not a ZIP that can be read: nothing was changed.' };
  }
  const refuse = (why: string) => ({ sentence: `This backup cannot be read: ${why}. Nothing was changed.` });
  if (refused !== null) return refuse(refused);
  if (Object.values(files).some((f) => f.length > LIMITS.fileBytes)) return refuse('a file in it is larger than it says');
  const manifest = v.safeParse(manifestSchema, parsed(files['manifest.json']));
  if (!manifest.success) return refuse('its manifest is missing or not one of Ofrenda’s');
  const listed = new Map(manifest.output.files.map((f) => [f.name, f]));
  for (const name of Object.keys(files))
    if (name !== 'manifest.json' && !listed.has(name)) return refuse(`“${name}” is not in its manifest`);
  for (const { name, sha256: wanted } of listed.values()) {
    const bytes = files[name];
    if (!bytes) return refuse(`“${name}” is missing`);
    if ((await sha256(bytes)) !== wanted) return refuse(`“${name}” is not as it was written (its checksum differs)`);
  }
  const stock = v.safeParse(stockSchema, parsed(files['stock.json']));
  if (!stock.success) return refuse('its stock cannot be read (stock.json)');
  const jobs: Backup['jobs'] = [];
  for (const name of [...listed.keys()].filter((n) => n.startsWith('jobs/'))) {
    const read = readProjectFile(strFromU8(files[name]!));
    if ('sentence' in read) return refuse(`“${name}”: ${read.sentence}`);
    jobs.push(read);
  }
  return { backup: { jobs, stock: stock.output }, madeAt: manifest.output.madeAt };
}

function parsed(bytes: Uint8Array | undefined): unknown {
  try {
    return bytes ? (JSON.parse(strFromU8(bytes)) as unknown) : null;
  } catch {
    return null;
  }
}

/** What restoring would do to a shelf: jobs that are new, the same, or other than those of the same name there. */
export function restoreChanges(backup: Backup, shelf: readonly Project[]): { added: number; same: number; other: number } {
  const there = new Map(shelf.map((p) => [p.id, JSON.stringify(p)]));
  const kinds = backup.jobs.map(({ project }) =>
    !there.has(project.id) ? 'added' : there.get(project.id) === JSON.stringify(project) ? 'same' : 'other',
  );
  const count = (kind: (typeof kinds)[number]) => kinds.filter((k) => k === kind).length;
  return { added: count('added'), same: count('same'), other: count('other') };
}
