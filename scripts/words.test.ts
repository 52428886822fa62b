import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { neverIn } from '../support/neverWords';

const root = path.join(import.meta.dirname, '..');
const filesIn = (folder: string, kind: RegExp): string[] =>
  readdirSync(path.join(root, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && kind.test(entry.name) && !/\.test\.|\.d\.ts$/.test(entry.name))
    .map((entry) => path.join(entry.parentPath, entry.name));

/** Words of the job file and names of things in code: one word alone, or several joined by signs. */
const IDENTIFIER = /^[\w./#:@[\]-]*$/;
/** Reads both spellings, as people type both; older documents keep their name. */
const NOT_SAID = ['readLength.ts', '004-house.ts', '002-stores.ts'];

/** Every text that a source writes down: strings, templates and what stands between tags. */
function textsIn(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const texts: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isLiteralTypeNode(node)) return;
    if (ts.isJsxAttribute(node) && node.name.getText() === 'className') return;
    if (ts.isJsxText(node)) texts.push(node.text.replace(/\s+/g, ' ').trim());
    else if (ts.isStringLiteralLike(node)) texts.push(node.text);
    else if (ts.isTemplateExpression(node))
      texts.push([node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join('…'));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return texts.filter((text) => !IDENTIFIER.test(text) && !/SELECT|INSERT|UPDATE|DELETE FROM/.test(text));
}

test.each(['app', 'core', 'formats', 'server', 'cli'])('%s says the trade’s words', (folder) => {
  const files = filesIn(folder, /\.tsx?$/).filter((file) => !NOT_SAID.includes(path.basename(file)));
  expect(files.length).toBeGreaterThan(0);
  const said = files.flatMap((file) =>
    textsIn(file)
      .flatMap(neverIn)
      .map((fault) => `${path.relative(root, file)}: ${fault}`),
  );
  expect(said).toEqual([]);
});

test.each([
  ['demo', /\.(json|csv)$/],
  ['docs', /\.md$/],
])('%s as well', (folder, kind) => {
  // Code in documents, and the fields of a job, are the file's own words.
  const plain = (text: string) => text.replace(/```[\s\S]*?```|`[^`]*`|"\w+"(?=[:,])/g, '');
  const lines = filesIn(folder, kind).flatMap((file) => plain(readFileSync(file, 'utf8')).split('\n'));
  expect(lines.length).toBeGreaterThan(100);
  expect(lines.flatMap(neverIn)).toEqual([]);
});

test('a word that is not said is found', () => {
  expect(neverIn('8.7 inside')).toHaveLength(1);
  expect(neverIn('The inner gap, at rest')).toHaveLength(1);
  expect(neverIn('8.7 mm tuck')).toEqual([]);
});
