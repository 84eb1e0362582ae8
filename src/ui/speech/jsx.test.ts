import type { ReactElement } from 'react';
import { PLAIN_HABITS } from '@/data/habits';
import { setHabits } from './habits';
import { jsx, jsxs } from './jsx-runtime';
import { Phrases } from './phrases';
import { speakFrom } from './say';

type Made = ReactElement<Record<string, unknown>>;

describe('elements are made in the language of whoever reads', () => {
  beforeEach(() => {
    setHabits({ ...PLAIN_HABITS, language: 'es', clock: 12 });
    speakFrom(new Phrases({ '{#} pieces to make': '{} piezas por hacer', Close: 'Cerrar', 'leaves at {}': 'sale a las {}' }));
  });
  afterEach(() => {
    setHabits(PLAIN_HABITS);
    speakFrom(null);
  });

  test('text and figures beside each other are one sentence; what stands between keeps its place', () => {
    const mark = jsx('b', { children: '!' });
    const made = jsxs('p', { children: [3, ' pieces', null, ' to make', mark, false] }) as Made;
    expect(made.props.children).toEqual(['3 piezas por hacer', null, null, null, mark, false]);
  });

  test('what is read out is said too; what a person has written, and a stopwatch, are left alone', () => {
    expect((jsx('button', { 'aria-label': 'Close', title: 'Close' }) as Made).props).toMatchObject({
      'aria-label': 'Cerrar',
      title: 'Cerrar',
    });
    expect((jsx('b', { translate: 'no', children: 'Close' }) as Made).props.children).toBe('Close');
    expect((jsxs('p', { role: 'timer', children: [12, ':', '05'] }) as Made).props.children).toEqual([12, ':', '05']);
    expect((jsx('p', { children: 'leaves at 09:30' }) as Made).props.children).toBe('sale a las 9:30 am');
  });

  test('a component’s own props are its own, its content is said', () => {
    const Link = () => null;
    const made = jsx(Link, { 'aria-label': 'Close', children: 'Close' }) as Made;
    expect(made.props).toEqual({ 'aria-label': 'Close', children: 'Cerrar' });
  });

  test('with plain habits nothing is touched', () => {
    setHabits(PLAIN_HABITS);
    const props = { children: ['3', ' pieces to make'] };
    expect((jsxs('p', props) as Made).props.children).toBe(props.children);
  });
});
