import * as v from 'valibot';
import { tinPieceSchema } from '@/core/compose/tin';
import type { Stock } from '@/core/make/stock';
import { offcutSchema } from '@/core/wire/offcuts';
import type { StudioPorts } from './studio';

/** Settings that hold the stock of all jobs. */
export const TIN = 'tin';
export const OFFCUTS = 'offcuts';

/** The stock as it was last kept; a row that cannot be read any more is left out, the others stay. */
export async function readStock(shelf: StudioPorts['shelf']): Promise<Stock> {
  const rows = async <S extends v.GenericSchema>(key: string, schema: S): Promise<v.InferOutput<S>[]> => {
    const kept = await shelf.getSetting(key);
    return (Array.isArray(kept) ? kept : []).flatMap((row) => {
      const read = v.safeParse(schema, row);
      return read.success ? [read.output] : [];
    });
  };
  const [tin, offcuts] = await Promise.all([rows(TIN, tinPieceSchema), rows(OFFCUTS, offcutSchema)]);
  return { tin, offcuts };
}
