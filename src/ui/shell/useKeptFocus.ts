'use client';

import { useEffect } from 'react';

const FOCUSABLE = 'button, a[href], input, select, textarea, summary, [tabindex]:not([tabindex="-1"])';

const canHold = (e: HTMLElement): boolean => !e.matches(':disabled') && e.checkVisibility() && !e.closest('[aria-hidden=true]');

/** What can hold the focus in a part of the page, itself included, in the order of the page. */
const holdersIn = (part: Element): HTMLElement[] =>
  [...(part.matches(FOCUSABLE) ? [part] : []), ...part.querySelectorAll(FOCUSABLE)].filter(
    (e): e is HTMLElement => e instanceof HTMLElement && canHold(e),
  );

/** The nearest to the part of a place that stood at `at`: what comes there or after it, else what came before. */
function nearestIn(place: Element, at: number): HTMLElement | undefined {
  const parts = [...place.children];
  return parts.slice(at).flatMap(holdersIn)[0] ?? parts.slice(0, at).flatMap(holdersIn).pop();
}

interface Held {
  focused: HTMLElement;
  /** what it lay in, the nearest first, and in which part of that */
  places: { place: Element; at: number }[];
}

/**
 * The focus never falls out of the page: when what held it is taken away or switched off, the next sensible thing has it. That is what
 * stands at its place in the nearest part of the page that is still there, else the station itself.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    let held: Held | null = null;
    const note = ({ target }: FocusEvent) => {
      if (!(target instanceof HTMLElement) || target === document.body) return;
      const places: Held['places'] = [];
      for (let part: Element = target; part.parentElement && part !== document.body; part = part.parentElement)
        places.push({ place: part.parentElement, at: [...part.parentElement.children].indexOf(part) });
      held = { focused: target, places };
    };
    const mend = () => {
      if (!held || document.activeElement !== document.body) return;
      const { focused, places } = held;
      // still there and able: a person has clicked beside it
      if (focused.isConnected && canHold(focused)) return;
      held = null;
      let next: HTMLElement | undefined;
      for (const { place, at } of places) {
        if (place.isConnected) next = nearestIn(place, at);
        if (next) break;
      }
      (next ?? document.getElementById('station'))?.focus({ preventScroll: next === undefined });
    };
    const observer = new MutationObserver(() => requestAnimationFrame(mend));
    document.addEventListener('focusin', note);
    observer.observe(document.body, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] });
    return () => {
      document.removeEventListener('focusin', note);
      observer.disconnect();
    };
  }, []);
}
