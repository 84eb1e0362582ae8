import type { ComposeProgress, ComposeRequest, Proposal } from '@/core/compose/proposal';
import { compose, composeAll } from '@/core/compose/composer';
import { cakeOf, requestFor } from '@/core/testing/samples';
import { ComposeTeam, dealt, type ComposeHand } from './composeTeam';
import type { ComposeMessage, ComposeReply } from './messages';
import { catalogueWith } from '@/core/botany/catalogue';

/** Hands that do nothing by themselves: the test lets each take a step, answer or die. */
function team(most: number) {
  const hands: (ComposeHand & { told: ComposeMessage[]; say(reply: ComposeReply): void; ended: boolean })[] = [];
  const heard: { progress: ComposeProgress[]; done: Proposal[][]; faults: string[] } = { progress: [], done: [], faults: [] };
  const own = new ComposeTeam(() => {
    const hand = {
      onmessage: null as ComposeHand['onmessage'],
      onerror: null as ComposeHand['onerror'],
      told: [] as ComposeMessage[],
      ended: false,
      postMessage: (message: ComposeMessage) => void hand.told.push(message),
      terminate: () => (hand.ended = true),
      say: (reply: ComposeReply) => hand.onmessage?.({ data: reply } as MessageEvent<ComposeReply>),
    };
    hands.push(hand);
    return hand;
  }, most);
  const handlers = {
    progress: (p: ComposeProgress) => void heard.progress.push(p),
    done: (p: Proposal[]) => void heard.done.push(p),
    fault: (why: { code: string }) => void heard.faults.push(why.code),
  };
  return { own, hands, heard, handlers };
}

const request = (proposals: number): ComposeRequest => ({
  ...requestFor({ form: 'crescent', cake: cakeOf([200, 100]), seed: 3, effort: 0.08 }),
  proposals,
});
const runOf = (message: ComposeMessage | undefined) => (message && 'run' in message ? message : null)!;

/** Does what a worker does with a request, all at once. */
function work(hand: ReturnType<typeof team>['hands'][number]): void {
  const { run, request: asked } = runOf(hand.told.at(-1));
  const search = compose({ ...asked, catalogue: catalogueWith(asked.catalogue) });
  let next = search.next();
  for (; !next.done; next = search.next()) hand.say({ run, progress: next.value });
  hand.say({ run, done: next.value });
}

test('the ways are dealt out whole, each to one hand', () => {
  for (const hands of [1, 2, 3]) {
    const parts = dealt(request(5), hands);
    expect(parts).toHaveLength(hands);
    expect(parts.flatMap((p) => [...p.ways!]).sort()).toEqual([0, 1, 2, 3, 4]);
  }
  expect(dealt({ ...request(3), task: 'finish' }, 2)).toHaveLength(1);
  expect(dealt(request(1), 2)).toEqual([request(1)]);
});

test('two hands find what one would have found, best first, each told as soon as it is there', () => {
  const { own, hands, heard, handlers } = team(2);
  own.start(request(3), handlers);
  expect(hands).toHaveLength(2);
  work(hands[1]!);
  expect(heard.progress.filter((p) => p.found)).toHaveLength(1);
  expect(heard.done).toEqual([]);
  work(hands[0]!);
  expect(heard.done).toHaveLength(1);
  const alone = composeAll(request(3));
  expect(heard.done[0]).toEqual(alone);
  const how = heard.progress.map((p) => p.proposal + p.share);
  how.forEach((share, i) => expect(share).toBeGreaterThanOrEqual((how[i - 1] ?? 0) - 1e-9));
  expect(how.at(-1)).toBeCloseTo(3, 6);
});

test('what was cancelled or overtaken is not heard', () => {
  const { own, hands, heard, handlers } = team(2);
  own.start(request(3), handlers);
  const { run } = runOf(hands[0]!.told.at(-1));
  own.cancel();
  expect(hands.map((h) => h.told.at(-1))).toEqual([{ cancel: run }, { cancel: run }]);
  for (const hand of hands) hand.say({ run, done: [] });
  expect(heard.done).toEqual([]);
});

test('a hand that dies ends the search with a sentence, once, and is made anew for the next', () => {
  const { own, hands, heard, handlers } = team(2);
  own.start(request(3), handlers);
  hands[0]!.onerror!({} as ErrorEvent);
  hands[1]!.say({ run: runOf(hands[1]!.told[0]).run, fault: { code: 'fault.unreadable', values: {} } });
  expect(heard.faults).toEqual(['fault.died']);
  expect(hands[0]!.ended).toBe(true);
  own.start(request(3), handlers);
  expect(hands).toHaveLength(3);
});
