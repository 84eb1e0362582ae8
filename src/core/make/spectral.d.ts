declare module 'spectral.js' {
  export class Color {
    constructor(colour: string);
    toString(options?: { format?: 'hex' | 'rgb'; method?: 'map' | 'clip' }): string;
  }
  /** Kubelka–Munk mixture of colours, each with its weight. */
  export function mix(...parts: [Color, number][]): Color;
}
