'use client';

import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { readPriceListCsv, writePriceListCsv, writeShoppingCsv } from '@/core/formats/makeTables';
import { changesOf } from '@/core/formats/table';
import type { Material, Need, Prices, Quote } from '@/core/make/price';
import { shoppingList } from '@/core/make/shopping';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { Choice } from '../fields/Choice';
import type { Words } from '@/core/words/words';
import { SortedTable, type Column } from '../shared/SortedTable';
import { NumberField } from '../fields/NumberField';
import { ReadIn, WriteOut } from '../shared/files';
import { saveFile } from '../shared/fileAccess';
import { getStudio, useStudio } from '../useStudio';
import { useQuote } from './useQuote';
import { currentWords, useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** What the job costs and is sold for, for the client or for oneself; what is to be bought; the price list behind both. */
export function Price({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const { needs, quote, prices } = useQuote(plan);
  const [whose, setWhose] = useState<'client' | 'maker'>('client');
  return (
    <div className="grid gap-x-10 gap-y-8 max-lg:grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
      <section className="min-w-0" aria-label={words.label('make.quote')}>
        <div className="flex flex-wrap items-center justify-between gap-3 pb-2">
          <h2>{words.label('make.quote')}</h2>
          <Choice<'client' | 'maker'>
            label={words.label('make.who-sees-it')}
            value={whose}
            options={[
              { value: 'client', name: words.label('make.for-the-client') },
              { value: 'maker', name: words.label('make.for-you') },
            ]}
            onChange={setWhose}
          />
        </div>
        {whose === 'client' ? (
          <ForClient plan={plan} quote={quote} prices={prices} />
        ) : (
          <ForMaker quote={quote} prices={prices} />
        )}
        <div className="no-print flex flex-wrap gap-3 pt-3">
          <button className="key" onClick={() => window.print()}>
            <Printer size={20} /> {words.label('shared.print')}
          </button>
        </div>
        {whose === 'maker' && <Rates prices={prices} />}
      </section>
      <section aria-label={words.label('make.shopping-and-price-list')} className="no-print min-w-0">
        <Shopping needs={needs} prices={prices} />
        <PriceList needs={needs} prices={prices} />
      </section>
    </div>
  );
}

function Line({ name, detail, amount, strong }: { name: string; detail?: string; amount: string; strong?: boolean }) {
  return (
    <li className={`flex items-baseline gap-3 border-t border-[var(--line)] py-1 ${strong ? 'font-semibold' : ''}`}>
      <span className="grow">
        {name} {detail && <span className="small">{detail}</span>}
      </span>
      <span className="fig">{amount}</span>
    </li>
  );
}

/** Pieces and one price: nothing of wages and margin. */
function ForClient({ plan, quote, prices }: { plan: DerivedPlan; quote: Quote; prices: Prices }) {
  const words = useWords();
  const job = useStudio((s) => s.project!.name);
  const money = (x: number) => words.money(x);
  return (
    <ul aria-label={words.label('make.sugar-flowers-for', { job })}>
      {plan.tray.map((k) => {
        return <Line key={k.key} name={words.counted(k.placed, words.piece(k))} amount="" />;
      })}
      <Line name={words.label('make.set-on-cake')} amount={money(quote.beforeTax)} />
      {quote.tax > 0 && (
        <Line
          name={words.label('make.tax-of', { share: `${words.units.asIs(Math.round(prices.taxShare * 1000) / 10)}%` })}
          amount={money(quote.tax)}
        />
      )}
      <Line name={words.label('make.total')} amount={money(quote.total)} strong />
    </ul>
  );
}

function ForMaker({ quote, prices }: { quote: Quote; prices: Prices }) {
  const words = useWords();
  const money = (x: number) => words.money(x);
  return (
    <>
      <ul aria-label={words.label('make.breakdown')}>
        {quote.materials.map((m) => (
          <Line key={JSON.stringify(m.name)} name={words.say(m.name)} detail={words.say(m.detail)} amount={money(m.amount)} />
        ))}
        <Line name={words.say(quote.labour.name)} detail={words.say(quote.labour.detail)} amount={money(quote.labour.amount)} />
        <Line
          name={words.label('make.overhead')}
          detail={words.label('make.share-of-both', { share: words.units.percent(prices.overheadShare) })}
          amount={money(quote.overhead)}
        />
        <Line
          name={words.label('shared.margin')}
          detail={words.label('make.share-of-price', { share: words.units.percent(prices.marginShare) })}
          amount={money(quote.margin)}
        />
        <Line
          name={words.label('make.rounded-up')}
          detail={words.label('make.to-steps-of', { roundTo: prices.roundTo })}
          amount={money(quote.rounding)}
        />
        <Line name={words.label('make.before-tax')} amount={money(quote.beforeTax)} strong />
        <Line name={words.label('make.tax')} amount={money(quote.tax)} />
        <Line name={words.label('make.total')} amount={money(quote.total)} strong />
      </ul>
      <p className="small pt-1">
        {words.label('make.spares-so-what-breaks-amounts', {
          unpriced: quote.unpriced.length > 0 ? 'yes' : 'no',
          dust: `${words.units.asIs(0.05)} g`,
          glue: `${words.units.asIs(0.2)} g`,
          list: words.list(quote.unpriced.map((n) => words.say(n))).toLowerCase(),
        })}
      </p>
    </>
  );
}

function Rates({ prices }: { prices: Prices }) {
  const words = useWords();
  const share = (label: string, key: 'overheadShare' | 'marginShare' | 'taxShare', most: number) => (
    <NumberField
      label={label}
      value={Math.round(prices[key] * 1000) / 10}
      unit="%"
      least={0}
      most={most}
      onChange={(n) =>
        getStudio().edit(asLabel('make.do-of', { label: label.toLowerCase(), n }), (d) => void (d.prices[key] = n / 100))
      }
    />
  );
  return (
    <div className="no-print flex flex-wrap gap-4 pt-5">
      <label className="text-[15px] font-semibold">
        {words.label('make.currency')}
        <input
          className="fld mt-1 block w-[72px] font-normal"
          maxLength={4}
          defaultValue={prices.currency}
          onBlur={(e) =>
            e.target.value.trim() &&
            getStudio().edit(asLabel('make.do-currency'), (d) => void (d.prices.currency = e.target.value.trim()))
          }
        />
      </label>
      <NumberField
        label={words.label('make.an-hour')}
        value={prices.hourlyRate}
        unit={prices.currency}
        least={0}
        most={1000}
        onChange={(n) => getStudio().edit(asLabel('make.do-an-hour-at', { n }), (d) => void (d.prices.hourlyRate = n))}
      />
      {share(words.label('make.overhead'), 'overheadShare', 300)}
      {share(words.label('shared.margin'), 'marginShare', 90)}
      {share(words.label('make.tax'), 'taxShare', 100)}
      <NumberField
        label={words.label('make.round-up-to')}
        value={prices.roundTo}
        unit={prices.currency}
        least={0.01}
        most={100}
        step={0.5}
        onChange={(n) => getStudio().edit(asLabel('make.do-rounded'), (d) => void (d.prices.roundTo = n))}
      />
    </div>
  );
}

function Shopping({ needs, prices }: { needs: readonly Need[]; prices: Prices }) {
  const words = useWords();
  const list = shoppingList(needs, prices.materials);
  const shops = [...new Set(list.map((b) => b.shop))];
  return (
    <div>
      <div className="flex flex-wrap items-center justify-between gap-3 pb-2">
        <h2>{words.label('make.to-buy')}</h2>
        <WriteOut
          label={words.label('make.list-as-csv')}
          disabled={list.length === 0}
          onPress={() => void saveFile('shopping.csv', writeShoppingCsv(list, words), 'text/csv')}
        />
      </div>
      {list.length === 0 && <p className="say">{words.label('make.everything-is-there')}</p>}
      {shops.map((shop) => (
        <div key={shop} className="pb-2">
          <p className="small">{shop || words.label('make.shop-not-said')}</p>
          <ul aria-label={words.label('make.to-buy-2', { shop: shop || words.label('make.shop-not-said') })}>
            {list
              .filter((b) => b.shop === shop)
              .map((b) => (
                <Line
                  key={b.id}
                  name={`${b.packs} × ${words.say(b.name)}`}
                  detail={words.label('make.each-needed-there', {
                    pack: words.label('make.pack-of', { n: b.pack, unit: b.unit }),
                    needed: Math.ceil(b.needed),
                    onHand: b.onHand,
                  })}
                  amount={b.price === null ? words.label('make.no-price') : words.money(b.price)}
                />
              ))}
          </ul>
        </div>
      ))}
    </div>
  );
}

/** The price list: what the job needs first, each figure typed in place. */
function PriceList({ needs, prices }: { needs: readonly Need[]; prices: Prices }) {
  const words = useWords();
  const missing = needs.filter((n) => !prices.materials.some((m) => m.id === n.id));
  const needed = useMemo(() => new Set(needs.map((n) => n.id)), [needs]);
  const rows = useMemo(
    () => [...prices.materials].sort((a, b) => Number(needed.has(b.id)) - Number(needed.has(a.id))),
    [prices.materials, needed],
  );
  const columns = useMemo(() => priceColumns(words, prices.currency), [words, prices.currency]);
  return (
    <div className="pt-5">
      <div className="flex flex-wrap items-center justify-between gap-3 pb-2">
        <h2>{words.label('make.price-list')}</h2>
        <span className="flex flex-wrap gap-3">
          <WriteOut
            label={words.label('make.csv')}
            disabled={rows.length === 0}
            onPress={() => void saveFile('prices.csv', writePriceListCsv(prices.materials), 'text/csv')}
          />
          <ReadIn
            label={words.label('make.read-prices')}
            accept={{ 'text/csv': ['.csv'] }}
            read={(text) => {
              const result = readPriceListCsv(text);
              return 'rows' in result ? { value: result.rows, surplus: result.surplus } : result;
            }}
            changes={(after) => {
              const { added, changed, gone } = changesOf(prices.materials, after);
              return { added: added.length, changed: changed.length, gone: gone.length };
            }}
            onTake={(after) => getStudio().edit(asLabel('make.do-read-a-price-list'), (d) => void (d.prices.materials = after))}
          />
        </span>
      </div>
      {missing.length > 0 && (
        <button
          className="key mb-2"
          onClick={() =>
            getStudio().edit(asLabel('make.do-prices-to-fill-in'), (d) => {
              for (const n of missing)
                d.prices.materials.push({
                  id: n.id,
                  name: currentWords().say(n.name),
                  unit: n.unit,
                  pack: 1,
                  packPrice: 0,
                  shop: '',
                  onHand: 0,
                });
            })
          }
        >
          {words.label('make.add-have-no-price', { missing: missing.length })}
        </button>
      )}
      <div className="max-h-[420px] overflow-y-auto">
        <SortedTable rows={rows} columns={columns} keyOf={(m) => m.id} rowClass={(m) => (needed.has(m.id) ? '' : 'opacity-60')} />
      </div>
    </div>
  );
}

const changePrice = (id: string, patch: Partial<Material>) =>
  getStudio().edit(asLabel('make.do-price-list'), (d) => {
    const own = d.prices.materials.find((m) => m.id === id);
    if (own) Object.assign(own, patch);
  });

/** Figures that are typed in place do not put their rows in order: nothing jumps while it is written. */
const priceColumns = (words: Words, currency: string): Column<Material>[] => {
  const figure = (m: Material, field: 'pack' | 'packPrice' | 'onHand', unit: string, least: number) => (
    <NumberField
      label={words.label('make.a-pack-holds-2', { name: m.name, field })}
      hideLabel
      width={104}
      value={m[field]}
      unit={unit === 'piece' ? words.label('make.pieces') : unit}
      least={least}
      most={1_000_000}
      onChange={(n) => changePrice(m.id, { [field]: n })}
    />
  );
  return [
    {
      id: 'what',
      name: words.label('make.what'),
      by: (m) => m.name,
      cell: (m) => (
        <>
          {m.name}
          <span className="small block">{m.shop}</span>
        </>
      ),
    },
    { id: 'pack', name: words.label('make.a-pack-holds'), cell: (m) => figure(m, 'pack', m.unit, 0.001) },
    { id: 'costs', name: words.label('make.costs'), cell: (m) => figure(m, 'packPrice', currency, 0) },
    { id: 'there', name: words.label('make.is-there'), cell: (m) => figure(m, 'onHand', m.unit, 0) },
  ];
};
