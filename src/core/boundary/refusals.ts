import type { FactOf, FactTable } from '../facts/fact';

const MET = { met: 'text' } as const;

/** Why one value is refused. `met` is what was there, `limit` what it may be at the least or the most. */
export const VALUE_REFUSALS = {
  'refusal.missing': {},
  'refusal.unknown-field': { field: 'text' },
  'refusal.none-of': { ...MET, choices: 'text' },
  'refusal.no-number': MET,
  'refusal.no-whole-number': MET,
  'refusal.no-boolean': MET,
  'refusal.no-text': MET,
  'refusal.no-list': MET,
  'refusal.less': { ...MET, limit: 'text' },
  'refusal.more': { ...MET, limit: 'text' },
  'refusal.empty': {},
  'refusal.too-long': { limit: 'count' },
  'refusal.too-few': { limit: 'count' },
  'refusal.too-many': { limit: 'count' },
  'refusal.form': MET,
  'refusal.other': MET,
  'refusal.time': MET,
  'refusal.day': MET,
  'refusal.colour': MET,
  'refusal.own-id': MET,
  'refusal.zone': MET,
  'refusal.base64': {},
  'refusal.bore': MET,
  'refusal.species': MET,
  'refusal.method': MET,
  'refusal.id-twice': MET,
  'refusal.comma': { ...MET, right: 'text' },
  'refusal.unlike-line': { line: 'count' },
} as const satisfies FactTable;
export type ValueRefusal = FactOf<typeof VALUE_REFUSALS>;

const WHAT = { what: ['job', 'packet', 'catalogue', 'calendar', 'request'] } as const;

/** Why a file, a table or a request is refused whole. */
export const FILE_REFUSALS = {
  'file.too-large': WHAT,
  'file.no-json': WHAT,
  'file.other-kind': WHAT,
  'file.newer': { ...WHAT, version: 'count', most: 'count' },
  'file.unreadable': { ...WHAT, why: 'fact', at: 'text', placed: 'yes' },
  'file.not-taken': { why: 'fact' },
  'file.photographs': { why: 'fact' },
  'packet.other-job': { job: 'text' },
  'backup.no-zip': {},
  'backup.unreadable': { why: 'fact' },
  'backup.many-files': { limit: 'count' },
  'backup.large-file': { name: 'text' },
  'backup.name': { name: 'text' },
  'backup.lies': {},
  'backup.no-manifest': {},
  'backup.unlisted': { name: 'text' },
  'backup.missing': { name: 'text' },
  'backup.checksum': { name: 'text' },
  'backup.stock': {},
  'backup.job': { name: 'text', why: 'fact' },
  'table.no-column': { column: 'text' },
  'table.many-rows': { limit: 'count' },
  'table.cell': { line: 'count', column: 'text', why: 'fact' },
  'calendar.none': {},
  'calendar.empty': {},
  'calendar.event': { number: 'count', repeats: 'yes' },
  'calendar.many': { limit: 'count' },
  'request.many-pieces': { limit: 'count' },
  'request.seed': {},
  'request.proposals': { limit: 'count' },
  'request.no-arrangement': {},
  'request.too-long': {},
  'request.best-so-far': { seconds: 'count' },
  'request.too-large': { limit: 'count' },
  'request.type': { met: 'text' },
  'request.origin': { met: 'text' },
  'request.slow': { seconds: 'count' },
  'request.method': { met: 'text' },
  'request.address': { met: 'text' },
  'request.busy': { seconds: 'count' },
  'request.failed': {},
  'request.option': { option: 'text', met: 'text' },
  'request.no-file': {},
  'request.file': { name: 'text' },
} as const satisfies FactTable;
export type FileRefusal = FactOf<typeof FILE_REFUSALS>;

export type Refusal = ValueRefusal | FileRefusal;
