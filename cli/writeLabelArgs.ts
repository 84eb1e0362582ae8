import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { labelArgs } from '../src/core/words/labelTypes';

/** Writes what each label is filled with as types, so that `tsc` fails where a value is missing: `npm run words`. */
writeFileSync(join(import.meta.dirname, '../src/core/words/labelArgs.ts'), labelArgs());
