import Dexie, { type EntityTable, type Table } from 'dexie';
import type { Photograph } from '@/core/formats/projectFile';
import type { Project } from '@/core/plan/project';
import type { KeptStep } from './history';

export interface JobRow {
  id: string;
  name: string;
  updatedAt: number;
  project: Project;
  /** grows with every write of the job; rows of earlier versions have none */
  revision?: number;
  /** the tab that wrote it */
  writer?: string;
}

/** A job as it was; `seenAt` came later, and rows without it were kept at `at`. */
export interface VersionRow {
  jobId: string;
  at: number;
  seenAt?: number;
  project: Project;
}

/** A step of a job that can be undone after the page was closed. */
interface StepRow extends KeptStep {
  jobId: string;
}

export interface PhotoRow extends Photograph {
  jobId: string;
}

interface SettingRow {
  key: string;
  value: unknown;
}

/** A job that was deleted and can be brought back; what belongs to it stays where it is until it is finally gone. */
export interface DeletedRow {
  id: string;
  name: string;
  deletedAt: number;
  project: Project;
  revision?: number;
}

/** The browser's own database. A saved job is on disk: writes wait for it (strict durability). */
export class StudioDb extends Dexie {
  jobs!: EntityTable<JobRow, 'id'>;
  settings!: EntityTable<SettingRow, 'key'>;
  photos!: EntityTable<PhotoRow, 'id'>;
  versions!: Table<VersionRow, [string, number]>;
  steps!: Table<StepRow, [string, number]>;
  deleted!: EntityTable<DeletedRow, 'id'>;

  constructor(name = 'ofrenda') {
    super(name, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({ jobs: 'id, updatedAt', settings: 'key' });
    this.version(2).stores({ photos: 'id, jobId' });
    this.version(3).stores({ versions: '[jobId+at]' });
    this.version(4).stores({ steps: '[jobId+n]' });
    this.version(5).stores({ deleted: 'id, deletedAt' });
  }
}
