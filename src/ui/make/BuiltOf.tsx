'use client';

import { useMemo } from 'react';
import { bodyOf } from '@/core/botany/catalogue';
import type { TrayKind } from '@/core/make/tray';
import { linesOf, type PartLine } from '@/core/piece/lines';
import { wiresOfPiece } from '@/core/plan/partWires';
import { capital } from '@/core/words/capital';
import type { Words } from '@/core/words/words';
import { useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';
import { useStudio } from '../useStudio';

/** The piece itself is told as its own stem; what carries others by its own word. */
const NAMED: Readonly<Partial<Record<PartLine['kind'], string>>> = { stamens: 'stamen', cluster: 'twig', arm: 'arm' };

const nameOf = (words: Words, { kind, count }: PartLine): string =>
  kind === 'head' || kind === 'branch' ? words.label('make.built-own') : words.counted(count, words.part(NAMED[kind] ?? kind));

function sizeOf(words: Words, { fromMm, toMm, form }: PartLine): string {
  if (!form) return '';
  const range = toMm - fromMm > 0.5 ? words.units.between(fromMm, toMm) : words.units.length(toMm, toMm < 10 ? 1 : 0);
  if (form.as === 'balls')
    return words.label('make.built-line-balls', { count: form.count, size: words.units.length(form.ballMm, 0) });
  if (form.as === 'ball') return words.label('make.built-line-ball', { size: range });
  return words.label('make.built-line-sheet', { size: range, thick: words.units.length(form.thicknessMm, 1) });
}

const wireOf = (words: Words, { wire, kind }: PartLine): string => {
  if (!wire) return '';
  if (kind === 'head' || kind === 'branch' || kind === 'base') return words.gauge(wire.swg);
  const { swg, cutMm, parts, strands } = wire;
  return words.label('make.built-line-wire', {
    gauge: words.gauge(swg),
    parts: parts ?? 'length',
    mm: words.units.length(cutMm),
    strands: kind === 'stamens' ? strands : 1,
  });
};

/** What one piece of a kind is built of, at its largest: a row for each line of its parts. */
export function BuiltOf({ kind }: { kind: TrayKind }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const { stockMm, cutting } = useStudio((s) => s.project!.brief);
  const lines = useMemo(() => {
    const { instances } = bodyOf(kind, catalogue).built;
    return linesOf(instances, wiresOfPiece(instances, stockMm, cutting));
  }, [kind, catalogue, stockMm, cutting]);
  return (
    <table className="w-full text-[15px]" aria-label={words.label('make.built-head')}>
      <thead className="sr-only">
        <tr>
          <th scope="col">{words.label('make.built-part')}</th>
          <th scope="col">{words.label('make.built-size')}</th>
          <th scope="col">{words.label('make.built-wire')}</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <tr key={line.id} className="border-t border-[var(--line)] align-top">
            <th scope="row" className="py-1 pr-3 text-left font-semibold">
              {capital(nameOf(words, line))}
            </th>
            <td className="py-1 pr-3">{sizeOf(words, line)}</td>
            <td className="py-1 text-right">{wireOf(words, line)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
