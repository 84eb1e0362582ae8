import { NumberField } from '../shared/fields';
import { currentWords } from '../speech/useWords';

/** What one counts of a tray. */
export interface Counted {
  made: number;
  broken: number;
  minutes: number;
}

/** Made, broken and minutes, as they stand wherever a tray is written down; `words` follow each name, as in “Made, corrected”. */
export function TrayFields({
  counted,
  words = '',
  minutesName = currentWords().label('log.minutes'),
  onChange,
}: {
  counted: Counted;
  words?: string;
  minutesName?: string;
  onChange(counted: Counted): void;
}) {
  const set = (change: Partial<Counted>) => onChange({ ...counted, ...change });
  return (
    <>
      <NumberField
        label={currentWords().label('log.made-field', { words })}
        value={counted.made}
        unit=""
        width={84}
        least={0}
        most={1000}
        onChange={(made) => set({ made: Math.round(made) })}
      />
      <NumberField
        label={currentWords().label('log.broken-field', { words })}
        value={counted.broken}
        unit=""
        width={84}
        least={0}
        most={1000}
        onChange={(broken) => set({ broken: Math.round(broken) })}
      />
      <NumberField
        label={`${minutesName}${words}`}
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
