import { useDrag, type FullGestureState } from '@use-gesture/react';

/** How far the hand is from where it began, px, and with what it was begun. */
interface Pull<Start> {
  start: Start;
  xPx: number;
  yPx: number;
}

interface Handlers<Args extends unknown[], Start> {
  /** what it begins from, asked once */
  begin(args: Args, held: SVGElement): Start;
  /** while the hand moves */
  move(args: Args, pull: Pull<Start>): void;
  /** the hand lets go somewhere else than it began */
  end(args: Args, pull: Pull<Start>): void;
  /** it was only a press, or the pull was broken off by the system: all is as before */
  giveUp(args: Args): void;
}

type State = FullGestureState<'drag'>;
const brokenOff = ({ canceled, event }: State): boolean => canceled || event.type === 'pointercancel';

/** What of a drawing is pulled by hand; the keyboard has ways of its own beside it. A press stays a press. */
export const usePull = <Args extends unknown[], Start>(
  { begin, move, end, giveUp }: Handlers<Args, Start>,
  { axis, enabled = true }: { axis?: 'x' | 'y'; enabled?: boolean } = {},
) =>
  useDrag<PointerEvent>(
    (state) => {
      const args = state.args as Args;
      const start = (state.memo as Start | undefined) ?? begin(args, state.currentTarget as SVGElement);
      const pull = { start, xPx: state.movement[0], yPx: state.movement[1] };
      if (state.tap || brokenOff(state)) giveUp(args);
      else if (state.last) end(args, pull);
      else move(args, pull);
      return start;
    },
    { axis, enabled, filterTaps: true, pointer: { keys: false } },
  );
