/**
 * Reads a PDF from stdin and writes the words of its pages as a JSON list: by itself, for the library comes as a
 * module that the test runner does not load.
 */
import { buffer } from 'node:stream/consumers';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const task = getDocument({ data: new Uint8Array(await buffer(process.stdin)), verbosity: 0 });
const document = await task.promise;
const pages = [];
for (let number = 1; number <= document.numPages; number++) {
  const { items } = await (await document.getPage(number)).getTextContent();
  pages.push(items.map((item) => ('str' in item ? `${item.str}${item.hasEOL ? ' ' : ''}` : '')).join(''));
}
await task.destroy();
process.stdout.write(JSON.stringify(pages));
