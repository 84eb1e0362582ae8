/** The moment of a press, in milliseconds of this browser. */
export const pressedAt = (): number => Date.now();
