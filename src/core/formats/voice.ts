/** How what is written for a person is said: in their language and their unit of length. Files for other programs stay as they are. */
export interface Voice {
  /** a sentence, written in English and millimetres */
  say(text: string): string;
  /** a length as a figure, and the sign of its unit */
  figure(mm: number, digits?: number): string;
  unit(): 'mm' | 'in';
}

export const PLAIN_VOICE: Voice = { say: (text) => text, figure: (mm, digits = 0) => mm.toFixed(digits), unit: () => 'mm' };
