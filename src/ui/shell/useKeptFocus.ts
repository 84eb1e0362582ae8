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
  /** the sheet it lay in, and what held the focus before that was opened */
  sheet: Element | null;
  opener: Held | null;
}

/** What holds the focus when the sheets that are gone are taken away: itself, or what opened the lowest of them. */
const underSheets = (held: Held): Held =>
  held.sheet && !held.sheet.isConnected && held.opener ? underSheets(held.opener) : held;

/**
 * The focus never falls out of the page: when what held it is taken away or switched off, the next sensible thing has it. That is what
 * stands at its place in the nearest part of the page that is still there, else the station itself; under a sheet that is closed, the
 * key that opened it.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    let held: Held | null = null;
    const note = ({ target }: FocusEvent) => {
      if (!(target instanceof HTMLElement) || target === document.body) return;
      const places: Held['places'] = [];
      for (let part: Element = target; part.parentElement && part !== document.body; part = part.parentElement)
        places.push({ place: part.parentElement, at: [...part.parentElement.children].indexOf(part) });
      const sheet = target.closest('[role=dialog]');
      held = { focused: target, places, sheet, opener: !sheet ? null : held?.sheet === sheet ? held.opener : held };
    };
    const mend = () => {
      if (!held || document.activeElement !== document.body) return;
      const left = underSheets(held);
      const { focused, places } = left;
      if (focused.isConnected && canHold(focused)) {
        // a sheet is closed: back to the key that opened it; else a person has clicked beside what is still there
        if (left !== held) focused.focus();
        return;
      }
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
