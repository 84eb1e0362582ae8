'use client';

import { CircleHelp, Timer, Volume2, X } from 'lucide-react';
import { lightFormat } from 'date-fns';
import { useEffect, useRef, useState, type MouseEvent, type ReactNode, type RefObject } from 'react';
import { Dialog } from 'react-aria-components/Dialog';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import type { Step } from '@/core/plan/step';
import { getStudio, useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';
import { newId } from './newId';

const NEXT_KEYS = ['ArrowRight', 'ArrowDown', 'PageDown', ' ', 'Enter'];
const BACK_KEYS = ['ArrowLeft', 'ArrowUp', 'PageUp', 'Backspace'];

interface StepByStepProps<S extends Step> {
  /** what the dialog is called */
  label: string;
  steps: readonly S[];
  /** drawn large beside the words */
  picture(step: S): ReactNode;
  /** beside how far one is: which of several works */
  head?: ReactNode;
  /** said when all is done; the large key goes on to more work, or closes */
  finished: { title: string; words: string; goOn?: { name: string; onPress(): void } };
  /** under what kind a timed sitting goes to the log */
  logKind: string;
  onClose(): void;
}

/** Where one is among the steps, and on, back and away from there; a timed sitting goes to the log. */
function useSteps<S extends Step>(steps: readonly S[], logKind: string, onClose: () => void) {
  const words = useWords();
  const taped = useStudio((s) => s.project!.taped);
  const timer = useTimer();
  const at = steps.findIndex((s) => !taped.includes(s.key));
  const step = steps[at] ?? null;
  const on = () => {
    if (!step) return;
    getStudio().edit(
      asLabel('shared.do-text', { text: words.say(step.title).toLowerCase() }),
      (d) => void d.taped.push(step.key),
    );
    timer.count();
  };
  const back = () => {
    const before = steps[at < 0 ? steps.length - 1 : at - 1];
    if (!before) return;
    getStudio().edit(
      asLabel('shared.do-back-to', { title: words.say(before.title).toLowerCase() }),
      (d) => void (d.taped = d.taped.filter((k) => k !== before.key)),
    );
  };
  const close = (): void => {
    const sitting = timer.stop();
    if (sitting) logSitting(logKind, sitting);
    onClose();
  };
  return { at: at < 0 ? steps.length : at, step, on, back, close, timer };
}

const logSitting = (kind: string, { steps, minutes }: { steps: number; minutes: number }) =>
  getStudio().edit(asLabel('shared.do-min-of'), (d) => {
    d.log.push({
      id: newId(),
      at: lightFormat(new Date(), "yyyy-MM-dd'T'HH:mm"),
      kind,
      made: steps,
      broken: 0,
      minutes: Math.round(minutes * 10) / 10,
    });
  });

/** Full screen, one step at a time, large enough for an arm's length: tap anywhere, space, arrow or a pedal goes on. */
export function StepByStep<S extends Step>({ label, steps, picture, head, finished, logKind, onClose }: StepByStepProps<S>) {
  const next = useRef<HTMLButtonElement>(null);
  const { at, step, on, back, close, timer } = useSteps(steps, logKind, onClose);
  useScreenOn();
  useEffect(() => {
    // not the first key, which starts the timer
    next.current?.focus();
  }, []);
  return (
    <ModalOverlay
      isOpen
      onOpenChange={(open) => !open && close()}
      className="fixed inset-0 z-50 h-dvh w-screen bg-[var(--bench)]"
    >
      <Modal className="h-full text-[var(--ink)]">
        <div
          className="h-full"
          onClick={(e: MouseEvent) => {
            // a pedal or the space bar goes on, whatever key was touched before; a keyboard’s own press keeps its place
            if (!(e.target as HTMLElement).closest('button')) on();
            else if (e.detail > 0) next.current?.focus();
          }}
          onKeyDown={(e) => {
            const onKey = (e.target as HTMLElement).closest('button') && (e.key === ' ' || e.key === 'Enter');
            if (onKey || (e.target as HTMLElement).closest('[role=radiogroup]')) return;
            if (NEXT_KEYS.includes(e.key)) on();
            else if (BACK_KEYS.includes(e.key)) back();
            else return;
            e.preventDefault();
          }}
        >
          <Dialog aria-label={label} className="h-full outline-none">
            <div className="flex h-full flex-col gap-3 p-5">
              <div className="flex items-center gap-3">
                {head}
                <Progress at={at} count={steps.length} />
                <Tools step={step} timer={timer} onClose={close} />
              </div>
              {step ? (
                <div className="grid min-h-0 grow gap-x-8 gap-y-3 overflow-y-auto lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
                  <div className="relative min-h-[280px]">{picture(step)}</div>
                  <Said key={step.key} step={step} />
                </div>
              ) : (
                <div className="grow pt-16 text-center">
                  <h1>{finished.title}</h1>
                  <p className="say pt-2">{finished.words}</p>
                </div>
              )}
              <LargeKeys at={at} count={steps.length} next={next} on={on} back={back} goOn={finished.goOn} onClose={close} />
            </div>
          </Dialog>
        </div>
      </Modal>
    </ModalOverlay>
  );
}

/** The timer, reading aloud, and the way out. */
function Tools({ step, timer, onClose }: { step: Step | null; timer: ReturnType<typeof useTimer>; onClose(): void }) {
  const words = useWords();
  const [aloud, setAloud] = useState(false);
  useEffect(() => {
    if (aloud && step) speak(step);
    return () => window.speechSynthesis?.cancel();
  }, [aloud, step]);
  return (
    <>
      <button className="key" aria-pressed={timer.running} onClick={timer.toggle}>
        <Timer size={20} />{' '}
        {timer.running ? words.label('shared.minutes-running', { minutes: timer.minutes }) : words.label('shared.time-it')}
      </button>
      <button
        className="key px-3"
        aria-label={words.label('shared.read-aloud')}
        aria-pressed={aloud}
        onClick={() => setAloud(!aloud)}
      >
        <Volume2 size={22} />
      </button>
      <button className="key" onClick={onClose}>
        <X size={20} /> {words.label('shared.close')}
      </button>
    </>
  );
}

/** What a step says: where, what, its figures, and how or why. */
function Said({ step }: { step: Step }) {
  const words = useWords();
  const [why, setWhy] = useState(false);
  return (
    <div className="flex flex-col gap-3" aria-live="polite">
      <p className="text-xl">{words.say(step.where)}</p>
      <h1 className="text-[clamp(2rem,3.7vw,3.2rem)] leading-[1.08]">{words.say(step.title)}</h1>
      <ul className="grid grid-cols-[minmax(120px,auto)_1fr] items-baseline gap-x-5 gap-y-2">
        {step.figures
          .map((f) => words.figure(f))
          .map((f) => (
            <li key={f.words} className="contents">
              <b className="fig text-[clamp(1.5rem,2.6vw,2.2rem)] leading-tight">{f.figure}</b>
              <span className="text-xl">{f.words}</span>
            </li>
          ))}
      </ul>
      <ul className="text-lg leading-snug">
        {(why ? step.why : step.how)
          .map((fact) => words.say(fact))
          .map((line) => (
            <li key={line} className="pb-1">
              {line}
            </li>
          ))}
      </ul>
      <div className="flex items-end gap-4">
        <button className="key" aria-pressed={why} onClick={() => setWhy(!why)}>
          <CircleHelp size={20} /> {why ? words.label('shared.how') : words.label('shared.why-so')}
        </button>
      </div>
    </div>
  );
}

interface LargeKeysProps {
  at: number;
  count: number;
  next: RefObject<HTMLButtonElement | null>;
  on(): void;
  back(): void;
  goOn?: { name: string; onPress(): void };
  onClose(): void;
}

/** Back, and the large key: done and on; at the end on to more work, or away. */
function LargeKeys({ at, count, next, on, back, goOn, onClose }: LargeKeysProps) {
  const words = useWords();
  return (
    <div className="grid shrink-0 grid-cols-[minmax(0,1fr)_minmax(0,4fr)] gap-4">
      <button className="key h-24 text-xl" disabled={at === 0} onClick={back}>
        {words.label('shared.back')}
      </button>
      {at < count ? (
        <button ref={next} className="next h-24 text-[1.7rem]" onClick={on}>
          {at + 1 < count ? words.label('shared.done-on-next') : words.label('shared.done-was-last')}
        </button>
      ) : (
        <button className="next h-24 text-[1.7rem]" onClick={goOn?.onPress ?? onClose}>
          {goOn?.name ?? words.label('shared.close')}
        </button>
      )}
    </div>
  );
}

const DOTS = 11;

/** Where one is: a stem with so many joints, those done filled. */
function Progress({ at, count }: { at: number; count: number }) {
  const words = useWords();
  const from = Math.max(0, Math.min(at - Math.floor(DOTS / 2), count - DOTS));
  const shown = Array.from({ length: Math.min(DOTS, count) }, (_, i) => from + i);
  return (
    <span
      className="relative flex min-w-0 grow items-center justify-between"
      role="img"
      aria-label={words.label('shared.of-done', { at, count })}
    >
      <span className="absolute inset-x-0 top-1/2 border-t-[3px] border-dotted border-[var(--edge)]" />
      {shown.map((i) => (
        <span
          key={i}
          className={`relative grid place-items-center rounded-full border-2 text-[15px] font-semibold ${
            i === at
              ? 'size-10 border-[var(--onnext)] bg-[var(--next)] text-[var(--onnext)]'
              : i < at
                ? 'size-5 border-[var(--leaf)] bg-[var(--leaf)]'
                : 'size-5 border-[var(--edge)] bg-[var(--glaze)]'
          }`}
        >
          {i === at ? i + 1 : ''}
        </span>
      ))}
    </span>
  );
}

/** The browser's own voice; silent where it has none. */
function speak(step: Step): void {
  const voice = window.speechSynthesis;
  if (!voice) return;
  voice.cancel();
  const words = currentWords().aloud();
  const figures = step.figures.map((f) => words.figure(f));
  const sentences = [words.say(step.title), ...figures.map((f) => `${f.figure}, ${f.words}`)];
  const utterance = new SpeechSynthesisUtterance(sentences.join('. '));
  utterance.lang = words.messages.locale;
  voice.speak(utterance);
}

/** The screen stays awake as long as the bench is open, where the browser can do that. */
function useScreenOn(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const hold = () => {
      if (document.visibilityState === 'visible')
        navigator.wakeLock?.request('screen').then(
          (own) => (lock = own),
          () => undefined,
        );
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
}

/** Minutes at the bench, counted only when wanted; what was done meanwhile goes with them. */
function useTimer() {
  const [since, setSince] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  const [steps, setSteps] = useState(0);
  useEffect(() => {
    if (since === null) return;
    const tick = setInterval(() => setNow(Date.now()), 5000);
    return () => clearInterval(tick);
  }, [since]);
  return {
    running: since !== null,
    minutes: since === null ? 0 : Math.max(0, Math.floor((now - since) / 60_000)),
    toggle: () => {
      setSteps(0);
      setNow(Date.now());
      setSince(since === null ? Date.now() : null);
    },
    count: () => setSteps((n) => n + 1),
    /** null when nothing was timed or nothing done */
    stop: () => (since === null || steps === 0 ? null : { minutes: (Date.now() - since) / 60_000, steps }),
  };
}
