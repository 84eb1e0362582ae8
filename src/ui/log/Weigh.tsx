'use client';

import { useEffect, useMemo, useState } from 'react';
import { simulatedScale, type Shown } from '@/core/log/devices/scale';
import type { TrayKind } from '@/core/make/tray';
import { NumberField } from '../fields/NumberField';
import { useStudio } from '../useStudio';
import { addNotes } from './addEntry';
import { useWords } from '../speech/useWords';
import type { LabelKey } from '@/core/words/words';
import { asLabel } from '@/core/words/asLabel';

type Field = 'takenGrams' | 'backGrams' | 'piecesGrams';
const FIELDS = [
  { field: 'takenGrams', label: 'log.paste-taken' },
  { field: 'backGrams', label: 'log.kneaded-back' },
  { field: 'piecesGrams', label: 'log.the-pieces-no-wire' },
] as const satisfies readonly { field: Field; label: LabelKey }[];

/** Paste taken, kneaded back and in the pieces: what is missing is lost. By hand, or from the simulated scale. */
export function Weigh({ kind }: { kind: TrayKind }) {
  const words = useWords();
  const scale = useStudio((s) => s.devices.scale);
  const [grams, setGrams] = useState({ takenGrams: 0, backGrams: 0, piecesGrams: 0 });
  const [pieces, setPieces] = useState(4);
  const [byScale, setByScale] = useState(false);
  const name = words.piece(kind)[0];
  const used = grams.takenGrams - grams.backGrams;
  const wrong = used <= 0 || grams.piecesGrams > used || pieces < 1;
  return (
    <details className="mt-3 border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">{words.label('log.weigh-a-batch')}</summary>
      {scale && (
        <Scale
          onTake={(field, g) => {
            setGrams((own) => ({ ...own, [field]: g }));
            setByScale(true);
          }}
        />
      )}
      <div className="flex flex-wrap items-end gap-3">
        {FIELDS.map(({ field, label }) => (
          <NumberField
            key={field}
            label={words.label(label)}
            value={grams[field]}
            unit="g"
            width={104}
            least={0}
            most={20000}
            step={0.1}
            onChange={(v) => setGrams({ ...grams, [field]: v })}
          />
        ))}
        <NumberField
          label={words.label('shared.how-many')}
          value={pieces}
          unit=""
          width={84}
          least={1}
          most={1000}
          onChange={(v) => setPieces(Math.round(v))}
        />
        <button
          className="key"
          disabled={wrong}
          onClick={() => {
            addNotes(asLabel('log.do-a-batch-of-weighed', { name }), [
              { what: 'weighed', kind: kind.key, ...grams, pieces, from: byScale ? 'simulated scale' : 'hand' },
            ]);
            setGrams({ takenGrams: 0, backGrams: 0, piecesGrams: 0 });
          }}
        >
          {words.label('shared.write-it-down')}
        </button>
      </div>
      {grams.takenGrams > 0 && (
        <p className="small pt-1">
          {wrong
            ? words.label('log.more-taken-than-kneaded-back')
            : words.label('log.lost-g-a', {
                lost: words.units.percent(1 - grams.piecesGrams / used),
                each: words.units.grams(grams.piecesGrams / pieces),
              })}
        </p>
      )}
      <p className="small pt-1">
        {words.label('log.is-lost-yours-from', {
          own: kind.loss.entries ? 'yes' : 'no',
          share: words.units.percent(kind.loss.share),
          entries: kind.loss.entries,
        })}
      </p>
    </details>
  );
}

const READ_EVERY_MS = 120;

/** The simulated scale: what lies on it is said by hand, since nothing can be laid on it. */
function Scale({ onTake }: { onTake(field: Field, grams: number): void }) {
  const words = useWords();
  const scale = useMemo(() => simulatedScale(), []);
  const [shown, setShown] = useState<Shown>({ grams: 0, steady: true });
  const [laid, setLaid] = useState(85);
  useEffect(() => {
    const timer = setInterval(() => {
      const now = scale.read(performance.now());
      setShown((before) => (before.grams === now.grams && before.steady === now.steady ? before : now));
    }, READ_EVERY_MS);
    return () => clearInterval(timer);
  }, [scale]);
  return (
    <div className="well mb-3 flex flex-wrap items-end gap-3 px-4 py-3">
      <p className="min-w-28">
        <b className="fig text-[2rem]" role="status" aria-label={words.label('log.the-scale-shows')}>
          {words.units.number(shown.grams, 1)}
        </b>{' '}
        g{shown.steady ? '' : ' …'}
        <span className="small block">{words.label('log.steady-simulated-scale', { steady: shown.steady ? 'yes' : 'no' })}</span>
      </p>
      <NumberField
        label={words.label('log.what-lies-on-it')}
        value={laid}
        unit="g"
        width={104}
        least={0}
        most={2000}
        onChange={setLaid}
      />
      <button className="key" onClick={() => scale.lay(laid, performance.now())}>
        {words.label('log.lay-it-on')}
      </button>
      <button className="key" onClick={() => scale.tare(performance.now())}>
        {words.label('log.tare')}
      </button>
      {FIELDS.map(({ field, label }) => (
        <button
          key={field}
          className="key"
          disabled={!shown.steady || shown.grams < 0}
          onClick={() => onTake(field, shown.grams)}
        >
          {words.label('log.as', { label: words.label(label).toLowerCase() })}
        </button>
      ))}
    </div>
  );
}
