import { existsSync, readFileSync } from 'node:fs';

interface Terms {
  name: string;
  version: string;
  licence: string;
  texts: string[];
}
const { chosenLicence, foldersOf, isKnown, noticesOf, termsOf, withText } = jest.requireActual<{
  chosenLicence(expression: string): string;
  foldersOf(sources: readonly string[]): string[];
  isKnown(licence: string): boolean;
  noticesOf(packages: readonly Terms[]): string;
  termsOf(folder: string): Terms;
  withText(terms: Terms, all: readonly Terms[]): Terms;
}>('../scripts/notices.mjs');

test('licences by their SPDX names: the first that is known of a choice; copyleft without a notice of its own is not known', () => {
  expect(chosenLicence('(GPL-3.0-or-later OR MIT)')).toBe('MIT');
  expect(chosenLicence('MIT OR Apache-2.0')).toBe('MIT');
  for (const known of ['MIT', 'ISC', 'Apache-2.0', 'OFL-1.1', 'MPL-2.0']) expect(isKnown(known)).toBe(true);
  for (const unknown of ['GPL-3.0-or-later', 'LGPL-3.0-or-later', 'AGPL-3.0', 'SSPL-1.0', 'constructor', ''])
    expect(isKnown(unknown)).toBe(false);
});

test('sources of a map lie in folders of packages, nested ones and copies within the framework in theirs', () => {
  expect(
    foldersOf([
      'turbopack:///[project]/node_modules/zustand/esm/vanilla.mjs',
      'turbopack:///[project]/node_modules/@internationalized/date/src/index.ts',
      'turbopack:///[project]/node_modules/next/dist/compiled/react-dom/cjs/a.js',
      'turbopack:///[project]/node_modules/nowhere/index.js',
      'turbopack:///[project]/src/ui/useStudio.ts',
    ]).sort(),
  ).toEqual([
    'node_modules/@internationalized/date',
    'node_modules/next',
    'node_modules/next/dist/compiled/react-dom',
    'node_modules/zustand',
  ]);
});

test('every package that is installed to run Ofrenda has known terms and a text of them', () => {
  const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8')) as {
    packages: Record<string, { dev?: boolean; devOptional?: boolean; optional?: boolean }>;
  };
  const folders = Object.entries(packages).filter(
    // what is optional makes pictures smaller on some platforms and is not used
    ([folder, p]) => folder && !p.dev && !p.devOptional && !p.optional && existsSync(`${folder}/package.json`),
  );
  const all = folders.map(([folder]) => termsOf(folder));
  expect(all.length).toBeGreaterThan(100);
  expect(all.filter((t) => !isKnown(t.licence)).map((t) => `${t.name}: ${t.licence}`)).toEqual([]);
  expect(all.filter((t) => withText(t, all).texts.length === 0).map((t) => t.name)).toEqual([]);
});

test('the reader of calendars goes along with its terms, and so do the typefaces', () => {
  const calendar = termsOf('node_modules/ical.js');
  expect(calendar.licence).toBe('MPL-2.0');
  const notices = noticesOf([calendar, termsOf('node_modules/@fontsource/noto-sans')]);
  expect(notices).toContain('Files of this package that are changed stay under its terms');
  expect(notices).toMatch(/Mozilla Public License Version 2\.0/i);
  expect(notices).toMatch(/SIL OPEN FONT LICENSE Version 1\.1/i);
});

test('the same text stands once, under all whose terms it is; what brings none has the licence’s own', () => {
  const shared = { version: '1', licence: 'ISC', texts: ['Shared terms.'] };
  const notices = noticesOf([
    { name: 'b', ...shared },
    { name: 'a', ...shared },
    { name: 'c', version: '1', licence: 'MIT', texts: [] },
  ]);
  expect(notices.match(/Shared terms\./g)).toHaveLength(1);
  expect(notices).toContain('a, b\n\nShared terms.');
  expect(notices).toContain('Copyright (c) the authors of c');
});
