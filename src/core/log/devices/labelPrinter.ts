/** What a label for a box of flowers says. */
export interface BoxLabel {
  title: string;
  lines: string[];
}

/** Something that prints labels. A real one would take the same labels and feed them out. */
export interface LabelPrinter {
  readonly name: string;
  readonly simulated: boolean;
  print(labels: readonly BoxLabel[]): Promise<Uint8Array>;
}
