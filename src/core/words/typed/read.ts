import { RIPENESS, SPOKEN, type Mention, type Ripe, type Spoken } from '../../piece/mention';
import { MATERIALS, type Material } from '../../piece/materials';
import { must } from '../../geometry/must';
import type { Typed, Typing } from './typing';

/** A word or figure as it stands in the line that was typed. */
interface Token {
  text: string;
  number: number | null;
  from: number;
  to: number;
}

/** What was understood, each with the stretch of the line that it was read from; and the stretches that were not. */
export interface TypedLine {
  mentions: { mention: Mention; from: number; to: number }[];
  strange: { from: number; to: number }[];
}

/** A figure of either decimal sign, a fraction of a length, a word, a sign that may mean something. */
const TOKEN = /1\/[2-6]|\d+(?:[.,]\d+)?|[\p{L}\p{M}’'-]+|[×+]/gu;

/** Small letters, and one kind of apostrophe. */
const plain = (text: string): string => text.toLowerCase().replaceAll('’', "'");

function tokensOf(text: string): Token[] {
  return [...text.matchAll(TOKEN)].map((m) => {
    const own = plain(m[0]);
    const number = /^\d/.test(own) && !own.includes('/') ? Number(own.replace(',', '.')) : null;
    return { text: own, number, from: m.index, to: m.index + own.length };
  });
}

type Sign =
  | { is: 'name'; name: Spoken }
  | { is: 'ripe'; stage: Ripe }
  | { is: 'material'; material: Material }
  | { is: 'part'; parts: 2 | 3 | 4 | 5 | 6 }
  | { is: Exclude<keyof Typing, 'names' | 'ripeness' | 'materials' | 'parts'> };

interface Phrase {
  words: readonly string[];
  sign: Sign;
}

const PARTS = [2, 3, 4, 5, 6] as const;
const PLAIN = [
  'pairs',
  'of',
  'to',
  'on',
  'gauge',
  'inTheHand',
  'toLength',
  'fits',
  'noWire',
  'no',
  'apart',
  'stalk',
  'start',
  'per',
  'each',
] as const;

const phrasesOf = (typed: readonly string[], sign: Sign): Phrase[] =>
  typed.map((text) => ({ words: plain(text).split(' '), sign }));

/** All phrases of a language, the longest first. */
function vocabulary(t: Typing): Phrase[] {
  const all: Phrase[] = [
    ...SPOKEN.flatMap((name) => phrasesOf(t.names[name], { is: 'name', name })),
    ...RIPENESS.flatMap((stage) => phrasesOf(t.ripeness[stage], { is: 'ripe', stage })),
    ...MATERIALS.flatMap((material) => phrasesOf(t.materials[material], { is: 'material', material })),
    ...PARTS.flatMap((parts) => phrasesOf([...t.parts[parts], `1/${parts}`], { is: 'part', parts })),
    ...PLAIN.flatMap((is) => phrasesOf(t[is] satisfies Typed, { is })),
    ...phrasesOf(t.fill, { is: 'fill' }),
    ...phrasesOf(['×'], { is: 'of' }),
    ...phrasesOf(['+', 'mm'], { is: 'fill' }),
  ];
  return all.sort((a, b) => b.words.length - a.words.length);
}

/** A figure, a phrase, or null for a word that is none of the language’s. */
type Unit = { from: number; to: number } & ({ number: number } | { sign: Sign } | { strange: true });

function unitsOf(text: string, typing: Typing): Unit[] {
  const tokens = tokensOf(text);
  const phrases = vocabulary(typing);
  const units: Unit[] = [];
  for (let i = 0; i < tokens.length;) {
    const { number, from, to } = must(tokens[i]);
    const phrase = number === null ? phrases.find(({ words }) => words.every((w, k) => tokens[i + k]?.text === w)) : undefined;
    const last = phrase ? must(tokens[i + phrase.words.length - 1]) : null;
    if (number !== null) units.push({ number, from, to });
    else if (phrase && last) units.push({ sign: phrase.sign, from, to: last.to });
    else units.push({ strange: true, from, to });
    i += phrase ? phrase.words.length : 1;
  }
  return units.filter((u) => !('sign' in u && u.sign.is === 'fill'));
}

const whole = (n: number | null): number | null => (n !== null && Number.isInteger(n) ? n : null);

/** Reads units one after the other; each rule takes what it knows and says how many units that was. */
class Reader {
  private i = 0;
  readonly out: TypedLine = { mentions: [], strange: [] };
  /** a figure by itself is a size from here on */
  private named = false;

  constructor(private readonly units: readonly Unit[]) {}

  private number(k: number): number | null {
    const u = this.units[this.i + k];
    return u && 'number' in u ? u.number : null;
  }

  private sign(k: number): Sign | null {
    const u = this.units[this.i + k];
    return u && 'sign' in u ? u.sign : null;
  }

  private is(k: number, is: Sign['is']): boolean {
    return this.sign(k)?.is === is;
  }

  private take(units: number, ...mentions: Mention[]): void {
    const [first, last] = [must(this.units[this.i]), must(this.units[this.i + units - 1])];
    for (const mention of mentions) this.out.mentions.push({ mention, from: first.from, to: last.to });
    this.i += units;
  }

  read(): TypedLine {
    while (this.i < this.units.length) {
      if (this.figure() || this.word()) continue;
      const { from, to } = must(this.units[this.i]);
      this.out.strange.push({ from, to });
      this.i += 1;
    }
    return this.out;
  }

  /** What begins with a figure. */
  private figure(): boolean {
    const n = this.number(0);
    if (n === null) return false;
    const [count, next, second] = [whole(n), this.sign(1), this.number(2)];
    if (this.is(1, 'gauge') && count !== null) return this.done(2, { say: 'gauge', swg: count });
    if (this.is(1, 'stalk')) return this.done(2, { say: 'stalk', mm: n });
    if (this.is(1, 'apart')) return this.done(2, { say: 'gap', tipMm: n, footMm: n });
    if (this.is(1, 'to') && second !== null)
      return this.is(3, 'apart')
        ? this.done(4, { say: 'gap', tipMm: n, footMm: second })
        : this.done(3, { say: 'sizes', fromMm: n, toMm: second });
    if (this.is(1, 'of') && second !== null && count !== null) return this.done(3, { say: 'well', count, sizeMm: second });
    if (count !== null && next) return this.counted(count, next);
    return this.named ? this.done(1, { say: 'sizes', fromMm: n, toMm: n }) : false;
  }

  /** So many of something. */
  private counted(count: number, next: Sign): boolean {
    if (next.is === 'pairs') return this.name(this.sign(2)?.is === 'name' ? 3 : 2, { say: 'pairs', count });
    if (next.is === 'per') {
      const of = this.sign(2);
      if (of?.is === 'name') return this.name(3, { say: 'per', count, name: of.name });
    }
    if (next.is === 'ripe') return this.name(2, { say: 'ripe', count, stage: next.stage });
    if (next.is === 'name') {
      const each = this.is(2, 'each');
      return this.name(each ? 3 : 2, { say: 'count', name: next.name, count, ...(each ? { each: true } : {}) });
    }
    return this.named ? this.done(1, { say: 'sizes', fromMm: count, toMm: count }) : false;
  }

  /** What begins with a word. */
  private word(): boolean {
    const sign = this.sign(0);
    const n = this.number(1);
    if (sign?.is === 'on' && n !== null) return this.done(this.is(2, 'gauge') ? 3 : 2, { say: 'carrier', swg: n });
    if (sign?.is === 'stalk' && n !== null) return this.done(2, { say: 'stalk', mm: n });
    if (sign?.is === 'start' && n !== null) return this.done(2, { say: 'start', mm: n });
    if (sign?.is === 'part') return this.done(1, { say: 'cut', cut: sign.parts });
    if (sign?.is === 'toLength') return this.done(1, { say: 'cut', cut: 'to length' });
    if (sign?.is === 'inTheHand') return this.done(1, { say: 'in hand' });
    if (sign?.is === 'fits') return this.done(1, { say: 'cut', cut: 'what fits' });
    if (sign?.is === 'material') return this.done(1, { say: 'material', material: sign.material });
    if (sign?.is === 'noWire') return this.done(1, { say: 'no wire' });
    const of = this.sign(1);
    if (sign?.is === 'no' && of?.is === 'name') return this.name(2, { say: 'count', name: of.name, count: 0 });
    return false;
  }

  private done(units: number, mention: Mention): true {
    this.take(units, mention);
    return true;
  }

  private name(units: number, mention: Mention): true {
    this.named = true;
    return this.done(units, mention);
  }
}

/** A line as a person types it: what it says, and where it says what is not understood. Nothing of it is refused. */
export const readTyped = (text: string, typing: Typing): TypedLine => new Reader(unitsOf(text, typing)).read();
