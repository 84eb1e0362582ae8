import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';

const ROOTS = ['app', 'src', 'cli', 'e2e', 'scripts', 'bench'];
const isTest = (file) => /(\.test\.|\.spec\.)/.test(file) || file.startsWith(`e2e${path.sep}`);

function* files(place) {
  for (const name of readdirSync(place)) {
    const file = path.join(place, name);
    if (statSync(file).isDirectory()) yield* files(file);
    else if (/\.(ts|tsx|mjs|css)$/.test(name)) yield file;
  }
}

/** Lines of code and of tests, and the share of tests in all. */
export function ratio() {
  let code = 0;
  let tests = 0;
  for (const root of ROOTS) {
    try {
      for (const file of files(root)) {
        const lines = readFileSync(file, 'utf8').split('\n').length - 1;
        if (isTest(file)) tests += lines;
        else code += lines;
      }
    } catch {
      // a folder that is not there has no lines
    }
  }
  return { code, tests, share: tests / (code + tests) };
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) {
  const { code, tests, share } = ratio();
  console.log(`${code} lines of code, ${tests} lines of tests: ${(share * 100).toFixed(1)} % are tests`);
}
