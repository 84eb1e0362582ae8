import { mayBeEatenWarning, allowedFor } from './eaten';

const plaque = { name: 'The plaque', wired: false, pieces: 6, keepsake: false, dust: 'not edible' as const };

describe('eaten or keepsake decides the dust (trade.md C10; common practice, no source)', () => {
  test('what may be eaten carries only what is edible; unknown counts as not edible', () => {
    expect(mayBeEatenWarning(plaque)).toMatchObject({ level: 'stop', what: expect.stringContaining('The plaque') });
    expect(mayBeEatenWarning({ ...plaque, dust: 'unknown' })?.why).toMatch(/unknown.*counts as not edible/);
    expect(mayBeEatenWarning({ ...plaque, dust: 'edible' })).toBeNull();
  });

  test('what is kept, what holds wire and what is not there yet is nobody’s food', () => {
    expect(mayBeEatenWarning({ ...plaque, keepsake: true })).toBeNull();
    expect(mayBeEatenWarning({ ...plaque, wired: true })).toBeNull();
    expect(mayBeEatenWarning({ ...plaque, pieces: 0 })).toBeNull();
  });

  test('each dust says what it may be used for', () => {
    expect(allowedFor('edible', false)).toBe('any piece');
    expect(allowedFor('unknown', false)).toMatch(/on wire.*off the icing/);
    expect(allowedFor('not edible', true)).toMatch(/kept, off the icing/);
  });
});
