import { mayBeEatenWarning, allowedFor } from './eaten';

const plaque = { line: 'plaque', wired: false, pieces: 6, keepsake: false, dust: 'not edible' as const };

describe('eaten or keepsake decides the dust (docs/trade.md C10; common practice, no source)', () => {
  test('what may be eaten carries only what is edible; unknown counts as not edible', () => {
    expect(mayBeEatenWarning(plaque)).toMatchObject({ level: 'stop', code: 'place.eaten-with-dust', values: { line: 'plaque' } });
    expect(mayBeEatenWarning({ ...plaque, dust: 'unknown' })?.values).toMatchObject({ dust: 'unknown' });
    expect(mayBeEatenWarning({ ...plaque, dust: 'edible' })).toBeNull();
  });

  test('what is kept, what holds wire and what is not there yet is nobody’s food', () => {
    expect(mayBeEatenWarning({ ...plaque, keepsake: true })).toBeNull();
    expect(mayBeEatenWarning({ ...plaque, wired: true })).toBeNull();
    expect(mayBeEatenWarning({ ...plaque, pieces: 0 })).toBeNull();
  });

  test('each dust says what it may be used for', () => {
    expect(allowedFor('edible', false)).toBe('any');
    expect(allowedFor('unknown', false)).toBe('on-wire');
    expect(allowedFor('not edible', true)).toBe('kept');
  });
});
