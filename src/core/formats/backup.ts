import { strFromU8, strToU8, unzipSync, zipSync, type UnzipFileInfo } from 'fflate';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import * as v from 'valibot';
import { wholeBetween } from '../boundary/parts';
import type { Issue } from '../boundary/refusal';
import type { FileRefusal } from '../boundary/refusals';
import { tinSchema } from '../compose/tin';
import type { Stock } from '../make/stock';
import type { Project } from '../plan/project';
import { offcutsSchema } from '../wire/offcuts';
import { readProjectFile, writeProjectFile, type Photograph } from './projectFile';
import { must } from '../geometry/must';

export const BACKUP_KIND = 'ofrenda.backup';
export const BACKUP_VERSION = 1;

/** A backup holds no more files than this, none of them larger, all of them together no larger. Bytes. */
export const LIMITS = { files: 2000, fileBytes: 40_000_000, allBytes: 400_000_000 } as const;

/** Names that a backup may hold: nothing that could lead elsewhere. */
const NAME = /^(?:manifest\.json|stock\.json|jobs\/[a-z0-9][a-z0-9._-]{0,60}\.ofrenda\.json)$/i;

const manifestSchema = v.strictObject({
  kind: v.literal(BACKUP_KIND),
  version: v.literal(BACKUP_VERSION),
  madeAt: v.string(),
  files: v.pipe(
    v.array(
      v.strictObject({
        name: v.pipe(v.string(), v.regex(NAME)),
        bytes: wholeBetween(0, LIMITS.fileBytes),
        sha256: v.pipe(v.string(), v.maxLength(64)),
      }),
    ),
    v.maxLength(LIMITS.files),
  ),
});

const stockSchema = v.strictObject({ tin: tinSchema, offcuts: offcutsSchema });

export interface Backup {
  jobs: { project: Project; photographs: readonly Photograph[] }[];
  stock: Stock;
}

/** The browser's own is not there where a page comes over plain HTTP from another machine of the house. */
const checksum = (bytes: Uint8Array): string => bytesToHex(sha256(bytes));

/** The whole studio as one ZIP: every job a file as it is exported, the stock, and a manifest with checksums (SHA-256). */
export function writeBackup(backup: Backup, madeAt: string): Uint8Array {
  const files: Record<string, Uint8Array> = { 'stock.json': strToU8(`${JSON.stringify(backup.stock, null, 1)}\n`) };
  backup.jobs.forEach(({ project, photographs }, i) => {
    const words = project.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 40);
    files[`jobs/${i + 1}-${words || 'job'}.ofrenda.json`] = strToU8(writeProjectFile(project, photographs));
  });
  const listed = Object.entries(files).map(([name, bytes]) => ({ name, bytes: bytes.length, sha256: checksum(bytes) }));
  const manifest = { kind: BACKUP_KIND, version: BACKUP_VERSION, madeAt, files: listed };
  return zipSync({ 'manifest.json': strToU8(`${JSON.stringify(manifest, null, 1)}\n`), ...files }, { level: 6 });
}

/** A backup with what was put right in its jobs, told by the first of it. */
interface ReadBackup {
  backup: Backup;
  madeAt: string;
  putRight: FileRefusal | null;
}

/**
 * Reads a backup: all of it, or why not. Sizes are looked at before anything is unpacked and after; names that
 * lead elsewhere, files that the manifest does not list or whose checksum differs are refused.
 */
export function readBackup(zip: Uint8Array): ReadBackup | { refused: FileRefusal } {
  let files: Record<string, Uint8Array>;
  let stopped: FileRefusal | null = null;
  let all = 0;
  let count = 0;
  try {
    files = unzipSync(zip, {
      filter(file: UnzipFileInfo) {
        count++;
        all += file.originalSize;
        const name = file.name.slice(0, 60);
        if (count > LIMITS.files) stopped ??= { code: 'backup.many-files', values: { limit: LIMITS.files } };
        else if (file.originalSize > LIMITS.fileBytes || all > LIMITS.allBytes)
          stopped ??= { code: 'backup.large-file', values: { name } };
        else if (!NAME.test(file.name)) stopped ??= { code: 'backup.name', values: { name } };
        return stopped === null;
      },
    });
  } catch {
    return { refused: { code: 'backup.no-zip', values: {} } };
  }
  const refuse = (why: FileRefusal): { refused: FileRefusal } => ({ refused: { code: 'backup.unreadable', values: { why } } });
  if (stopped !== null) return refuse(stopped);
  if (Object.values(files).some((f) => f.length > LIMITS.fileBytes)) return refuse({ code: 'backup.lies', values: {} });
  const manifest = v.safeParse(manifestSchema, parsed(files['manifest.json']));
  if (!manifest.success) return refuse({ code: 'backup.no-manifest', values: {} });
  const listed = new Map(manifest.output.files.map((f) => [f.name, f]));
  for (const name of Object.keys(files))
    if (name !== 'manifest.json' && !listed.has(name)) return refuse({ code: 'backup.unlisted', values: { name } });
  for (const { name, sha256: wanted } of listed.values()) {
    const bytes = files[name];
    if (!bytes) return refuse({ code: 'backup.missing', values: { name } });
    if (checksum(bytes) !== wanted) return refuse({ code: 'backup.checksum', values: { name } });
  }
  const stock = v.safeParse(stockSchema, parsed(files['stock.json']));
  if (!stock.success) return refuse({ code: 'backup.stock', values: {} });
  const jobs: Backup['jobs'] = [];
  const repaired: { name: string; issue: Issue }[] = [];
  for (const name of [...listed.keys()].filter((n) => n.startsWith('jobs/'))) {
    const read = readProjectFile(strFromU8(must(files[name])));
    if ('refused' in read) return refuse({ code: 'backup.job', values: { name, why: read.refused } });
    jobs.push({ project: read.project, photographs: read.photographs });
    repaired.push(...read.repaired.map((issue) => ({ name: read.project.name, issue })));
  }
  const [first] = repaired;
  const putRight: FileRefusal | null = first
    ? {
        code: 'backup.put-right',
        values: { name: first.name, count: repaired.length, why: first.issue.why, at: first.issue.path },
      }
    : null;
  return { backup: { jobs, stock: stock.output }, madeAt: manifest.output.madeAt, putRight };
}

function parsed(bytes: Uint8Array | undefined): unknown {
  try {
    const value: unknown = bytes ? JSON.parse(strFromU8(bytes)) : null;
    return value;
  } catch {
    return null;
  }
}

/** What restoring would do to a shelf: jobs that are new, the same, or other than those of the same name there. */
export function restoreChanges(backup: Backup, shelf: readonly Project[]): { added: number; same: number; other: number } {
  const kinds = restoring(backup, shelf).map((r) => r.kind);
  const count = (kind: (typeof kinds)[number]) => kinds.filter((k) => k === kind).length;
  return { added: count('added'), same: backup.jobs.length - kinds.length, other: count('other') };
}

/** A job of a backup that is put on the shelf: under its own id, or beside another job that has it. */
export interface Restoring {
  kind: 'added' | 'other';
  /** the id under which it is put there */
  id: string;
  project: Project;
  photographs: readonly Photograph[];
}

/**
 * What a restore puts on a shelf. What is there already as it is in the backup is left out. A job that is other than its namesake gets an
 * id made from what is in it: restored once more it is there already, whatever was done with it since. Two jobs of one id in a backup are
 * both kept; one that was deleted keeps its id, and can still be brought back.
 */
export function restoring(backup: Backup, shelf: readonly Project[], deleted: ReadonlySet<string> = new Set()): Restoring[] {
  const there = new Map(shelf.map((p) => [p.id, JSON.stringify(p)]));
  const found: Restoring[] = [];
  for (const { project, photographs } of backup.jobs) {
    const text = JSON.stringify(project);
    const known = there.get(project.id);
    if (known === text) continue;
    const isFree = known === undefined && !deleted.has(project.id);
    const id = isFree ? project.id : `${project.id.slice(0, 60)}-${checksum(strToU8(text)).slice(0, 12)}`;
    if (!isFree && there.has(id)) continue;
    there.set(id, text);
    found.push({ kind: known === undefined ? 'added' : 'other', id, project, photographs });
  }
  return found;
}
