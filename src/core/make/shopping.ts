import type { NeedName } from './facts';
import type { Material, Need } from './price';

/** One thing to buy: whole packs of what is not there yet. */
export interface ToBuy {
  id: string;
  name: NeedName;
  /** where it is bought; nothing where that is not said */
  shop: string;
  needed: number;
  onHand: number;
  unit: string;
  packs: number;
  pack: number;
  /** null where the price list does not have it */
  price: number | null;
}

/** What is needed less what is there, in whole packs, by shop; what has none comes last. Nothing where enough is there. */
export function shoppingList(needs: readonly Need[], materials: readonly Material[]): ToBuy[] {
  return needs
    .map((need): ToBuy => {
      const own = materials.find((m) => m.id === need.id);
      const onHand = own?.onHand ?? 0;
      const pack = own?.pack ?? 1;
      const packs = Math.max(0, Math.ceil((need.amount - onHand) / pack - 1e-9));
      return {
        id: need.id,
        name: need.name,
        shop: own?.shop ?? '',
        needed: need.amount,
        onHand,
        unit: need.unit,
        packs,
        pack,
        price: own ? packs * own.packPrice : null,
      };
    })
    .filter((b) => b.packs > 0)
    .sort((a, b) => Number(!a.shop) - Number(!b.shop) || a.shop.localeCompare(b.shop));
}
