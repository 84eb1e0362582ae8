import { newProject } from '@/core/plan/newProject';
import { memoryShelf, step, studioForTest, tick } from './testing/studioForTest';
import { withOwnPhotographs } from './ownPhotographs';

const photo = (id: string) => ({ id, type: 'image/jpeg' as const, base64: 'aGVsbG8=' });
const entry = (id: string, of?: string) => ({
  id,
  kind: 'rose|open|blush',
  at: '2027-06-01T10:00',
  made: 1,
  broken: 0,
  minutes: 5,
  ...(of && { photo: of }),
});

test('photographs get ids of the job, and the log means them', () => {
  const project = {
    ...newProject('second', 'Second', '2027-06-12T09:30'),
    log: [entry('1', 'b'), entry('2'), entry('3', 'gone')],
  };
  const own = withOwnPhotographs(project as never, [photo('a'), photo('b')]);
  expect(own.photographs.map((p) => p.id)).toEqual(['second-photo-1', 'second-photo-2']);
  expect(own.project.log.map((e) => e.photo)).toEqual(['second-photo-2', undefined, 'gone']);
});

test('a copy carries its photographs; a deleted job brings its own back; a name says which deletion is taken back', async () => {
  const { studio } = studioForTest(memoryShelf());
  await studio().start();
  await tick();
  const first = studio().project!;
  await studio().addPhoto(photo('of the first'));
  await studio().copy(first.id);
  expect(studio().project!.id).not.toBe(first.id);
  expect(studio().photos).toHaveLength(1);
  expect(studio().photos[0]!.id).not.toBe('of the first');
  const copied = studio().project!.id;
  await studio().remove(copied);
  await studio().remove(first.id);
  expect((await studio().deletedJobs()).map((d) => d.id)).toEqual([first.id, copied]);
  await studio().bringBack(copied);
  expect(studio().project!.id).toBe(copied);
  expect(studio().photos).toHaveLength(1);
  await studio().bringBack(first.id);
  expect(studio().photos.map((p) => p.id)).toEqual(['of the first']);
  expect(await studio().deletedJobs()).toEqual([]);
});

test('gone for good is gone: it cannot be taken back by the message either', async () => {
  const { studio } = studioForTest(memoryShelf());
  await studio().start();
  await tick();
  const { id } = studio().project!;
  studio().edit(step('name'), (d) => void (d.name = 'worked on'));
  await studio().remove(id);
  expect(studio().deleted?.project.id).toBe(id);
  await studio().forget(id);
  expect(studio().deleted).toBeNull();
  await studio().bringBack(id);
  expect(studio().jobs.map((j) => j.id)).not.toContain(id);
});

test('ends of wire that went free with a deleted job are not there twice when it is taken back from the list', async () => {
  const { studio } = studioForTest(memoryShelf());
  await studio().start();
  await tick();
  const { id } = studio().project!;
  const end = { gauge: 22, colour: 'green' as const, lengthMm: 120, count: 2 };
  studio().edit(step('ends'), (d) => void (d.offcuts = [end]));
  expect(studio().project!.offcuts).toEqual([end]);
  await studio().remove(id);
  const free = studio().offcuts;
  expect(free).toContainEqual(end);
  studio().set({ deleted: null });
  await studio().bringBack(id);
  expect(studio().project).toMatchObject({ id, offcuts: [] });
  expect(studio().offcuts).toEqual(free);
});

test('a file of a deleted job comes in beside it: the deleted one can still be brought back', async () => {
  const { studio } = studioForTest(memoryShelf());
  await studio().start();
  await tick();
  const file = JSON.stringify(studio().project!);
  const { id } = studio().project!;
  studio().edit(step('name'), (d) => void (d.name = 'worked on since'));
  await studio().remove(id);
  await studio().importText(file);
  expect(studio().project!.id).not.toBe(id);
  expect((await studio().deletedJobs()).map((d) => d.name)).toEqual(['worked on since']);
  await studio().bringBack(id);
  expect(studio().project).toMatchObject({ id, name: 'worked on since' });
});

test('what cannot be stored is not brought back, and stays in the list', async () => {
  const shelf = memoryShelf();
  const { studio } = studioForTest(shelf);
  await studio().start();
  await tick();
  const { id } = studio().project!;
  await studio().remove(id);
  shelf.add = () => Promise.reject(new Error('full'));
  await studio().bringBack(id);
  expect((await studio().deletedJobs()).map((d) => d.id)).toEqual([id]);
});
