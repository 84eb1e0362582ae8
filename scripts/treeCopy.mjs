import { cpSync, existsSync, mkdtempSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** A copy of the tree in which something may be broken. */
export function copyOfTree(root) {
  const place = mkdtempSync(path.join(tmpdir(), 'ofrenda-copy-'));
  for (const part of ['src', 'cli', 'app', 'bench', 'docs', 'package.json', 'tsconfig.json', 'jest.config.mjs'])
    if (existsSync(path.join(root, part))) cpSync(path.join(root, part), path.join(place, part), { recursive: true });
  symlinkSync(path.resolve(root, 'node_modules'), path.join(place, 'node_modules'));
  return place;
}
