import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/**
 * The terms of what others wrote and we ship, made from the finished build: the packages that its maps name, in the browser and on
 * the server, those of package.json, what the framework needs to run, and where styles come from. Written to public/notices.txt.
 */
export const NOTICES = 'public/notices.txt';

/** Licences that ask for their text to go along and no more. */
const PERMISSIVE = ['MIT', 'ISC', '0BSD', 'BSD-2-Clause', 'BSD-3-Clause', 'Apache-2.0', 'Unlicense', 'CC0-1.0', 'BlueOak-1.0.0'];
/** Those that ask for more, and what: said beside the package. */
const WITH_NOTICE = {
  'MPL-2.0': 'Files of this package that are changed stay under its terms; none is changed. Its source is at the address given.',
  'OFL-1.1': 'The typefaces may be shipped with programs and not be sold by themselves; none is changed.',
  'CC-BY-4.0': 'Data by the contributors named in the package, unchanged.',
};

/** Those that ask for nothing, not even for their text. */
const WITHOUT_TEXT = ['CC0-1.0', 'Unlicense', '0BSD'];

/** True when a licence is known and what it asks for is done. */
export const isKnown = (licence) => PERMISSIVE.includes(licence) || Object.hasOwn(WITH_NOTICE, licence);

/** An SPDX expression by the first of its licences that is known; the expression itself where none is. */
export function chosenLicence(expression) {
  const offered = expression.replace(/[()]/g, '').split(/ OR /);
  return offered.find(isKnown) ?? expression;
}

/** Folders of packages that sources of a map lie in: `node_modules/a`, `node_modules/@b/c`, `node_modules/next/dist/compiled/d`. */
export function foldersOf(sources) {
  const found = new Set();
  for (const source of sources) {
    const at = source.indexOf('node_modules/');
    if (at < 0) continue;
    const inside = source.slice(at);
    const end = inside.lastIndexOf('node_modules/') + 'node_modules/'.length;
    const [first, second] = inside.slice(end).split('/');
    found.add(inside.slice(0, end) + (first.startsWith('@') ? `${first}/${second}` : first));
    const copied = /^node_modules\/next\/dist\/compiled\/(?:@[^/]+\/)?[^/]+/.exec(inside);
    if (copied) found.add(copied[0]);
  }
  return [...found].filter((folder) => existsSync(path.join(folder, 'package.json')));
}

const read = (file) => JSON.parse(readFileSync(file, 'utf8'));

const mapsIn = (folder) =>
  readdirSync(folder, { recursive: true })
    .map((name) => path.join(folder, String(name)))
    .filter((name) => name.endsWith('.map'));

/** All sources that a map names, through its sections. */
const sourcesOf = (map) => (map.sections ? map.sections.flatMap((s) => sourcesOf(s.map)) : (map.sources ?? []));

const TEXTS = /^(licen[cs]e|copying|notice|ofl)/i;

/** A package with its terms: what it says of itself and the texts that lie in it. */
export function termsOf(folder) {
  const { name, version = '', license, licenses, homepage, repository, author } = read(path.join(folder, 'package.json'));
  const said = typeof license === 'string' ? license : (license?.type ?? licenses?.[0]?.type ?? '');
  const texts = readdirSync(folder, { withFileTypes: true })
    .filter((file) => file.isFile() && TEXTS.test(file.name))
    .map((file) => readFileSync(path.join(folder, file.name), 'utf8').trim());
  // some say in the text alone what they are under
  const licence = said || (/\bMIT\b|Permission is hereby granted, free of charge/.test(texts.join(' ')) ? 'MIT' : '');
  const address = homepage ?? (typeof repository === 'string' ? repository : repository?.url) ?? '';
  return {
    name: name ?? path.basename(folder),
    version,
    licence: chosenLicence(licence),
    address,
    author: (typeof author === 'string' ? author : author?.name) ?? '',
    texts,
  };
}

/** Packages that the framework needs to run, without those that are optional on a platform. */
function closureOf(name, seen = new Set()) {
  const folder = `node_modules/${name}`;
  if (seen.has(folder) || !existsSync(folder)) return seen;
  seen.add(folder);
  for (const next of Object.keys(read(`${folder}/package.json`).dependencies ?? {})) closureOf(next, seen);
  return seen;
}

/** Styles are made of these, although nothing of them is a script. */
const STYLES = ['tailwindcss', 'daisyui'];

/** The MIT licence (SPDX: MIT), for packages that name it and bring no text. */
const mitText = ({ name, author }) => `MIT License

Copyright (c) ${author || `the authors of ${name}`}

Permission is hereby granted, free of charge, to any person obtaining a copy of this software and associated documentation files (the
"Software"), to deal in the Software without restriction, including without limitation the rights to use, copy, modify, merge, publish,
distribute, sublicense, and/or sell copies of the Software, and to permit persons to whom the Software is furnished to do so, subject to
the following conditions:

The above copyright notice and this permission notice shall be included in all copies or substantial portions of the Software.

THE SOFTWARE IS PROVIDED "AS IS", WITHOUT WARRANTY OF ANY KIND, EXPRESS OR IMPLIED, INCLUDING BUT NOT LIMITED TO THE WARRANTIES OF
MERCHANTABILITY, FITNESS FOR A PARTICULAR PURPOSE AND NONINFRINGEMENT. IN NO EVENT SHALL THE AUTHORS OR COPYRIGHT HOLDERS BE LIABLE FOR
ANY CLAIM, DAMAGES OR OTHER LIABILITY, WHETHER IN AN ACTION OF CONTRACT, TORT OR OTHERWISE, ARISING FROM, OUT OF OR IN CONNECTION WITH
THE SOFTWARE OR THE USE OR OTHER DEALINGS IN THE SOFTWARE.`;

/** A package's terms with the text that it does not bring itself: the licence's own, as another package brings it where it is not MIT. */
export function withText(terms, all) {
  if (terms.texts.length) return terms;
  if (terms.licence === 'MIT') return { ...terms, texts: [mitText(terms)] };
  const other = all.find((p) => p.licence === terms.licence && p.texts.length);
  return other ? { ...terms, texts: [other.texts[0]] } : terms;
}

const RULE = '-'.repeat(100);

/** The notices as text, the same text once; `packages` in order of their names. */
export function noticesOf(packages) {
  const byName = [...packages].sort((a, b) => (a.name < b.name ? -1 : a.name > b.name ? 1 : 0));
  const line = ({ name, version, licence, address, author }) =>
    [`${name} ${version} (${licence})`, author, address, WITH_NOTICE[licence]].filter(Boolean).join('\n  ');
  const texts = new Map();
  for (const p of byName) for (const text of withText(p, byName).texts) texts.set(text, [...(texts.get(text) ?? []), p.name]);
  return [
    'Ofrenda is made with what others wrote. Each package and typeface that is shipped, by whom, and under which terms;',
    'the texts of the terms stand below. What another package brings in copy is named by its own name.',
    '',
    ...byName.map(line),
    '',
    ...[...texts].flatMap(([text, names]) => [RULE, [...new Set(names)].join(', '), '', text, '']),
  ].join('\n');
}

/** Takes the maps out of the build, and their names out of the scripts. */
function forgetMaps(folder) {
  for (const name of readdirSync(folder, { recursive: true }).map(String)) {
    const file = path.join(folder, name);
    if (name.endsWith('.map')) rmSync(file);
    else if (name.endsWith('.js'))
      writeFileSync(file, readFileSync(file, 'utf8').replace(/\n+\/\/# sourceMappingURL=\S*\s*$/, '\n'));
  }
}

/** Writes the notices of the build; false, and says which, when terms are not known. Maps of the browser are gone after it. */
export function writeNotices(extraSources) {
  const sources = [...mapsIn('.next/static'), ...mapsIn('.next/server')].flatMap((file) => sourcesOf(read(file)));
  const folders = new Set([
    ...foldersOf([...sources, ...extraSources]),
    ...[...Object.keys(read('package.json').dependencies), ...STYLES].map((name) => `node_modules/${name}`),
    ...closureOf('next'),
  ]);
  forgetMaps('.next/static');
  const packages = [...new Map([...folders].map((f) => termsOf(f)).map((t) => [`${t.name} ${t.version}`, t])).values()];
  const unknown = packages.filter(
    (p) => !isKnown(p.licence) || (withText(p, packages).texts.length === 0 && !WITHOUT_TEXT.includes(p.licence)),
  );
  for (const { name, licence } of unknown) console.error(`The terms of ${name} are not known or have no text: “${licence}”.`);
  writeFileSync(NOTICES, noticesOf(packages));
  console.log(`Notices of ${packages.length} packages and typefaces.`);
  return unknown.length === 0;
}
