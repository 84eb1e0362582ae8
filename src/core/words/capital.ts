/** The first letter large: at the beginning of a line or a sentence. */
export const capital = (text: string): string => (text[0] ?? '').toUpperCase() + text.slice(1);
