'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState, useSyncExternalStore } from 'react';
import { Choice } from '../fields/Choice';
import { useStudio } from '../useStudio';
import { PriceBar } from './PriceBar';
import { Tray } from './Tray';
import { useWords } from '../speech/useWords';

const Colours = dynamic(() => import('./Colours').then((m) => m.Colours), { ssr: false });
const OwnSpecies = dynamic(() => import('./OwnSpecies').then((m) => m.OwnSpecies), { ssr: false });
const Price = dynamic(() => import('./Price').then((m) => m.Price), { ssr: false });
const TinShelf = dynamic(() => import('./TinShelf').then((m) => m.TinShelf), { ssr: false });

const SIDES = [
  { value: 'tray', name: 'make.tray' },
  { value: 'tin', name: 'make.tin' },
  { value: 'colours', name: 'make.colours' },
  { value: 'price', name: 'shared.price' },
  { value: 'species', name: 'shared.own-species' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** A link may ask for a side: /make#species. */
const sideAsked = (): Side | null => SIDES.find((s) => window.location.hash === `#${s.value}`)?.value ?? null;
const onHash = (changed: () => void) => {
  window.addEventListener('hashchange', changed);
  return () => window.removeEventListener('hashchange', changed);
};

/** From the composition to what is made and from what: the tray, the tin, the colours, the price, and the person's own species. */
export function MakeStation() {
  const words = useWords();
  const plan = useStudio((s) => s.plan);
  const asked = useSyncExternalStore(onHash, sideAsked, () => null);
  const [chosen, setSide] = useState<Side | null>(null);
  const side = chosen ?? asked ?? 'tray';
  if (!plan) return <p className="say px-6 pt-4">{words.label('shared.working-it-out')}</p>;
  const toMake = plan.tray.reduce((a, k) => a + k.toMake, 0);
  const inTin = plan.tray.reduce((a, k) => a + k.fromTin, 0);
  return (
    <div className="px-6 pb-6">
      <div className="flex flex-wrap items-center justify-between gap-3 pb-3">
        <h1>
          {words.label('make.pieces-to-make', { toMake })}
          {inTin > 0 && <span className="small block">{words.label('make.from-the-tin', { inTin })}</span>}
        </h1>
        {side !== 'price' && plan.tray.length > 0 && <PriceBar plan={plan} onOpen={() => setSide('price')} />}
        <Choice<Side>
          label={words.label('make.what-to-look-at')}
          value={side}
          options={SIDES.map(({ value, name }) => ({ value, name: words.label(name) }))}
          onChange={setSide}
        />
      </div>
      {side === 'tray' && (plan.tray.length === 0 ? <Empty /> : <Tray plan={plan} />)}
      {side === 'tin' && <TinShelf plan={plan} />}
      {side === 'colours' && <Colours plan={plan} />}
      {side === 'price' && <Price plan={plan} />}
      {side === 'species' && <OwnSpecies />}
    </div>
  );
}

function Empty() {
  const words = useWords();
  return (
    <div className="pt-3">
      <h2>{words.label('make.nothing-to-make-yet')}</h2>
      <p className="say mt-2">{words.label('make.the-tray-fills-as-soon')}</p>
      <Link href="/compose" className="next mt-4">
        {words.label('shared.compose')}
      </Link>
    </div>
  );
}
