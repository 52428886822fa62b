import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import postcss, { type Root, type Rule } from 'postcss';

const files = (...patterns: string[]): string[] =>
  execFileSync('git', ['ls-files', '-co', '--exclude-standard', ...patterns])
    .toString()
    .trim()
    .split('\n');

/** Where each class is given its looks. */
function classesOf(sheets: readonly string[]): Map<string, Set<string>> {
  const places = new Map<string, Set<string>>();
  for (const sheet of sheets) {
    const root: Root = postcss.parse(readFileSync(sheet, 'utf8'));
    root.walkRules(({ selector }) => {
      for (const [, name] of selector.matchAll(/\.([a-z][\w-]*)/gi))
        places.set(name!, (places.get(name!) ?? new Set()).add(sheet));
    });
  }
  return places;
}

/** The classes that a component names, and the sheets that it brings. */
function read(file: string): { classes: Set<string>; sheets: Set<string> } {
  const text = readFileSync(file, 'utf8');
  const classes = new Set<string>();
  for (const [, plain, made] of text.matchAll(/className=(?:"([^"]+)"|\{((?:[^{}]|\{[^{}]*\})*)\})/g)) {
    const texts = plain ? [plain] : [...made!.matchAll(/['"`]([^'"`]*)['"`]/g)].map(([, one]) => one!);
    for (const one of texts) for (const name of one.replace(/\S*\$\{[^}]*\}\S*/g, ' ').split(/\s+/)) classes.add(name);
  }
  const sheets = [...text.matchAll(/import '(\.[^']+\.css)'/g)].map(([, at]) => path.join(path.dirname(file), at!));
  return { classes, sheets: new Set(sheets) };
}

const places = classesOf(files('app/**/*.css', ':!app/theme/palette.css'));
const always = read('app/root.tsx').sheets;
const components = files('app/**/*.tsx').map((file) => ({ file, ...read(file) }));

test('what a component looks like comes with it, or with every page: it is the same whichever was opened first', () => {
  const without = components.flatMap(({ file, classes, sheets }) =>
    [...classes].flatMap((name) => {
      const at = places.get(name);
      const comes = !at || [...at].some((sheet) => always.has(sheet) || sheets.has(sheet));
      return comes ? [] : `${file}: ${name} is in ${[...at].join(', ')}`;
    }),
  );
  expect(without).toEqual([]);
});

test('a class of a folder is used in that folder, by a page, or lies with the shared parts', () => {
  const shared = /^app\/(theme|ui\/(controls|parts|fields|sheet|frame|stations)|routes)\//;
  const strayed = components.flatMap(({ file, classes }) =>
    [...classes].flatMap((name) => {
      const at = [...(places.get(name) ?? [])];
      const own = at.some((sheet) => shared.test(sheet) || path.dirname(sheet) === path.dirname(file));
      return at.length === 0 || own || shared.test(file) ? [] : `${file}: ${name} is in ${at.join(', ')}`;
    }),
  );
  expect(strayed).toEqual([]);
});

test('a sheet that is brought is of use', () => {
  const idle = components.flatMap(({ file, classes, sheets }) =>
    [...sheets].flatMap((sheet) => {
      const used = [...classes].some((name) => places.get(name)?.has(sheet));
      return used || always.has(sheet) ? [] : `${file} brings ${sheet}`;
    }),
  );
  expect(idle).toEqual([]);
});

describe('colors, sizes and spaces are tokens', () => {
  const sheets = files('app/**/*.css', ':!app/theme/palette.css', ':!app/theme/tokens.css');
  const declarations = sheets.flatMap((sheet) => {
    const found: { sheet: string; selector: string; prop: string; value: string }[] = [];
    postcss.parse(readFileSync(sheet, 'utf8')).walkDecls(({ parent, prop, value }) => {
      const selector = parent?.type === 'rule' ? (parent as Rule).selector : '';
      found.push({ sheet, selector, prop, value });
    });
    return found;
  });
  /** Text within a picture is as large as the picture's own unit makes it. */
  const isInPicture = ({ selector }: { selector: string }) => selector.endsWith('-picture text');

  test.each([
    ['a color', /./, /#[\da-f]{3,8}\b|\b(?:rgba?|hsla?|oklch)\(|\b(?:white|black)\b/i],
    ['a face or size of text', /^font(-size|-family)?$/, /['"]|\d(px|rem|em)\b/],
    ['a space', /^(padding|margin|gap|row-gap|column-gap)/, /(?<![\d.])(?!0|1px)[\d.]+(px|rem)/],
  ])('%s', (_, property, literal) => {
    const loose = declarations
      .filter((one) => property.test(one.prop) && literal.test(one.value) && !isInPicture(one))
      .map(({ sheet, selector, prop, value }) => `${sheet}: ${selector} { ${prop}: ${value} }`);
    expect(loose).toEqual([]);
  });
});
