import { IntlMessageFormat, type Formatters } from 'intl-messageformat';
import { wallFromText } from '../days/clock';
import type { ColourRef, Fact, Mend, PieceRef, StepRef, TierRef, ValueKind, ValueSlots, WarningPlace } from '../facts/fact';
import { azimuthToClockHours } from '../geometry/units';
import { BARRIERS, type BarrierWays } from '../place/barrier';
import type { Warning } from '../plan/warnings';
import type { Material } from '../piece/materials';
import { capital } from './capital';
import { ALL_FACTS } from './facts';
import type { Label } from './asLabel';
import type { LabelArgs } from './labelArgs';
import type { BarrierWords, Messages, MethodWords, Noun } from './messages';
import { countedIn } from './messageParts';
import { Units, type Reading } from './units';

/** What a job calls things by itself: own species, barriers and methods keep the names that a person gave them. */
export interface Naming {
  species(id: string): Noun | null;
  colour(ref: ColourRef): string | null;
  /** its name, and whose steps and caution it has */
  barrier(id: string): { name: string; ways: BarrierWays } | null;
  method(id: string): string | null;
  craft(method: string): Craft | null;
  step(ref: StepRef): { name: string; drying: string } | null;
  /** the number of an entry in the order of putting in */
  entry(id: string): number | null;
  currency: string;
}

export const NO_NAMING: Naming = {
  species: () => null,
  colour: () => null,
  barrier: () => null,
  method: () => null,
  craft: () => null,
  step: () => null,
  entry: () => null,
  currency: '',
};

const SHIPPED_WAYS: ReadonlyMap<string, BarrierWays> = new Map(BARRIERS.map((b) => [b.id, b.ways]));

export type Craft = Pick<MethodWords[string], 'tools' | 'dusting' | 'checks'>;
export type LabelKey = keyof Messages['labels'];
/** Labels that are filled with nothing. */
export type PlainKey = Exclude<LabelKey, keyof LabelArgs>;

type Args = Record<string, string | number>;

/** A message that was parsed, and which of its arguments are counted (plural, select) and so stay what they are. */
interface Parsed {
  format: IntlMessageFormat;
  counted: ReadonlySet<string>;
}

/** Formats of one language are parsed once. */
const parsed = new WeakMap<Messages, Map<string, Parsed>>();

const kept = new Map<string, Intl.NumberFormat>();
/** Figures of a bench have no mark for thousands. */
const FORMATTERS: Formatters = {
  getNumberFormat: (locales, options) => {
    const key = `${String(locales)} ${JSON.stringify(options)}`;
    const known = kept.get(key) ?? new Intl.NumberFormat(locales, { useGrouping: false, ...options });
    kept.set(key, known);
    return known;
  },
  getDateTimeFormat: (...args) => new Intl.DateTimeFormat(...args),
  getPluralRules: (...args) => new Intl.PluralRules(...args),
};

/** A word of several ones, as a message selects by it: “not edible” is notEdible. */
const slug = (word: string): string => word.replace(/[ -](\w)/g, (_, letter: string) => letter.toUpperCase());

/** Which place of a cake a tier has, as it is called. */
export function tierPlace({ index, of }: TierRef): 'only' | 'bottom' | 'middle' | 'top' | 'other' {
  if (of <= 1) return 'only';
  if (index === 0) return 'bottom';
  if (index === of - 1) return 'top';
  return of === 3 ? 'middle' : 'other';
}

/** What a table has under a name that may come from anywhere: an inherited one is none of its own. */
const ownOf = <T>(table: Readonly<Record<string, T>>, name: string): T | undefined =>
  Object.hasOwn(table, name) ? table[name] : undefined;

/**
 * Puts facts into words of one language, units and naming. The only place that makes sentences of the core's facts: messages in
 * ICU syntax (Unicode CLDR, MessageFormat 1) by code. An unknown code is told as itself; a missing name as its id.
 */
export class Words {
  readonly units: Units;
  private readonly lists: { and: Intl.ListFormat; plain: Intl.ListFormat };

  constructor(
    readonly messages: Messages,
    reading: Reading = { lengths: 'mm', clock: 24 },
    private readonly naming: Naming = NO_NAMING,
  ) {
    this.units = new Units(messages.locale, reading);
    this.lists = {
      and: new Intl.ListFormat(messages.locale, { type: 'conjunction', style: 'long' }),
      plain: new Intl.ListFormat(messages.locale, { type: 'unit', style: 'short' }),
    };
  }

  /** The same words for the ear: gauges and other signs by their names. */
  aloud(): Words {
    const { frames } = this.messages;
    return new Words({ ...this.messages, frames: { ...frames, gauge: frames['gauge-aloud'] } }, this.units.reading, this.naming);
  }

  /** A fact in a sentence or a phrase; a warning by what it is and where. */
  say(fact: Fact): string {
    const { phrases, warnings, figures } = this.messages;
    const { code } = fact;
    if (Object.hasOwn(phrases, code)) return this.format(code, phrases[code as keyof typeof phrases], fact);
    if (Object.hasOwn(warnings, code)) {
      const { what, where } = this.warning(fact as Warning);
      return where ? `${what}, ${where}` : what;
    }
    if (Object.hasOwn(figures, code)) {
      const { figure, words } = this.figure(fact);
      return `${figure} ${words}`;
    }
    return code;
  }

  /** A warning in four parts; where it is, by its own words or by tier and clock position. */
  warning(warning: Fact & Partial<WarningPlace>): { what: string; where: string; why: string; remedy: string } {
    const own = this.messages.warnings[warning.code as Warning['code']];
    const part = (name: string, text: string) => this.format(`${warning.code}.${name}`, text, warning);
    return {
      what: part('what', own.what),
      where: own.where ? part('where', own.where) : this.place(warning),
      why: part('why', own.why),
      remedy: part('remedy', own.remedy),
    };
  }

  /** A large figure and what it is. */
  figure(fact: Fact): { figure: string; words: string } {
    const own = this.messages.figures[fact.code as keyof Messages['figures']];
    const part = (name: 'figure' | 'words') => this.format(`${fact.code}.${name}`, own[name], fact);
    return { figure: part('figure'), words: part('words') };
  }

  mend(mend: Pick<Mend, 'do'>): string {
    return this.messages.names.mends[mend.do];
  }

  /** "bottom tier, 7 o'clock", as much of it as is known. */
  place({ tier, azimuthRad }: { tier?: TierRef; azimuthRad?: number }): string {
    if (tier && azimuthRad !== undefined) return this.frame('place', { tier: this.tier(tier)[0], clock: this.clock(azimuthRad) });
    return tier ? this.tier(tier)[0] : azimuthRad === undefined ? '' : this.clock(azimuthRad);
  }

  tier(ref: TierRef): Noun {
    const [one, many, gender] = this.messages.names.tiers[tierPlace(ref)];
    const number = (text: string) => text.replace('{n}', String(ref.index + 1));
    return [number(one), number(many), gender];
  }

  /** A place round the cake as on a clock seen from above, to the half hour, the front at 6. */
  clock(azimuthRad: number): string {
    const halves = Math.round(azimuthToClockHours(azimuthRad) * 2) / 2;
    return this.frame('clock', { hour: Math.floor(halves) || 12, half: halves % 1 ? 'yes' : 'no' });
  }

  /** A wire by its gauge or, below 10, by its thickness in mm. */
  gauge(gauge: number): string {
    return gauge < 10
      ? this.frame('wire-mm', {
          n: this.units.number(gauge, gauge % 1 === 0 ? 0 : gauge * 10 === Math.round(gauge * 10) ? 1 : 2),
        })
      : this.frame('gauge', { n: gauge });
  }

  species(id: string): Noun {
    return this.naming.species(id) ?? ownOf(this.messages.names.species, id) ?? [id, id];
  }

  piece({ species, stage }: PieceRef): Noun {
    return this.messages.grammar.staged(this.species(species), stage);
  }

  /** "Half-open dahlia", at the beginning of a line. */
  /** what a part is made of */
  material = (id: Material): string => this.messages.names.materials[id].name;
  /** how it is made ready and kept so that it can be worked */
  kept = (id: Material): string => this.messages.names.materials[id].kept;
  pieceTitle = (ref: PieceRef): string => capital(this.piece(ref)[0]);

  counted = (count: number, [one, many]: Noun): string => `${this.units.number(count)} ${count === 1 ? one : many}`;

  colour(ref: ColourRef): string {
    return this.naming.colour(ref) ?? ownOf(this.messages.names.colours, ref.colourway) ?? ref.colourway;
  }

  /** How far a piece has come; a stage of an own species by its own name. */
  stage = ({ id, name }: { id: string; name: string }): string =>
    ownOf(this.messages.labels as Readonly<Record<string, string>>, `stage.${id}`) ?? name;

  wireColour = (colour: string): string =>
    ownOf(this.messages.names.wireColours as Readonly<Record<string, string>>, colour) ?? colour;

  /** What of a species is counted; one that has no words by its id. */
  counts = (id: string): string => ownOf(this.messages.labels as Readonly<Record<string, string>>, `counts.${id}`) ?? id;

  /** Parts with how many of each: 5 florets and 1 bud. */
  parts = (parts: readonly { part: string; count: number }[]): string =>
    this.list(parts.map((p) => this.counted(p.count, this.part(p.part))));
  part = (id: string): Noun => ownOf(this.messages.names.parts, id) ?? [id, id];

  /** A barrier, or the foam that a stem stands in without any. */
  barrier(id: string | null): Noun {
    if (id === null) return [this.messages.names.foam, this.messages.names.foam];
    const own = this.naming.barrier(id);
    return own ? [own.name, own.name] : (ownOf(this.messages.names.barriers, id) ?? [id, id]);
  }

  barrierWords(id: string): BarrierWords {
    const ways = this.naming.barrier(id)?.ways ?? SHIPPED_WAYS.get(id);
    return this.messages.barriers[ways ?? 'own-straw'];
  }

  method = (id: string): string => this.naming.method(id) ?? ownOf(this.messages.methods, id)?.name ?? id;

  /** What lies ready for a method, the order of dusting, and what a good piece looks like; nothing for one that has no words. */
  craft(method: string): Craft {
    return this.naming.craft(method) ?? ownOf(this.messages.methods, method) ?? { tools: [], dusting: [], checks: [] };
  }

  step({ method, step }: StepRef): { name: string; drying: string } {
    const shipped = ownOf(this.messages.methods, method);
    return (
      this.naming.step({ method, step }) ?? {
        name: (shipped && ownOf(shipped.steps, step)) ?? step,
        drying: (shipped && ownOf(shipped.drying, step)) ?? '',
      }
    );
  }

  /** A wire by whose it is: the piece's own stem, one of its parts, or a carrier. */
  wire({ piece, part }: { piece: PieceRef | null; part: string | null }): string {
    if (!piece) return this.frame('carrier', {});
    return part === null
      ? this.pieceTitle(piece)
      : this.frame('part-of', { Piece: this.pieceTitle(piece), part: this.part(part)[0] });
  }

  list = (words: readonly string[]): string => this.lists.and.format(words);

  /** A label or sentence of paper or screen; `tsc` asks for what it is filled with. */
  label<Key extends LabelKey>(key: Key, ...args: Key extends keyof LabelArgs ? [LabelArgs[Key]] : []): string {
    return this.fill(`label.${key}`, this.messages.labels[key], (args[0] as Args | undefined) ?? {});
  }

  /** A label or a fact that was written down, told now; a finished sentence as it is. */
  tell = (label: Label | Fact | string): string =>
    typeof label === 'string'
      ? label
      : 'code' in label
        ? this.say(label)
        : this.fill(`label.${label.key}`, this.messages.labels[label.key], label.args);

  private frame(id: keyof Messages['frames'], args: Args): string {
    return this.fill(`frame.${id}`, this.messages.frames[id], args);
  }

  private format(key: string, message: string, { code, values }: Fact): string {
    return this.fill(key, message, this.argsOf(ALL_FACTS[code] ?? {}, values as Record<string, unknown>));
  }

  private fill(key: string, message: string, args: Args): string {
    const own = parsed.get(this.messages) ?? new Map<string, Parsed>();
    parsed.set(this.messages, own);
    let known = own.get(key);
    if (!known) {
      const format = new IntlMessageFormat(message, this.messages.locale, undefined, { ignoreTag: true, formatters: FORMATTERS });
      own.set(key, (known = { format, counted: countedIn(format.getAst()) }));
    }
    const filled: Args = {};
    for (const [name, value] of Object.entries(args))
      filled[name] = typeof value === 'number' && !known.counted.has(name) ? this.units.asIs(value) : value;
    return this.units.kept(String(known.format.format(filled)));
  }

  /** What a message may fill in for the values of a fact. A name that begins large is told with a capital. */
  private argsOf(slots: ValueSlots, values: Record<string, unknown>): Args {
    const args: Args = {};
    for (const [name, slot] of Object.entries(slots)) {
      const value = values[name];
      if (value === undefined) continue;
      if (typeof slot !== 'string') args[name] = slug(String(value));
      else this.fillIn(args, name, slot, value);
    }
    if (slots.barrier === 'barrier' && typeof values.step === 'number')
      args.barrierStep = this.barrierWords(String(values.barrier)).steps[values.step - 1] ?? '';
    for (const [name, value] of Object.entries(args)) if (typeof value === 'string') args[capital(name)] ??= capital(value);
    return args;
  }

  private fillIn(args: Args, name: string, kind: ValueKind, value: unknown): void {
    const noun = NOUNS[kind]?.(this, value);
    if (noun) this.fillNoun(args, name, noun);
    if (kind === 'barrier') args[`${name}Caution`] = this.barrierWords(String(value)).caution;
    if (noun) return;
    args[name] = TELL[kind]?.(this, value) ?? String(value);
    if (typeof value === 'number') args[`${name}Count`] = value;
    if (Array.isArray(value)) args[`${name}Count`] = value.length;
  }

  private fillNoun(args: Args, name: string, noun: Noun): void {
    const { grammar } = this.messages;
    args[name] = noun[0];
    args[`${name}Many`] = noun[1];
    args[`${name}The`] = grammar.the(noun);
    args[`${name}TheMany`] = grammar.the(noun, 2);
    args[`${name}A`] = grammar.a(noun);
    args[`${name}Of`] = grammar.of(noun);
    args[`${name}Gender`] = noun[2] ?? 'm';
  }

  /** Entries by their numbers, in order. */
  entries(ids: readonly string[]): string {
    return this.list(ids.map((id) => String(this.naming.entry(id) ?? '?')));
  }

  /** Scripts by their codes (ISO 15924), as the language calls them. */
  scripts(codes: readonly string[]): string {
    const names = new Intl.DisplayNames(this.messages.locale, { type: 'script' });
    return this.list(codes.map((code) => names.of(code) ?? code));
  }

  sides = (sides: readonly string[]): string =>
    this.list(sides.map((s) => this.messages.names.sides[s as keyof Messages['names']['sides']] ?? s));

  money = (amount: number): string =>
    `${this.naming.currency} ${this.units.number(amount, Number.isInteger(amount) ? 0 : 2)}`.trim();
}

type Teller = (words: Words, value: never) => string | number;
type NounTeller = (words: Words, value: never) => Noun;

/** Kinds of values that are nouns: told with article, plural and gender as a message asks. */
const NOUNS = {
  tier: (w, v: TierRef) => w.tier(v),
  species: (w, v: string) => w.species(v),
  piece: (w, v: PieceRef) => w.piece(v),
  part: (w, v: string) => w.part(v),
  line: (w, v: keyof Messages['names']['lines']) => w.messages.names.lines[v],
  barrier: (w, v: string) => w.barrier(v),
} satisfies Partial<Record<ValueKind, NounTeller>> as Partial<Record<ValueKind, (words: Words, value: unknown) => Noun>>;

/** How a value of each other kind is told. */
const TELL = {
  mm: (w, v: number) => w.units.length(v),
  mmTenths: (w, v: number) => w.units.length(v, 1),
  mmHundredths: (w, v: number) => w.units.length(v, 2),
  rad: (w, v: number) => w.units.degrees(v),
  clock: (w, v: number) => w.clock(v),
  grams: (w, v: number) => w.units.grams(v),
  minutes: (w, v: number) => w.units.minutes(v),
  hours: (w, v: number) => w.units.hours(v),
  kPa: (w, v: number) => w.units.kPa(v),
  share: (w, v: number) => w.units.percent(v),
  count: (_w, v: number) => v,
  ratio: (w, v: number) => w.units.number(v, Number.isInteger(v) ? 0 : 1),
  gauge: (w, v: number) => w.gauge(v),
  money: (w, v: number) => w.money(v),
  wall: (w, v: number) => `${w.units.day(v)}, ${w.units.time(v)}`,
  day: (w, v: string) => w.units.day(wallFromText(`${v}T00:00`)),
  weekday: (w, v: number) => w.units.weekday(v),
  yes: (_w, v: boolean) => (v ? 'yes' : 'no'),
  pieces: (w, v: readonly (PieceRef & { count: number })[]) => w.list(v.map((p) => w.counted(p.count, w.piece(p)))),
  parts: (w, v: readonly { part: string; count: number }[]) => w.parts(v),
  colour: (w, v: ColourRef) => w.colour(v),
  entry: (w, v: string) => w.entries([v]),
  entries: (w, v: readonly string[]) => w.entries(v),
  method: (w, v: string) => w.method(v),
  supply: (w, v: keyof Messages['names']['supplies']) => w.messages.names.supplies[v].name,
  step: (w, v: StepRef) => w.step(v).name,
  drying: (w, v: StepRef) => w.step(v).drying,
  yields: (w, v: string) => ownOf(w.messages.names.yields, v) ?? v,
  sides: (w, v: readonly string[]) => w.sides(v),
  skills: (w, v: readonly (keyof Messages['names']['skills'])[]) => w.list(v.map((s) => w.messages.names.skills[s])),
  text: (_w, v: string) => v,
  fact: (w, v: Fact) => w.say(v),
  facts: (w, v: readonly Fact[]) => v.map((f) => w.say(f)).join(', '),
} satisfies Partial<Record<ValueKind, Teller>> as Partial<Record<ValueKind, (words: Words, value: unknown) => string | number>>;
