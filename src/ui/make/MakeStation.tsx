'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState, useSyncExternalStore } from 'react';
import { Choice } from '../shared/fields';
import { plural } from '../shared/words';
import { useStudio } from '../useStudio';
import { PriceBar } from './PriceBar';
import { Tray } from './Tray';

const Colours = dynamic(() => import('./Colours').then((m) => m.Colours), { ssr: false });
const OwnSpecies = dynamic(() => import('./OwnSpecies').then((m) => m.OwnSpecies), { ssr: false });
const Price = dynamic(() => import('./Price').then((m) => m.Price), { ssr: false });
const TinShelf = dynamic(() => import('./TinShelf').then((m) => m.TinShelf), { ssr: false });

const SIDES = [
  { value: 'tray', name: 'Tray' },
  { value: 'tin', name: 'Tin' },
  { value: 'colours', name: 'Colours' },
  { value: 'price', name: 'Price' },
  { value: 'species', name: 'Own species' },
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
  const plan = useStudio((s) => s.plan);
  const asked = useSyncExternalStore(onHash, sideAsked, () => null);
  const [chosen, setSide] = useState<Side | null>(null);
  const side = chosen ?? asked ?? 'tray';
  if (!plan) return <p className="say px-6 pt-4">Working it out…</p>;
  const toMake = plan.tray.reduce((a, k) => a + k.toMake, 0);
  const inTin = plan.tray.reduce((a, k) => a + k.fromTin, 0);
  return (
    <div className="px-6 pb-6">
      <div className="flex flex-wrap items-center justify-between gap-3 pb-3">
        <h1>
          {plural(toMake, 'piece')} to make
          {inTin > 0 && <span className="small block">{inTin} from the tin</span>}
        </h1>
        {side !== 'price' && plan.tray.length > 0 && <PriceBar plan={plan} onOpen={() => setSide('price')} />}
        <Choice<Side> label="What to look at" value={side} options={SIDES} onChange={setSide} />
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
  return (
    <div className="pt-3">
      <h2>Nothing to make yet</h2>
      <p className="say mt-2">The tray fills as soon as something is composed.</p>
      <Link href="/compose" className="next mt-4">
        Compose
      </Link>
    </div>
  );
}
