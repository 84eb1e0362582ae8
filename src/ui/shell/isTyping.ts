/** Letters go into what the hand is in: a field or a part of a date; no key of the bench is meant. */
export const isTyping = (e: KeyboardEvent): boolean =>
  e.target instanceof HTMLElement &&
  (e.target.isContentEditable || e.target.closest('input, textarea, [role="spinbutton"]') !== null);
