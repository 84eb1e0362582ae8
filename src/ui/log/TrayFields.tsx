import { NumberField } from '../fields/NumberField';
import { useWords } from '../speech/useWords';

/** What one counts of a tray. */
export interface Counted {
  made: number;
  broken: number;
  minutes: number;
}

/** Made, broken and minutes, as they stand wherever a tray is written down; `after` follows each name, as in “Made, corrected”. */
export function TrayFields({
  counted,
  after = '',
  minutesName,
  onChange,
}: {
  counted: Counted;
  after?: string;
  minutesName?: string;
  onChange(counted: Counted): void;
}) {
  const words = useWords();
  const set = (change: Partial<Counted>) => onChange({ ...counted, ...change });
  return (
    <>
      <NumberField
        label={words.label('log.made-field', { words: after })}
        value={counted.made}
        unit=""
        width={84}
        least={0}
        most={1000}
        onChange={(made) => set({ made: Math.round(made) })}
      />
      <NumberField
        label={words.label('log.broken-field', { words: after })}
        value={counted.broken}
        unit=""
        width={84}
        least={0}
        most={1000}
        onChange={(broken) => set({ broken: Math.round(broken) })}
      />
      <NumberField
        label={`${minutesName ?? words.label('log.minutes')}${after}`}
        value={Math.round(counted.minutes * 10) / 10}
        unit="min"
        width={116}
        least={0}
        most={2000}
        onChange={(minutes) => set({ minutes })}
      />
    </>
  );
}
