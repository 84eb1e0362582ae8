/**
 * A phrase book: what is said in English and how another language says it. `{}` stands for what is filled in, `{#}` for a figure,
 * `{*}` for a name that has no language; the other language fills them in the same order, or names them: `{2}`. There `{the}` is
 * filled with its article before it, `{of}` with “de” and its article, and `{o}` is the ending that agrees with what was filled last.
 */
export type Book = Readonly<Record<string, string>>;

/** The article of each noun that is filled in, by its first word. */
export type Articles = Readonly<Record<string, 'el' | 'la' | 'los' | 'las'>>;
const ENDINGS = { el: 'o', la: 'a', los: 'os', las: 'as' } as const;

interface Pattern {
  known: RegExp;
  /** which of what is filled in is a name */
  names: readonly boolean[];
  said: string;
  /** letters of fixed text: the more, the sooner it is tried */
  fixed: number;
  /** it begins large of itself, and what is said of it does not */
  small: boolean;
  /** it begins with what is filled in, which is large only because of that */
  leads: boolean;
}

interface Said {
  text: string;
  /** all of it was in the book, or is nothing that has a language */
  whole: boolean;
}

const escape = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
/** Signs of units are the same in either language. */
const UNITS = /\b(mm|cm|min|ml|kg|kPa|SWG|AWG|SVG|ga)\b/g;
const isWords = (text: string): boolean => /\p{L}{2}/u.test(text.replace(UNITS, ''));
const large = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const small = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
const beginsLarge = (text: string): boolean => /^\p{Lu}\p{Ll}/u.test(text);

/** With so few letters of its own a pattern would say half a sentence in either language: it stands only where all of it is known. */
const LEAST_FIXED = 9;
/** Where a sentence that is not known as a whole is taken apart, one kind of joint after the other. */
const JOINTS = [/([;…]\s+|[.!?]\s+|[.…]$|[“”])/, /(:\s+|:$|\s[·—–]\s|\s=\s)/, /(,\s+|,$|^,|\s\(|\)\s?|\s\+\s)/];
/** Before this joint parts may stand in two languages side by side: they are sentences of their own. */
const SENTENCES = 1;
const MOST_KEPT = 6000;

/** A sentence is met with its full stop and, where a text was taken apart, without. */
const asSentence = ([english, said]: [string, string]): [string, string][] =>
  /[^.]\.$/.test(english) && /\.$/.test(said)
    ? [
        [english, said],
        [english.slice(0, -1), said.slice(0, -1)],
      ]
    : [[english, said]];

/** Says English sentences in another language by a book: known as they stand, by a pattern, or part by part. */
export class Phrases {
  private readonly exact = new Map<string, string>();
  private readonly patterns: Pattern[] = [];
  /** English that begins large of itself, where the other language does not */
  private readonly small = new Set<string>();
  private readonly kept = new Map<string, Said>();

  constructor(
    book: Book,
    private readonly articles: Articles = {},
  ) {
    for (const [english, said] of Object.entries(book).flatMap(asSentence)) {
      if (!/\{[#*]?\}/.test(english)) {
        this.exact.set(english.toLowerCase(), said);
        if (beginsLarge(english) && !beginsLarge(said)) this.small.add(english);
        continue;
      }
      const names = [...english.matchAll(/\{([#*]?)\}/g)].map((m) => m[1] === '*');
      const source = escape(english)
        .replaceAll(/(\S?)\\\{(\\\*)?\\\}/g, (_, before: string) => before + (/[\w“]/.test(before) ? '(.*?)' : '(.+?)'))
        .replaceAll('\\{#\\}', '([−-]?[\\d¼½¾⅛][\\d.,¼½¾⅛]*)');
      const fixed = english.replace(/[^\p{L}]/gu, '').length;
      this.patterns.push({
        known: new RegExp(`^${source}$`, 'is'),
        names,
        said: said.replaceAll(/\{[#*]\}/g, '{}'),
        fixed,
        small: beginsLarge(english) && /^\p{Ll}/u.test(said),
        leads: english.startsWith('{}'),
      });
    }
    this.patterns.sort((a, b) => b.fixed - a.fixed);
  }

  /** The sentence, with the white around it; what is not in the book stays as it is. */
  say(text: string): string {
    return this.said(text).text;
  }

  /** Whether all of a sentence is in the book. */
  knows(text: string): boolean {
    return this.said(text).whole;
  }

  private said(text: string): Said {
    if (!isWords(text)) return { text, whole: true };
    const known = this.kept.get(text);
    if (known) return known;
    const [, before = '', body = '', after = ''] = /^(\s*)([\s\S]*?)(\s*)$/.exec(text) ?? [];
    const flat = body.replace(/\s+/g, ' ');
    const found = this.best(flat, 0) ?? { text: body, whole: false };
    const said = { text: before + found.text + after, whole: found.whole };
    if (this.kept.size > MOST_KEPT) this.kept.clear();
    this.kept.set(text, said);
    return said;
  }

  /** As a whole or part by part: what is known to the last word comes before what is half known. */
  private best(text: string, joint: number): Said | null {
    const whole = this.whole(text);
    if (whole?.whole) return whole;
    const apart = this.apart(text, joint);
    return apart?.whole ? apart : (whole ?? apart);
  }

  private whole(text: string): Said | null {
    const exact = this.exact.get(text.toLowerCase());
    // days and months begin large in English only
    if (exact !== undefined && this.small.has(text)) return { text: exact, whole: true };
    if (exact !== undefined)
      return { text: beginsLarge(text) ? large(exact) : text === small(text) ? small(exact) : exact, whole: true };
    let half: Said | null = null;
    for (const { known, names, said, fixed, small: asItIs, leads } of this.patterns) {
      const found = known.exec(text);
      if (!found || found.slice(1).some((part, i) => !names[i] && this.isTwo(part))) continue;
      const given = found.slice(1).map((part, i) => (names[i] ? { text: part, whole: true } : this.said(part)));
      const whole = given.every((g) => g.whole);
      if (!whole && (fixed < LEAST_FIXED || half)) continue;
      const filled = this.filled(
        said,
        given.map((g) => g.text),
        leads,
      );
      const out = { text: beginsLarge(text) && !asItIs ? large(filled) : filled, whole };
      if (whole) return out;
      half = out;
    }
    return half;
  }

  /** What is filled in is a part of one sentence, and no list with a count in it, unless the book has it as it stands. */
  private isTwo(part: string): boolean {
    return /;\s|,\s\d+ (?!of\b|min\b|h\b)[a-z]/.test(part) && !this.exact.has(part.toLowerCase());
  }

  private filled(said: string, given: readonly string[], leads: boolean): string {
    let next = 0;
    let last = '';
    return said.replace(/\{(the|of|o)?(\d?)\}/g, (_, form: 'the' | 'of' | 'o' | undefined, n: string, at: number) => {
      if (form !== 'o') {
        const i = n ? Number(n) - 1 : next++;
        last = given[i] ?? '';
        if (i === 0 && leads && at > 0) last = small(last);
      }
      const article = this.articles[/^\p{L}*/u.exec(last)![0].toLowerCase()];
      if (form === 'o') return ENDINGS[article ?? 'el'];
      if (form === 'the') return article ? `${article} ${last}` : last;
      if (form === 'of' && /^el /.test(last)) return `d${last}`;
      if (form === 'of') return article === 'el' ? `del ${last}` : article ? `de ${article} ${last}` : `de ${last}`;
      return last;
    });
  }

  /** Part by part: sentences may stay English beside others, parts of one sentence are said only when all of them can be. */
  private apart(text: string, from: number): Said | null {
    for (let i = from; i < JOINTS.length; i++) {
      const parts = text.split(JOINTS[i]!);
      if (parts.length === 1) continue;
      const said = parts.map((part, k) => (k % 2 === 1 ? { text: part, whole: true } : this.part(part, i)));
      const whole = said.every((s) => s.whole);
      if (whole || i < SENTENCES) return { text: said.map((s) => s.text).join(''), whole };
    }
    return null;
  }

  private part(text: string, joint: number): Said {
    if (!isWords(text)) return { text, whole: true };
    return this.best(text, joint + 1) ?? { text, whole: false };
  }
}
