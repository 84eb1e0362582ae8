import { writePacket, type Packet } from '@/core/formats/packetFile';
import { memoryShelf, PACKET, step, studioForTest, tabsTogether, tick } from './testing/studioForTest';
import { ENGLISH } from '@/core/words/english';

const quota = () => Promise.reject(Object.assign(new Error('full'), { name: 'QuotaExceededError' }));
const settle = async () => {
  for (let i = 0; i < 6; i++) await tick();
};

/** A studio on whose shelf one kind of write is refused. */
async function refusing(write: 'add' | 'putPhoto' | 'setSetting' | 'changeSetting') {
  const shelf = memoryShelf();
  const { studio } = studioForTest(shelf);
  await studio().start();
  await settle();
  shelf[write] = quota;
  return { studio, told: () => (studio().message ? ENGLISH.tell(studio().message!.text) : null) };
}

const photo = { id: 'p', type: 'image/png' as const, base64: 'AAAA' };

test.each([
  ['a new job', 'add', (s: Studio) => s.create(), 'The job could not be stored'],
  ['a copy', 'add', (s: Studio) => s.copy(s.project!.id), 'The job could not be stored'],
  ['a job out of a file', 'add', (s: Studio) => s.importText(JSON.stringify(s.project)), 'The job could not be stored'],
  ['a photograph', 'putPhoto', (s: Studio) => s.addPhoto(photo), 'The photograph could not be stored'],
  ['the tin', 'setSetting', (s: Studio) => s.setTin([]), 'The tin and the ends of wire could not be stored'],
  ['a habit', 'setSetting', (s: Studio) => s.setHabits({ ...s.habits, clock: 12 }), 'This setting could not be stored'],
  ['a packet', 'setSetting', (s: Studio) => s.openPacket(writePacket(PACKET)), 'The packet could not be stored'],
] as const)('where there is no room, %s is told by its name, with what makes room', async (_name, write, act, sentence) => {
  const { studio, told } = await refusing(write);
  const before = studio().project;
  await act(studio());
  await settle();
  expect(told()).toContain(sentence);
  expect(told()).toContain('no room left');
  // what was open is open as it was
  expect(studio().project).toBe(before);
  expect(studio().photos).toEqual([]);
});

test('while another tab lets nobody in, and once it has changed what is stored, a sentence says what to do', async () => {
  const { bench, studio } = studioForTest(memoryShelf());
  bench.hold();
  expect(studio().keeps).toBe('held');
  await studio().start();
  await settle();
  studio().edit(step('name'), (d) => void (d.name = 'mine'));
  bench.outdate();
  expect(studio()).toMatchObject({ saved: 'failed', onlyLook: true, saveFault: { key: 'studio.newer-elsewhere' } });
  // what is shown stays, and nothing more is written
  expect(studio().project!.name).toBe('mine');
  const writes = jest.spyOn(bench.shelf, 'save');
  await studio().flush();
  expect(writes).not.toHaveBeenCalled();
});

test('two tabs add to one packet, none replaces what the other wrote', async () => {
  const shelf = memoryShelf();
  const newTab = tabsTogether();
  const [one, two] = [studioForTest(shelf, newTab()), studioForTest(shelf, newTab())];
  for (const tab of [one, two]) {
    await tab.studio().start();
    await settle();
  }
  await one.studio().importText(writePacket(PACKET));
  await settle();
  await two.studio().startLog();
  const kind = one.studio().packet!.kinds[0]!.key;
  const entry = (made: number) => ({ kind, made, broken: 0, minutes: null });
  // at once, before either has heard of the other
  one.studio().packetEntry(entry(1));
  two.studio().packetEntry(entry(2));
  two.studio().packetEntry(entry(3));
  await settle();
  const stored = (await shelf.getSetting('packet')) as Packet;
  expect(stored.log.map((e) => e.made)).toEqual([1, 2, 3]);
  expect(new Set(stored.log.map((e) => e.id)).size).toBe(3);
  expect(one.studio().packet).toEqual(stored);
  expect(two.studio().packet).toEqual(stored);
});

type Studio = ReturnType<Awaited<ReturnType<typeof refusing>>['studio']>;
