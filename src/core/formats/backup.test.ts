import { strToU8, unzipSync, zipSync } from 'fflate';
import JSZip from 'jszip';
import { seededRandom } from '../geometry/random';
import { randomProject } from '../testing/samples';
import { readBackup, restoreChanges, restoring, writeBackup, type Backup } from './backup';
import { ENGLISH } from '../words/english';

const backup: Backup = {
  jobs: [
    { project: randomProject(1, 6), photographs: [{ id: 'p', type: 'image/jpeg', base64: 'aGVsbG8=' }] },
    { project: randomProject(2, 6), photographs: [] },
  ],
  stock: {
    tin: [
      {
        id: 't',
        species: 'rose',
        stage: 'open',
        colourway: 'blush',
        sizeMm: 60,
        count: 3,
        where: 'shelf',
        madeOn: '2027-01-01',
        state: 'good',
      },
    ],
    offcuts: [],
  },
};
const zip = writeBackup(backup, '2027-06-01T10:00');
const said = async (bytes: Uint8Array): Promise<string> => {
  const read = readBackup(bytes);
  return 'refused' in read ? ENGLISH.say(read.refused) : '';
};
const changed = async (change: (files: Record<string, Uint8Array>) => void): Promise<Uint8Array> => {
  const files = unzipSync(await zip);
  change(files);
  return zipSync(files);
};

test('goes out and comes back whole', async () => {
  expect(readBackup(await zip)).toEqual({ backup, madeAt: '2027-06-01T10:00', putRight: null });
});

test('another reader of ZIP files finds it sound, with every file in it', async () => {
  const read = await JSZip.loadAsync(await zip, { checkCRC32: true });
  expect(Object.keys(read.files).filter((n) => !read.files[n]!.dir)).toEqual([
    'manifest.json',
    'stock.json',
    'jobs/1-random-1.ofrenda.json',
    'jobs/2-random-2.ofrenda.json',
  ]);
  expect(JSON.parse(await read.file('stock.json')!.async('string'))).toEqual(backup.stock);
});

test.each([
  ['no ZIP', () => Promise.resolve(strToU8('hello')), /not a ZIP/],
  ['no manifest', () => changed((f) => delete f['manifest.json']), /manifest/],
  ['a file is missing', () => changed((f) => delete f['stock.json']), /“stock.json” is missing/],
  ['a file is changed', () => changed((f) => (f['stock.json'] = strToU8('{"tin":[],"offcuts":[]}'))), /checksum differs/],
  ['a file too many', () => changed((f) => (f['jobs/9-extra.ofrenda.json'] = strToU8('{}'))), /not in its manifest/],
  ['a path that leads elsewhere', () => changed((f) => (f['../../etc/passwd'] = strToU8('x'))), /no name of a job/],
  ['an absolute path', () => changed((f) => (f['/jobs/a.ofrenda.json'] = strToU8('x'))), /no name of a job/],
  [
    'a bomb: a little file that unpacks to very much',
    () => changed((f) => (f['jobs/1-bomb.ofrenda.json'] = new Uint8Array(60_000_000))),
    /larger than any job/,
  ],
  [
    'very many files',
    () => changed((f) => Array.from({ length: 2100 }, (_, i) => (f[`jobs/a${i}.ofrenda.json`] = strToU8('{}')))),
    /more than 2000 files/,
  ],
])('%s is said, and nothing is taken', async (_, make, words) => {
  expect(await said(await make())).toMatch(words);
});

/** A backup whose manifest says what is in it now, so that only the content itself is wrong. */
async function rewritten(name: string, content: string): Promise<Uint8Array> {
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', strToU8(content)));
  const sha256 = [...digest].map((b) => b.toString(16).padStart(2, '0')).join('');
  return changed((files) => {
    files[name] = strToU8(content);
    const manifest = JSON.parse(new TextDecoder().decode(files['manifest.json'])) as { files: Record<string, unknown>[] };
    for (const file of manifest.files)
      if (file.name === name || file.path === name)
        for (const key of Object.keys(file)) {
          if (typeof file[key] === 'string' && /^[0-9a-f]{64}$/.test(file[key])) file[key] = sha256;
          if (typeof file[key] === 'number') file[key] = strToU8(content).length;
        }
    files['manifest.json'] = strToU8(JSON.stringify(manifest));
  });
}

test.each([
  ['a stock that is none', 'stock.json', '{"tin":"many","offcuts":[]}', /tin and its ends of wire cannot be read|stock/],
  ['a job that is none', 'jobs/1-random-1.ofrenda.json', '{"kind":"a recipe"}', /jobs\/1-random-1.*something else/],
])('%s is refused by name, though its checksum is right', async (_name, file, content, words) => {
  expect(await said(await rewritten(file, content))).toMatch(words);
});

test('six hundred seeded hurts of the bytes: the whole, or a sentence, never an exception', async () => {
  const good = await zip;
  for (let seed = 1; seed <= 600; seed++) {
    const random = seededRandom(seed);
    const bytes = good.slice(0, random() < 0.2 ? Math.floor(random() * good.length) : good.length);
    for (let k = 0; k < 1 + random() * 6; k++) bytes[Math.floor(random() * bytes.length)] = Math.floor(random() * 256);
    const read = readBackup(bytes);
    if ('refused' in read) expect(ENGLISH.say(read.refused).length).toBeGreaterThan(10);
    else expect(read.backup.jobs).toHaveLength(2);
  }
});

test('what restoring would change: new ones, the same, others of the same id', async () => {
  const [a, b] = backup.jobs.map((j) => j.project);
  expect(restoreChanges(backup, [])).toEqual({ added: 2, same: 0, other: 0 });
  expect(restoreChanges(backup, [a!, { ...b!, name: 'otherwise' }])).toEqual({ added: 0, same: 1, other: 1 });
});

test('restored twice nothing comes twice, whatever was done with it since', async () => {
  const [a, b] = backup.jobs.map((j) => j.project);
  const other = { ...b!, name: 'otherwise' };
  const first = restoring(backup, [a!, other]);
  expect(first.map((r) => [r.kind, r.project.name])).toEqual([['other', b!.name]]);
  expect(first[0]!.id).not.toBe(b!.id);
  const worked = { ...b!, id: first[0]!.id, name: 'worked on' };
  expect(restoring(backup, [a!, other, worked])).toEqual([]);
  expect(restoreChanges(backup, [a!, other, worked])).toEqual({ added: 0, same: 2, other: 0 });
});

test('two jobs of one id in a backup are both kept, and once', async () => {
  const [job] = backup.jobs;
  const twin = { ...job!, project: { ...job!.project, name: 'twin' } };
  const both = restoring({ ...backup, jobs: [job!, twin, twin] }, []);
  expect(both.map((r) => r.project.name)).toEqual([job!.project.name, 'twin']);
  expect(new Set(both.map((r) => r.id)).size).toBe(2);
});
