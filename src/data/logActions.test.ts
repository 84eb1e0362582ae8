import { writeProjectFile } from '@/core/formats/projectFile';
import { writePacket, type Packet } from '@/core/formats/packetFile';
import { memoryShelf, tabsTogether, studioForTest, tick, opened, passTime, PACKET, step } from './testing/studioForTest';

describe('a packet for a helper', () => {
  const packet = { ...JSON.parse(JSON.stringify(PACKET)) } as Packet;
  test('opened it writes under a name of its own each time; what is done stays over a reload; another file is told', async () => {
    const { studio, bench } = await opened();
    await studio().importText(writePacket(packet));
    const first = studio().packet!;
    studio().packetEntry({ kind: packet.kinds[0]!.key, made: 2, broken: 0, minutes: null });
    studio().packetEntry({ kind: packet.kinds[0]!.key, made: 1, broken: 1, minutes: 9 });
    expect(studio().packet!.log.map((e) => e.id)).toEqual([`${first.actor}:1`, `${first.actor}:2`]);
    await studio().importText(writePacket(packet));
    expect(studio().message!.text).toMatchObject({ key: 'studio.packet-open-already' });
    studio().set({ packet: null });
    await studio().start();
    expect(studio().packet!.log).toHaveLength(2);
    studio().closePacket();
    await studio().importText(writePacket(packet));
    expect(studio().packet!.actor).not.toBe(first.actor);
    await studio().importText(writePacket({ ...packet, version: 7 as 1 }));
    expect(studio().message!.text).toMatchObject({ code: 'file.newer' });
    // the newer one took nothing away from what is open
    expect(await bench.shelf.getSetting('packet')).toEqual(studio().packet);
    expect(studio().packet!.log).toEqual(packet.log);
  });
});

test('photographs and switched devices are kept; a job with photographs comes in with them', async () => {
  const { studio, bench } = await opened();
  studio().setDevices({ sensor: true, scale: false, printer: false });
  await studio().addPhoto({ id: 'p1', type: 'image/jpeg', base64: 'aGVsbG8=' });
  const text = writeProjectFile(studio().project!, studio().photos);
  await studio().importText(text);
  expect(studio().photos).toHaveLength(1);
  expect(studio().photos[0]!.id).not.toBe('p1');
  studio().set({ devices: { sensor: false, scale: false, printer: false } });
  await studio().start();
  expect(studio().devices.sensor).toBe(true);
  expect(await bench.shelf.getSetting('devices')).toEqual({ sensor: true, scale: false, printer: false });
});

test('two tabs on one job: the second can only look, follows what is saved, and takes over when the first lets go', async () => {
  const shelf = memoryShelf();
  const newTab = tabsTogether();
  const one = studioForTest(shelf, newTab());
  await one.studio().start();
  await tick();
  const second = newTab();
  const two = studioForTest(shelf, second);
  await two.studio().start();
  await tick();
  expect(one.studio().onlyLook).toBe(false);
  expect(two.studio()).toMatchObject({ onlyLook: true, message: { text: { key: 'studio.only-look' } } });
  // nothing that the second does is kept, and it says so
  two.studio().edit(step('name'), (d) => void (d.name = 'overwritten'));
  expect(two.studio().project!.name).not.toBe('overwritten');
  await two.studio().flush();
  one.studio().edit(step('name'), (d) => void (d.name = 'from the first'));
  await passTime(one.bench);
  await tick();
  expect(two.studio().project!.name).toBe('from the first');
  expect([...shelf.rows.values()].filter((r) => r.project.name === 'overwritten')).toEqual([]);
  one.bench.tabs.release();
  await tick();
  expect(two.studio()).toMatchObject({ onlyLook: false, message: { text: { key: 'studio.tab-let-go' } } });
  two.studio().edit(step('name'), (d) => void (d.name = 'from the second'));
  await passTime(two.bench);
  expect([...shelf.rows.values()].map((r) => r.project.name)).toContain('from the second');
});

test('everything backed up and restored: nothing is overwritten, what is the same stays alone, the tin only where wanted', async () => {
  const { studio, bench } = await opened();
  const zip = await studio().backUp();
  const tin = studio().tin;
  studio().edit(step('name'), (d) => void (d.name = 'changed since'));
  await studio().setTin([]);
  await passTime(bench);
  await studio().lookAtBackup(zip);
  const looked = studio().looked!;
  expect(looked.changes).toEqual({ added: 0, same: 2, other: 1 });
  await studio().restore(looked.backup, false);
  expect(studio().jobs).toHaveLength(4);
  expect(
    studio()
      .jobs.map((j) => j.name)
      .filter((n) => /changed since|\(restored\)/.test(n)),
  ).toHaveLength(2);
  expect(studio().tin).toEqual([]);
  await studio().restore(looked.backup, true);
  expect(studio().tin).toEqual(tin);
  await studio().lookAtBackup(new Uint8Array([1, 2, 3]));
  expect(studio().looked).toBeNull();
  expect(studio().message!.text).toMatchObject({ code: 'backup.no-zip' });
});

test('a job goes back to an earlier version as a step that is undone; another job’s version is not taken', async () => {
  const { studio, bench } = await opened();
  const { name } = studio().project!;
  studio().edit(step('name'), (d) => void (d.name = 'first'));
  await passTime(bench);
  const [version] = await studio().versions();
  studio().edit(step('name'), (d) => void (d.name = 'second'));
  studio().goBackTo(version!);
  expect(studio().project!.name).toBe(name);
  studio().undo();
  expect(studio().project!.name).toBe('second');
  studio().goBackTo({ at: 1, seenAt: 1, project: { ...version!.project, id: 'another' } });
  expect(studio().project!.name).toBe('second');
});
