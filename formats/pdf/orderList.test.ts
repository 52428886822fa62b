import { PDFDocument } from 'pdf-lib';
import { moneyText } from '#core/cost';
import { orderOf, type OrderLine } from '#core/order';
import { wordsIn } from '#core/units';
import { orderListPdf, PAPERS, PT_PER_MM } from '#formats/pdf';
import { paperFonts } from '#server/work/fonts';
import { demoJob, setupOf } from '#support/jobs';
import { pdfText } from '#support/pdfText';
import { operators, straightPaths } from '#support/readBack';

const job = demoJob('brindle-kite');
const lines = orderOf({ job, setup: setupOf(job, 'b'), words: wordsIn('mm') }, []);
const drawn = async (of: readonly OrderLine[], paper: 'a4' | 'letter' = 'a4') =>
  PDFDocument.load(
    await orderListPdf(
      { paper, title: 'Order list', subtitle: 'SK-001', logo: null, from: 'The shop', lines: of, currency: 'EUR' },
      paperFonts(),
    ),
  );
const boxes = (document: PDFDocument): number =>
  document
    .getPageIndices()
    .flatMap((page) => straightPaths(operators(document, page)))
    .filter(({ closed }) => closed).length;

test.each(['a4', 'letter'] as const)('on %s: a page, a box for every line, nothing beyond its edges', async (paper) => {
  const document = await drawn(lines, paper);
  expect(document.getPageCount()).toBe(1);
  expect(boxes(document)).toBe(lines.length);
  for (const { points } of straightPaths(operators(document, 0)))
    for (const [x, y] of points) {
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(PAPERS[paper].widthMm * PT_PER_MM);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(PAPERS[paper].heightMm * PT_PER_MM);
    }
});

test('every part is there to be read, by another library: figures, counts, price', async () => {
  const bytes = await orderListPdf(
    { paper: 'a4', title: 'Order list', subtitle: 'SK-001', logo: null, from: 'The shop', lines, currency: 'EUR' },
    paperFonts(),
  );
  const text = pdfText(bytes).join(' ').replaceAll(/\s+/g, '');
  for (const { figures, label, each, count } of lines) {
    expect(text).toContain((figures || label).replaceAll(/\s+/g, ''));
    expect(text).toContain(each === null ? 'noprice' : moneyText(each, 'EUR').replaceAll(/\s+/g, ''));
    expect(text).toContain(String(count));
  }
});

test('a long list goes on over several pages, none of it lost; an empty one is a page that says so', async () => {
  const many = Array.from({ length: 60 }, () => lines[0]!);
  const document = await drawn(many);
  expect(document.getPageCount()).toBeGreaterThan(1);
  expect(boxes(document)).toBe(60);
  expect((await drawn([])).getPageCount()).toBe(1);
});
