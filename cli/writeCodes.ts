import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { withCodes } from './codes';

/** Writes every code of a fact into docs/plan-format.md. */
const page = join(import.meta.dirname, '../docs/plan-format.md');
writeFileSync(page, withCodes(readFileSync(page, 'utf8')));
