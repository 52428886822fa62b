import { PDFDocument } from 'pdf-lib';
import sharp from 'sharp';
import { customerOptions } from '#core/customer';
import { customerSheetPdf, PAPERS, PT_PER_MM, type CustomerSheet } from '#formats/pdf';
import { paperFonts } from '#server/work/fonts';
import { demoJob, type DemoName } from '#support/jobs';
import { pdfText } from '#support/pdfText';
import { operators, straightPaths } from '#support/readBack';

const made = new Map<string, CustomerSheet>();
/** Options are judged once: the paper is what is tried here. */
function sheetOf(name: DemoName, ids: string): CustomerSheet {
  const known = made.get(name + ids);
  if (known) return known;
  const job = demoJob(name);
  const sheet: CustomerSheet = {
    ...customerOptions(job, [...ids]),
    paper: 'a4',
    title: job.vehicle.label!,
    subtitle: 'SK-001 · 2 March 2026',
    logo: null,
    pictures: {},
    from: 'Skerrow Hill Club',
  };
  made.set(name + ids, sheet);
  return sheet;
}
const bytesOf = (sheet: CustomerSheet, part: Partial<CustomerSheet> = {}) =>
  customerSheetPdf({ ...sheet, ...part }, paperFonts());

const CASES: [DemoName, string][] = [
  ['brindle-kite', 'abd'],
  ['orrin-haul', 'bc'],
  ['pallas-tender', 'b'],
];

test.each(CASES)('%s, %s: one to two pages of either paper, nothing beyond its edges', async (name, ids) => {
  for (const paper of ['a4', 'letter'] as const) {
    const document = await PDFDocument.load(await bytesOf(sheetOf(name, ids), { paper }));
    expect(document.getPageCount()).toBeLessThanOrEqual(2);
    const { widthMm, heightMm } = PAPERS[paper];
    const points = document
      .getPageIndices()
      .flatMap((page) => straightPaths(operators(document, page)).flatMap((drawn) => drawn.points));
    expect(points.length).toBeGreaterThan(100);
    const isOnPaper = ([x, y]: (typeof points)[number]) =>
      x > 0 && x < widthMm * PT_PER_MM && y > 0 && y < heightMm * PT_PER_MM;
    expect(points.filter((point) => !isOnPaper(point))).toEqual([]);
  }
});

test.each(CASES)('%s, %s: every word of it is there to be read, by another library', async (name, ids) => {
  const sheet = sheetOf(name, ids);
  const text = pdfText(await bytesOf(sheet))
    .join(' ')
    .replaceAll(/\s+/g, '');
  const has = (words: string) => expect(text).toContain(words.replaceAll(/\s+/g, ''));
  for (const words of [sheet.title, sheet.subtitle, sheet.from!, ...sheet.headings, ...sheet.cautions]) has(words);
  for (const { title, word, cells } of sheet.options) [title, word, ...cells.flat()].forEach(has);
});

test('wheels are drawn to the scale that the sheet says, and stand from the fender as evaluate has it', async () => {
  const sheet = sheetOf('brindle-kite', 'abd');
  const bytes = await bytesOf(sheet);
  const scale = Number(/drawn 1:(\d+)/.exec(pdfText(bytes).join(' '))![1]);
  const paths = straightPaths(operators(await PDFDocument.load(bytes), 0));
  // A tire's outline has many points; the option is drawn first, what is on the car after it.
  const tires = paths.filter(({ points, closed }) => closed && points.length > 60);
  const corners = sheet.options.flatMap((one) => one.corners);
  expect(tires).toHaveLength(2 * corners.length);
  for (const [at, { subject, corner }] of corners.entries()) {
    for (const [n, { fitted }] of [subject, corner.present].entries()) {
      const xs = tires[2 * at + n]!.points.map(([x]) => x / PT_PER_MM);
      const { innerMm, outerMm } = fitted.place!;
      expect((Math.max(...xs) - Math.min(...xs)) * scale).toBeCloseTo(outerMm - innerMm, 0);
    }
    const [next, now] = [tires[2 * at]!, tires[2 * at + 1]!].map(({ points }) => Math.max(...points.map(([x]) => x)));
    const moved = subject.fitted.place!.outerMm - corner.present.fitted.place!.outerMm;
    expect(((next! - now!) / PT_PER_MM) * scale).toBeCloseTo(moved, 0);
  }
});

test('pictures of the options stand on it; one whose file is missing is left out', async () => {
  const sheet = sheetOf('brindle-kite', 'abd');
  const jpeg = await sharp({ create: { width: 40, height: 25, channels: 3, background: '#884422' } })
    .jpeg()
    .toBuffer();
  const options = sheet.options.map((one, at) => ({ ...one, picture: ['p1', 'p2', null][at]! }));
  const heading = /How it will stand/;
  const images = async (part: Partial<CustomerSheet>) => {
    const bytes = await bytesOf(sheet, part);
    const document = await PDFDocument.load(bytes);
    const found = document.context
      .enumerateIndirectObjects()
      .filter(([, one]) => String(one).includes('/Subtype /Image'));
    return [found.length, heading.test(pdfText(bytes).join(' '))];
  };
  const uri = `data:image/jpeg;base64,${jpeg.toString('base64')}`;
  expect(await images({ options, pictures: { p1: uri } })).toEqual([1, true]);
  expect(await images({ options, pictures: {} })).toEqual([0, false]);
  expect(await images({ options: sheet.options, pictures: { p1: uri } })).toEqual([0, false]);
});

test('options without a drawing, and none at all, are a page still', async () => {
  const sheet = sheetOf('pallas-tender', 'b');
  const options = sheet.options.map((one) => ({ ...one, corners: [] }));
  expect((await PDFDocument.load(await bytesOf(sheet, { options }))).getPageCount()).toBe(1);
  expect((await PDFDocument.load(await bytesOf(sheet, { options: [] }))).getPageCount()).toBe(1);
});

test('words that would not end are cut into pages, none lost', async () => {
  const sheet = sheetOf('pallas-tender', 'b');
  const long = 'A line that says what was asked for and goes on. '.repeat(150).trim();
  const document = await PDFDocument.load(await bytesOf(sheet, { asked: [long] }));
  expect(document.getPageCount()).toBeLessThanOrEqual(3);
});
