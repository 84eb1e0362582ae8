'use client';

import { Plus, Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import { allowedFor } from '@/core/place/eaten';
import { FOOD_WORDS, foodOf, PAINT_USES, type Paint } from '@/core/make/paints';
import { recipeFor } from '@/core/make/mixing';
import { recipeById, scaled, type Supply } from '@/core/make/recipes';
import type { PasteBall } from '@/core/make/paste';
import { USUAL_MATERIAL } from '@/core/piece/materials';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { Pick } from '../fields/Pick';
import { getStudio, useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';
import { newId } from '../shared/newId';

/** How to mix each paste from the colours that are there, and what goes on the pieces with what its label says. */
export function Colours({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const paints = useStudio((s) => s.project!.paints);
  const general = useStudio((s) => s.project!.brief.dust);
  const keepsake = useStudio((s) => s.project!.brief.keepsake);
  const together = foodOf(general, paints);
  const named = (ball: PasteBall) =>
    ball.material === USUAL_MATERIAL ? words.say(ball.name) : `${words.say(ball.name)}, ${words.material(ball.material)}`;
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
      <section aria-label={words.label('make.mixing-guide')}>
        <h2 className="pb-1">{words.label('make.mixing-guide')}</h2>
        <p className="small pb-2">{words.label('make.parts-by-weight-white-paste')}</p>
        <ul>
          {plan.paste
            .flatMap((ball) =>
              ball.tones.length
                ? ball.tones.map((t) => ({
                    name: `${named(ball)}, ${words.label(`tone.${t.name}`)}`,
                    material: ball.material,
                    colour: t.colour,
                    grams: t.grams,
                  }))
                : [{ ...ball, name: named(ball) }],
            )
            .map((ball) => (
              <Mix key={`${ball.material}|${ball.colour}`} ball={ball} paints={paints} />
            ))}
        </ul>
        <Supplies supplies={plan.supplies} />
      </section>
      <section aria-label={words.label('make.colours-dusts-glazes-glues')}>
        <h2 className="pb-1">{words.label('make.what-stands-on-shelf')}</h2>
        <p className={`pb-2 text-[15px] ${together === 'edible' ? 'text-[var(--leaf)]' : ''}`} role="status">
          {words.label('make.what-goes-on-pieces-not', {
            together: { edible: 'edible', 'not edible': 'notEdible', unknown: 'unknown' }[together],
          })}
        </p>
        {general === 'not edible' && <p className="small pb-2">{words.label('make.brief-says-dust-here-not')}</p>}
        <ul>
          {paints.map((paint) => (
            <OnShelf key={paint.id} paint={paint} keepsake={keepsake} />
          ))}
        </ul>
        <button
          className="key mt-3"
          onClick={() =>
            getStudio().edit(asLabel('make.do-a-new-colour'), (d) => {
              d.paints.push({
                id: newId(),
                name: words.label('make.new-colour'),
                use: 'paste colour',
                hue: '#8a5a3c',
                food: 'unknown',
              });
            })
          }
        >
          <Plus size={20} /> {words.label('make.a-colour-dust-glaze-or')}
        </button>
      </section>
    </div>
  );
}

const SAID = {
  'as good as the same': 'same',
  near: 'near',
  'only roughly': 'rough',
  'cannot be mixed from these': 'cannot',
} as const;

/** How much of a ball one paste makes up. */
function shareWords(share: number): string {
  const words = currentWords();
  if (share < 0.01) return words.label('make.a-trace');
  return share >= 0.1 ? words.units.percent(share) : `${words.units.number(share * 100, 1)}%`;
}

function Mix({ ball, paints }: { ball: { name: string; colour: string; grams: number }; paints: readonly Paint[] }) {
  const words = useWords();
  const recipe = useMemo(() => recipeFor(ball.colour, paints), [ball.colour, paints]);
  return (
    <li className="flex items-center gap-4 border-t border-[var(--line)] py-2">
      <span className="flex shrink-0 overflow-hidden rounded-full border border-[var(--edge)]">
        <span className="h-11 w-6" style={{ background: ball.colour }} />
        <span className="h-11 w-6" style={{ background: recipe?.hue ?? 'transparent' }} />
      </span>
      <span className="min-w-0 grow leading-tight">
        <b>
          {ball.name}, {ball.grams} g
        </b>
        <span className="block text-[15px]">
          {recipe
            ? recipe.parts
                .map((p) => `${words.units.number(p.share * ball.grams, 1)}\u00a0g ${p.name}, ${shareWords(p.share)}`)
                .join('; ')
            : words.label('make.no-paste-colour-on-shelf')}
        </span>
      </span>
      {recipe && (
        <span className={`small shrink-0 text-right ${recipe.difference > 10 ? 'text-[var(--stop)]' : ''}`}>
          {words.label('make.mix-said', { said: SAID[recipe.said] })}
          <span className="block">
            {words.label('make.differs-by', { difference: words.units.number(recipe.difference, 1) })}
          </span>
        </span>
      )}
    </li>
  );
}

/** Glue, glaze, starch and fat by recipe, scaled to this job. */
function Supplies({ supplies }: { supplies: readonly Supply[] }) {
  const words = useWords();
  if (supplies.length === 0) return null;
  return (
    <>
      <h2 className="pb-1 pt-6">{words.label('make.glue-and-the-rest')}</h2>
      <ul>
        {supplies.map(({ id, ml }) => {
          const recipe = recipeById(id);
          const told = words.messages.names.supplies[id];
          return (
            <li key={id} className="border-t border-[var(--line)] py-2 text-[15px] leading-snug">
              <b>
                {told.name}, {Math.max(1, Math.round(ml))} ml
              </b>
              <span className="block">
                {scaled(recipe, ml)
                  .map(
                    ({ spoon }, i) =>
                      `${words.label('make.spoon', { measure: spoon.measure, n: spoon.figure })} ${told.ingredients[i]}`,
                  )
                  .join(', ')}
              </span>
              <span className="small">{told.how}</span>
            </li>
          );
        })}
      </ul>
      <p className="small">{words.label('make.how-much-one-piece-takes')}</p>
    </>
  );
}

function OnShelf({ paint, keepsake }: { paint: Paint; keepsake: boolean }) {
  const words = useWords();
  const change = (patch: Partial<Paint>) =>
    getStudio().edit(asLabel('make.do-paint', { paint: paint.name }), (d) => {
      const own = d.paints.find((p) => p.id === paint.id);
      if (own) Object.assign(own, patch);
    });
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-[var(--line)] py-1">
      <input
        type="color"
        aria-label={words.label('make.colour-of', { paint: paint.name })}
        className="size-11 cursor-pointer rounded-full border border-[var(--edge)] bg-transparent p-1"
        value={paint.hue}
        onChange={(e) => change({ hue: e.target.value })}
      />
      <input
        aria-label={words.label('make.name-of', { paint: paint.name })}
        className="fld min-w-[120px] grow"
        defaultValue={paint.name}
        maxLength={60}
        onBlur={(e) => e.target.value.trim() && e.target.value !== paint.name && change({ name: e.target.value.trim() })}
      />
      <Pick
        label={words.label('make.what-is-for', { paint: paint.name })}
        hideLabel
        className="fld text-[15px]"
        value={paint.use}
        options={PAINT_USES.map((u) => ({ value: u, name: words.label(`use.${u}`) }))}
        onChange={(use) => change({ use })}
      />
      <Pick
        label={words.label('make.what-label-says', { paint: paint.name })}
        hideLabel
        className="fld text-[15px]"
        value={paint.food}
        options={FOOD_WORDS.map((f) => ({ value: f, name: words.label(`food.${f}`) }))}
        onChange={(food) => change({ food })}
      />
      <button
        className="key px-2.5"
        aria-label={words.label('make.take-off-the-shelf', { paint: paint.name })}
        onClick={() =>
          getStudio().edit(
            asLabel('make.do-off-the-shelf', { paint: paint.name }),
            (d) => void (d.paints = d.paints.filter((p) => p.id !== paint.id)),
          )
        }
      >
        <Trash2 size={18} />
      </button>
      {paint.use !== 'paste colour' && (
        <span className="small w-full pl-14">{words.label(`make.paint-${allowedFor(paint.food, keepsake)}`)}</span>
      )}
    </li>
  );
}
