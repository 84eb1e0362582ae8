import { seededRandom } from '../geometry/random';
import { derivePlan } from '../plan/derivePlan';
import { randomProject } from '../testing/samples';
import { busyFromCalendar } from './calendarIn';
import { calendarFile } from './calendarFile';
import { readCutListCsv, writeCutListCsv } from './cutListCsv';
import { readMethodsCsv, writeMethodsCsv } from './methodsTable';
import { PACKET_KIND, readPacket } from './packetFile';
import { readProjectFile, writeProjectFile } from './projectFile';
import { METHODS } from '../botany/methods';
import type { Fact } from '../facts/fact';
import { MESSAGES } from '../words/es';
import { Words } from '../words/words';
import { ENGLISH } from '../words/english';
import { ownMethodOf } from '../words/ownMethod';

/** Whoever reads Spanish is told in Spanish what is wrong with a file. */
const spanish = new Words(MESSAGES);

/** So many for each importer. */
const ROUNDS = 2500;
const MOST_MS = 2000;
/** Of the processor, so that other work on the machine does not count. */
const cpuMs = (since: NodeJS.CpuUsage): number => {
  const { user, system } = process.cpuUsage(since);
  return (user + system) / 1000;
};

const small = {
  ...randomProject(3, 4),
  log: [{ id: 'a:1', at: '2027-06-01T19:00', kind: 'rose|open|blush', made: 2, broken: 1, minutes: 30 }],
};
const plan = derivePlan(small);
const own = Object.values(METHODS)
  .slice(0, 3)
  .map((m, i) => ownMethodOf({ from: m, id: `own-${i}`, name: ENGLISH.method(m.id), words: ENGLISH }));
const packet = {
  kind: PACKET_KIND,
  version: 1,
  projectId: 'p',
  job: 'Job',
  leavesAt: '2027-06-12T09:30',
  helper: 'Helper',
  actor: '',
  catalogue: { species: [], methods: [] },
  kinds: [{ key: 'rose|open|blush', species: 'rose', stage: 'open', colourway: 'blush', sizeMm: 60, name: 'Rose', wanted: 4 }],
  tasks: [
    {
      id: 't',
      name: 'T',
      kind: 'rose|open|blush',
      from: '2027-06-01T18:00',
      to: '2027-06-01T19:00',
      pieces: 4,
      how: ['wrap'],
      dry: '',
    },
  ],
  log: small.log,
};

/** Everything a reader may answer: the whole, or what is wrong with words. */
type Answer = { refused?: Fact; issues?: readonly { why: Fact; path: string }[] } & Record<string, unknown>;

const IMPORTERS: { name: string; good: string; taken: string; read(text: string): Answer }[] = [
  { name: 'a job', good: writeProjectFile(small), taken: 'project', read: (t) => readProjectFile(t) },
  { name: 'a packet', good: JSON.stringify(packet), taken: 'packet', read: (t) => readPacket(t) },
  { name: 'methods as a table', good: writeMethodsCsv(own), taken: 'rows', read: (t) => readMethodsCsv(t) },
  {
    name: 'a cut list',
    good: writeCutListCsv([
      { gauge: 20, lengthMm: 96, count: 3 },
      { gauge: 28, lengthMm: 60.5, count: 40 },
    ]),
    taken: 'rows',
    read: (t) => readCutListCsv(t),
  },
  {
    name: 'a calendar',
    good: calendarFile(plan, { name: 'Job', leavesAt: small.brief.leavesAt }, '2027-05-01T08:00', ENGLISH),
    taken: 'value',
    read: (t) => busyFromCalendar(t, { from: 0, to: 1e9 }, (u) => u / 60),
  },
];

const PIECES = [
  '"',
  '{',
  '}',
  '[',
  ']',
  ',',
  ':',
  '-',
  '1e999',
  'null',
  '\u0000',
  '<script>alert(1)</script>',
  '=1+1',
  '9'.repeat(400),
  '[['.repeat(3000),
  'RRULE:FREQ=SECONDLY\r\n',
  '\r\n',
  '💥',
  'NaN',
  '__proto__',
];

/** One to five random hurts: letters changed, parts cut out, doubled, or put in. */
function hurt(text: string, random: () => number): string {
  let out = text;
  for (let k = 0; k < 1 + Math.floor(random() * 5); k++) {
    const at = Math.floor(random() * out.length);
    const long = Math.floor(random() * 40);
    const roll = random();
    if (roll < 0.3) out = out.slice(0, at) + String.fromCharCode(32 + Math.floor(random() * 95)) + out.slice(at + 1);
    else if (roll < 0.5) out = out.slice(0, at) + out.slice(at + long);
    else if (roll < 0.65) out = out.slice(0, at) + out.slice(at, at + long) + out.slice(at);
    else if (roll < 0.9) out = out.slice(0, at) + PIECES[Math.floor(random() * PIECES.length)]! + out.slice(at);
    else out = out.slice(0, at);
  }
  return out;
}

describe.each(IMPORTERS)('$name, hurt in seeded ways', ({ good, taken, read }) => {
  test('the good one is taken', () => {
    expect(read(good)).toHaveProperty(taken);
  });
  test(`${ROUNDS} times: read whole or refused with words and a place, never an exception, never long`, () => {
    const before = JSON.stringify(read(good));
    let refused = 0;
    const said = new Set<string>();
    for (let seed = 1; seed <= ROUNDS; seed++) {
      const text = hurt(good, seededRandom(seed));
      const start = process.cpuUsage();
      const answer = read(text);
      expect(cpuMs(start)).toBeLessThan(MOST_MS);
      if (taken in answer) continue;
      refused++;
      const why = answer.refused ?? answer.issues?.[0]?.why;
      expect(why && ENGLISH.say(why).length).toBeGreaterThan(10);
      for (const fact of [answer.refused, ...(answer.issues ?? []).map((i) => i.why)])
        if (fact) for (const words of [ENGLISH, spanish]) said.add(words.say(fact));
    }
    expect([...said].filter((words) => /Invalid|Expected|received|undefined/.test(words))).toEqual([]);
    expect(refused).toBeGreaterThan(ROUNDS / 20);
    // nothing of what was hurt has stayed behind
    expect(JSON.stringify(read(good))).toBe(before);
  });
});
