import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import harbour from '../demo/demo-harbour-library.ofrenda.json';
import { seededRandom } from '../geometry/random';
import type { LogEntry } from '../log/entries';
import { SKILLS } from '../days/windows';
import { derivePlan } from '../plan/derivePlan';
import { checkProject, type Project } from '../plan/project';
import { PAPER_FONTS } from './fontsForTests';
import { boxLabels, simulatedLabelPrinter } from './labelsPdf';
import { doubtsOf, mergePacket, packetFor, readPacket, writePacket, type Packet } from './packetFile';
import { ENGLISH } from '../words/english';

const checked = checkProject(harbour);
if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
const JOB: Project = {
  ...checked.project,
  log: [],
  days: {
    ...checked.project.days,
    makers: [
      {
        id: 'h1',
        name: 'Helper',
        hours: checked.project.brief.hours,
        can: [...SKILLS].filter((s) => s === 'making' || s === 'dusting'),
      },
    ],
  },
};
const PLAN = derivePlan(JOB);
const PACKET = packetFor(JOB, PLAN, 'h1', ENGLISH)!;
const entry = (id: string, kind: string, made: number, more: Partial<LogEntry> = {}): LogEntry => ({
  id,
  at: '2027-06-08T19:00',
  kind,
  made,
  broken: 0,
  minutes: null,
  ...more,
});

describe('a packet', () => {
  test('carries the helper’s tasks and no others, each with count and steps, and every kind they make', () => {
    const own = PLAN.schedule.filter((p) => p.maker === 1).map((p) => p.id);
    expect(own.length).toBeGreaterThan(0);
    expect(PACKET.tasks.map((t) => t.id)).toEqual(own);
    expect(new Set(PACKET.kinds.map((k) => k.key))).toEqual(new Set(PACKET.tasks.map((t) => t.kind)));
    for (const t of PACKET.tasks) {
      expect(t.pieces).toBeGreaterThan(0);
      expect(t.how.length).toBeGreaterThan(0);
    }
    expect(packetFor(JOB, PLAN, 'nobody', ENGLISH)).toBeNull();
  });
  test('goes out and comes back unharmed', () => {
    expect(readPacket(writePacket(PACKET))).toEqual({ packet: PACKET });
  });
  test.each([
    ['no JSON', 'x', /not JSON/],
    ['another kind', '{"kind":"ofrenda.project"}', /something else/],
    ['a newer version', '{"kind":"ofrenda.packet","version":9}', /newer/],
    ['a broken one', JSON.stringify({ ...PACKET, leavesAt: 'soon' }), /leavesAt/],
    ['too large', ' '.repeat(2_000_001), /larger/],
  ])('%s is said, not read', (_, text, words) => {
    const read = readPacket(text);
    expect('refused' in read && ENGLISH.say(read.refused)).toMatch(words);
  });
});

describe('taking packets back', () => {
  const key = PACKET.kinds[0]!.key;
  const merged = (packet: Packet, project = JOB) => {
    const result = mergePacket(project, packet, PLAN.tray);
    if ('refused' in result) throw new Error(ENGLISH.say(result.refused));
    return result;
  };
  const back = (...log: LogEntry[]): Packet => ({ ...PACKET, log });

  test('a packet of another job is refused by name', () => {
    const result = mergePacket(JOB, { ...PACKET, projectId: 'other', job: 'Other cake' }, PLAN.tray);
    expect('refused' in result && ENGLISH.say(result.refused)).toMatch(/another job, “Other cake”/);
  });
  test('taken back twice it counts once', () => {
    const once = merged(back(entry('h:1', key, 3)));
    expect(once.added).toBe(1);
    const twice = merged(back(entry('h:1', key, 3)), { ...JOB, log: once.log });
    expect(twice.added).toBe(0);
    expect(twice.log).toEqual(once.log);
  });
  test('in any order the same log; 200 seeded evenings of three helpers', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const random = seededRandom(seed);
      const packets = ['a', 'b', 'c'].map((who) =>
        back(
          ...Array.from({ length: 1 + Math.floor(random() * 5) }, (_, i) =>
            entry(`${who}:${i}`, key, 1 + Math.floor(random() * 4), random() < 0.2 ? { over: ['a:0'] } : {}),
          ),
        ),
      );
      const inOrder = (order: number[]) => order.reduce((job, i) => ({ ...job, log: merged(packets[i]!, job).log }), JOB).log;
      expect(inOrder([2, 0, 1])).toEqual(inOrder([0, 1, 2]));
    }
  });
  test('two corrections of one entry stand side by side', () => {
    const first = merged(back(entry('a:1', key, 3), entry('h:2', key, 4, { over: ['a:1'] })));
    expect(first.conflicts).toEqual([]);
    const second = merged(back(entry('g:1', key, 2, { over: ['a:1'] })), { ...JOB, log: first.log });
    expect(second.conflicts.map((g) => g.map((e) => e.made).sort())).toEqual([[2, 4]]);
  });
  test('more than asked for, and two people at one time, are doubts', () => {
    const asked = PLAN.tray.find((k) => k.key === key)!.toMake;
    expect(doubtsOf([entry('a:1', key, asked)], PLAN.tray)).toEqual([]);
    expect(doubtsOf([entry('a:1', key, asked), entry('b:1', key, 1)], PLAN.tray).map((d) => d.code)).toContain('packet.twice');
    const two = [
      entry('a:1', key, 1, { by: 'you', minutes: 40 }),
      entry('b:1', key, 1, { by: 'Helper', minutes: 40, at: '2027-06-08T19:20' }),
    ];
    expect(doubtsOf(two, PLAN.tray).map((d) => d.code)).toContain('packet.together');
    expect(doubtsOf([two[0]!, { ...two[1]!, at: '2027-06-08T21:00' }], PLAN.tray)).toEqual([]);
  });
});

test('labels of boxes: a page of 62 × 29 mm for each kind, read back by another reader', async () => {
  const labels = boxLabels(PLAN.tray, { name: JOB.name, leavesAt: JOB.brief.leavesAt }, ENGLISH);
  const file = join(mkdtempSync(join(tmpdir(), 'labels-')), 'labels.pdf');
  writeFileSync(file, await simulatedLabelPrinter(PAPER_FONTS, 'en').print(labels));
  const { pages } = JSON.parse(execFileSync('node', ['src/core/testing/readPdf.mjs', file], { encoding: 'utf8' })) as {
    pages: { widthMm: number; heightMm: number; words: { words: string }[] }[];
  };
  expect(pages).toHaveLength(PLAN.tray.length);
  for (const page of pages) {
    expect(page.widthMm).toBeCloseTo(62, 1);
    expect(page.heightMm).toBeCloseTo(29, 1);
    expect(page.words.map((w) => w.words)).toContain(JOB.name);
  }
});
