'use client';

import { useEffect } from 'react';

const FOCUSABLE = 'button, a[href], input, select, textarea, summary, [tabindex]:not([tabindex="-1"])';

const canHold = (e: HTMLElement): boolean => !e.matches(':disabled') && e.checkVisibility() && !e.closest('[aria-hidden=true]');

/** The nearest in a place to where the focus was among what can hold it there; what comes after it before what came before it. */
function nearestIn(place: Element, was: number): HTMLElement | null {
  const all = [...place.querySelectorAll<HTMLElement>(FOCUSABLE)].filter(canHold);
  return all[Math.min(was, all.length - 1)] ?? null;
}

interface Held {
  focused: HTMLElement;
  /** what it lay in, the nearest first, and the how manieth it was there */
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
      for (let place = target.parentElement; place && place !== document.body; place = place.parentElement)
        places.push({ place, at: [...place.querySelectorAll<HTMLElement>(FOCUSABLE)].filter(canHold).indexOf(target) });
      held = { focused: target, places };
    };
    const mend = () => {
      if (!held || document.activeElement !== document.body) return;
      const { focused, places } = held;
      // still there and able: a person has clicked beside it
      if (focused.isConnected && canHold(focused)) return;
      held = null;
      const station = document.getElementById('station');
      const next = places
        .filter(({ place }) => place.isConnected)
        .map(({ place, at }) => nearestIn(place, Math.max(0, at)))
        .find((e) => e !== null);
      (next ?? station)?.focus({ preventScroll: next === undefined });
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
