import { bestFirst, type ComposeProgress, type ComposeRequest, type Proposal } from '@/core/compose/proposal';
import type { ComposeMessage, ComposeReply } from './messages';
import type { ComposeFault } from '@/core/compose/facts';

export interface ComposeHandlers {
  progress(progress: ComposeProgress): void;
  done(proposals: Proposal[]): void;
  fault(fault: ComposeFault): void;
}

/** What the team needs of a worker. */
export interface ComposeHand {
  onmessage: ((event: MessageEvent<ComposeReply>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
  postMessage(message: ComposeMessage): void;
  terminate(): void;
}

const DIED: ComposeFault = { code: 'fault.died', values: {} };

/** The same request with the ways to fill the line dealt out to so many hands. */
export function dealt(request: ComposeRequest, hands: number): ComposeRequest[] {
  if ((request.task ?? 'propose') !== 'propose' || request.proposals < 2) return [request];
  const ways = Array.from({ length: request.proposals }, (_, k) => k);
  const parts = Math.max(1, Math.min(hands, request.proposals));
  return Array.from({ length: parts }, (_, h) => ({ ...request, ways: ways.filter((k) => k % parts === h) }));
}

/** What several hands tell, as one: how far all of it is, and the arrangement that is tried first among those not finished. */
class OneProgress {
  private readonly shares = new Map<number, number>();

  /** What to tell on; null for what would only make the picture jump between two arrangements. */
  merge(told: ComposeProgress): ComposeProgress | null {
    this.shares.set(told.proposal, told.share);
    const open = [...this.shares].filter(([, share]) => share < 1).map(([k]) => k);
    if (!told.found && open.length > 0 && told.proposal !== Math.min(...open)) return null;
    const finished = this.shares.size - open.length;
    const all = [...this.shares.values()].reduce((a, b) => a + b, 0);
    const proposal = Math.min(finished, told.proposals - 1);
    return { ...told, proposal, share: Math.min(1, all - proposal) };
  }
}

/**
 * Runs the composer in its workers, several ways at once. Answers of a run that was cancelled or overtaken are ignored; a
 * worker that dies is told of and made anew.
 */
export class ComposeTeam {
  private readonly hands: (ComposeHand | null)[] = [];
  private run = 0;

  constructor(
    private readonly make: () => ComposeHand,
    private readonly most: number,
  ) {}

  start(request: ComposeRequest, handlers: ComposeHandlers): void {
    this.cancel();
    const run = ++this.run;
    const parts = dealt(request, this.most);
    const progress = new OneProgress();
    const found: Proposal[] = [];
    let left = parts.length;
    const fault = (why: ComposeFault) => {
      if (run !== this.run) return;
      this.cancel();
      handlers.fault(why);
    };
    parts.forEach((part, h) => {
      const hand = (this.hands[h] ??= this.make());
      hand.onmessage = ({ data: reply }) => {
        if (reply.run !== this.run) return;
        if ('fault' in reply) return fault(reply.fault);
        if ('progress' in reply) {
          const told = progress.merge(reply.progress);
          if (told) handlers.progress(told);
          return;
        }
        found.push(...reply.done);
        if (--left === 0) handlers.done(bestFirst(found));
      };
      hand.onerror = () => {
        hand.terminate();
        if (this.hands[h] === hand) this.hands[h] = null;
        fault(DIED);
      };
      hand.postMessage({ run, request: { ...part, catalogue: part.catalogue.own } });
    });
  }

  cancel(): void {
    for (const hand of this.hands) hand?.postMessage({ cancel: this.run });
    this.run++;
  }
}
