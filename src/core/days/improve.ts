import { seededRandom } from '../geometry/random';
import { decode, type Decoded } from './decode';
import { Bench, type Shop, type Turns, type Work } from './schedule';
import { must } from '../geometry/must';

/** Late acceptance: a change is taken when it is no worse than what was held so many steps ago. */
const HISTORY = 20;
/** After so many steps without anything better it begins again, from the best or from a rule. */
const IDLE = 400;
const FROM_THE_BEST = 0.7;

/** So many steps of search for so many tasks: the same count, the same plan; small jobs are searched until nothing is gained. */
export const stepsFor = (tasks: number): number =>
  tasks === 0 ? 0 : tasks <= 25 ? 2500 : Math.max(150, Math.round(24_000 / tasks));

/**
 * The cheapest of plans by four rules, then made better by late acceptance (E. Burke, Y. Bykov, "The late acceptance hill-climbing
 * heuristic", 2017; from memory) over the order in which tasks are placed. `steps` bounds it, so the same job gives the same plan.
 */
export function schedule(works: readonly Work[], shop: Shop, steps = stepsFor(works.length), seed = 1): Decoded {
  const bench = new Bench(works, shop);
  const rules = rulesFor(bench).map((key) => turnsOf(key));
  const starts = rules.map((turns) => ({ turns, plan: decode(bench, turns) }));
  let best = starts.reduce((a, b) => (b.plan.cost < a.plan.cost ? b : a));
  if (works.length < 2) return best.plan;
  const random = seededRandom(seed);
  let now = best;
  let history = new Float64Array(HISTORY).fill(best.plan.cost);
  let idle = 0;
  for (let step = 0; step < steps; step++) {
    const turns = turned(now.turns, bench, now.plan, random);
    const plan = decode(bench, turns);
    const place = step % HISTORY;
    if (plan.cost <= now.plan.cost || plan.cost <= must(history[place])) now = { turns, plan };
    history[place] = now.plan.cost;
    if (plan.cost < best.plan.cost - 1e-9) {
      best = { turns, plan };
      idle = 0;
    } else if (++idle >= IDLE) {
      idle = 0;
      now = random() < FROM_THE_BEST ? best : must(starts[Math.floor(random() * starts.length)]);
      history = new Float64Array(HISTORY).fill(now.plan.cost);
    }
  }
  return best.plan;
}

const turnsOf = (key: Float64Array): Turns => ({
  key,
  skip: new Int8Array(key.length),
  by: new Int8Array(key.length).fill(-1),
  closed: new Set(),
});

/** One small change: two places in the order change, one moves a little, another does it, a window is skipped, a sitting closed or opened. */
function turned(from: Turns, bench: Bench, plan: Decoded, random: () => number): Turns {
  const n = from.key.length;
  const any = () => Math.floor(random() * n);
  const turns: Turns = { key: from.key.slice(), skip: from.skip.slice(), by: from.by.slice(), closed: from.closed };
  const makers = bench.can.length;
  const roll = random();
  if (roll < 0.4) {
    const [a, b] = [any(), any()];
    [turns.key[a], turns.key[b]] = [must(turns.key[b]), must(turns.key[a])];
  } else if (roll < 0.65) {
    turns.key[any()] = must(turns.key[any()]) + (random() < 0.5 ? 1e-3 : -1e-3);
  } else if (makers > 1 && roll < 0.8) {
    const t = any();
    const able = bench.can.flatMap((can, m) => (can[t] ? [m] : []));
    turns.by[t] = able.length > 1 ? ([-1, ...able][Math.floor(random() * (able.length + 1))] ?? -1) : -1;
  } else if (roll < (makers > 1 ? 0.9 : 0.85)) {
    const t = any();
    turns.skip[t] = must(turns.skip[t]) > 0 ? 0 : 1 + Math.floor(random() * 2);
  } else {
    const closed = new Set(from.closed);
    if (closed.size && random() < 0.5) closed.delete(must([...closed][Math.floor(random() * closed.size)]));
    else if (plan.placed.length) closed.add(must(plan.placed[Math.floor(random() * plan.placed.length)]).window);
    turns.closed = closed;
  }
  return turns;
}

/** Orders to begin with: by latest start, by the longest chain behind, by the work behind, and a mean of the first two. */
function rulesFor(bench: Bench): Float64Array[] {
  const late = bench.shop.direction === 'late';
  const [ahead, behind] = late ? [bench.successors, bench.predecessors] : [bench.predecessors, bench.successors];
  const n = bench.works.length;
  const tail = longest(bench, ahead);
  const head = longest(bench, behind);
  const work = new Float64Array(n);
  for (let t = 0; t < n; t++) {
    const seen = new Set<number>();
    const stack = must(behind[t]).map((l) => l.at);
    while (stack.length) {
      const at = must(stack.pop());
      if (seen.has(at)) continue;
      seen.add(at);
      work[t] = must(work[t]) + must(bench.works[at]).duration;
      for (const l of must(behind[at])) stack.push(l.at);
    }
  }
  const soon = tail.map((m) => -m);
  return [soon, head, work, soon.map((m, t) => m + must(head[t]) / 2)];
}

/** Longest way from each task on, its own minutes and the waits counted in. */
function longest(bench: Bench, links: Bench['successors']): Float64Array {
  const far = new Float64Array(bench.works.length).fill(-1);
  const of = (t: number): number => {
    if (must(far[t]) >= 0) return must(far[t]);
    let most = 0;
    for (const l of must(links[t])) most = Math.max(most, l.wait + of(l.at));
    return (far[t] = most + must(bench.works[t]).duration);
  };
  for (let t = 0; t < far.length; t++) of(t);
  return far;
}
