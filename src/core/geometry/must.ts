/**
 * A value that has to be there: what is read from a list or a map where the surrounding code knows that it is filled.
 * Throws where it is not, at the place of the fault, instead of calculating on with nothing.
 */
export function must<T>(value: T | null | undefined): T {
  if (value === undefined || value === null) throw new RangeError('A value that has to be there is missing');
  return value;
}
