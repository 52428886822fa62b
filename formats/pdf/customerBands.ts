import type { CustomerOption, CustomerOptions } from '#core/customer';
import { capital } from '#core/text';
import { drawCorner, scaleFor, sizeAt } from './cornerPicture';
import type { Drawing, Measure } from './drawing';
import { tickBox } from './list';
import { PAPERS, type PaperName } from './paper';

export const EDGE_MM = 12;
const COLUMN_GAP_MM = 5;
const PICTURE_MM = 68;
/** A column at least so wide shows front and rear beside each other, mm. */
const BESIDE_MM = 88;
const PICTURE_GAP_MM = 4;

/** Options, and the paper that they are set on. */
type OnPaper = CustomerOptions & { paper: PaperName; pictures: Readonly<Record<string, string>> };

/** What stands across the sheet, how high, and how it is drawn from a height on. */
export interface Band {
  heightMm: number;
  draw(drawing: Drawing, y: number): void;
}

/** How the columns of a sheet are laid. */
interface Columns {
  widthMm: number;
  left(option: number): number;
}

function columnsOf({ paper, options }: OnPaper): Columns {
  const count = Math.max(1, options.length);
  const widthMm = (PAPERS[paper].widthMm - 2 * EDGE_MM - (count - 1) * COLUMN_GAP_MM) / count;
  return { widthMm, left: (option) => EDGE_MM + option * (widthMm + COLUMN_GAP_MM) };
}

/** The bands of a customer's sheet from its head to where it is signed, in a size of letters. */
export function bandsOf(sheet: OnPaper, size: number, measure: Measure): Band[] {
  const columns = columnsOf(sheet);
  const ask: BandAsk = { sheet, size, measure, columns };
  const [goesOn, ...rest] = sheet.headings.map((heading, row) => cellBand(ask, heading, row));
  return [
    askedBand(ask),
    titleBand(ask),
    ...(goesOn ? [goesOn] : []),
    pictureBand(ask),
    stanceBand(ask),
    ...rest,
    cautionBand(ask),
    signBand(ask),
  ];
}

interface BandAsk {
  sheet: OnPaper;
  size: number;
  measure: Measure;
  columns: Columns;
}

const HEADING_SIZE = 7;
const HEADING_MM = 4;
const BAND_GAP_MM = 2.2;

/** A heading over a thin line, as every band but the titles has. */
function drawHeading(drawing: Drawing, heading: string, y: number): void {
  drawing.line([EDGE_MM, y], [drawing.widthMm - EDGE_MM, y], { widthMm: 0.1, gray: true });
  drawing.text(heading, [EDGE_MM, y + 0.8], { font: 'figures', size: HEADING_SIZE });
}

function askedBand({ sheet: { asked, paper }, size, measure }: BandAsk): Band {
  const text = asked.join('. ').replaceAll('..', '.');
  const widthMm = PAPERS[paper].widthMm - 2 * EDGE_MM;
  return {
    heightMm: HEADING_MM + measure(text, { size, widthMm }) + BAND_GAP_MM,
    draw(drawing, y) {
      drawHeading(drawing, 'What was asked for', y);
      drawing.text(text, [EDGE_MM, y + HEADING_MM], { size, widthMm });
    },
  };
}

const wordOf = ({ word, isChosen }: CustomerOption): string => (isChosen ? `${word} · chosen` : word);

function titleBand({ sheet: { options }, size, measure, columns }: BandAsk): Band {
  const { widthMm, left } = columns;
  const titles = options.map(({ name, title }) => `${name}  ${title}`);
  const title = { font: 'bold', size: size + 2, widthMm } as const;
  const titleMm = Math.max(0, ...titles.map((text) => measure(text, title)));
  const wordMm = Math.max(0, ...options.map((one) => measure(wordOf(one), { size, widthMm })));
  return {
    heightMm: titleMm + wordMm + 2 * BAND_GAP_MM,
    draw(drawing, y) {
      drawing.line([EDGE_MM, y], [drawing.widthMm - EDGE_MM, y], { widthMm: 0.3 });
      for (const [at, option] of options.entries()) {
        drawing.text(titles[at]!, [left(at), y + BAND_GAP_MM / 2], title);
        drawing.text(wordOf(option), [left(at), y + BAND_GAP_MM / 2 + titleMm], { font: 'bold', size, widthMm });
      }
    },
  };
}

const LINE_GAP_MM = 0.8;

function cellBand({ sheet: { options }, size, measure, columns }: BandAsk, heading: string, row: number): Band {
  const { widthMm, left } = columns;
  const lineMm = (text: string) => measure(text, { size, widthMm }) + LINE_GAP_MM;
  const heights = options.map(({ cells }) => cells[row]!.reduce((sum, text) => sum + lineMm(text), 0));
  return {
    heightMm: HEADING_MM + Math.max(0, ...heights) + BAND_GAP_MM,
    draw(drawing, y) {
      drawHeading(drawing, heading, y);
      for (const [at, { cells }] of options.entries()) {
        let line = y + HEADING_MM;
        for (const text of cells[row]!) {
          drawing.text(text, [left(at), line], { size, widthMm });
          line += lineMm(text);
        }
      }
    },
  };
}

const CAPTION_MM = 4;

function pictureBand({ sheet: { options }, columns }: BandAsk): Band {
  const corners = options.flatMap((one) => one.corners);
  if (corners.length === 0) return { heightMm: 0, draw: () => undefined };
  const isBeside = columns.widthMm >= BESIDE_MM;
  const widthMm = isBeside ? (columns.widthMm - PICTURE_GAP_MM) / 2 : columns.widthMm;
  const scale = scaleFor(corners, { widthMm, heightMm: PICTURE_MM });
  const pictureMm = Math.max(...corners.map((one) => sizeAt(one, scale).heightMm));
  const rows = isBeside ? 1 : Math.max(...options.map((one) => one.corners.length));
  const rowMm = pictureMm + CAPTION_MM + PICTURE_GAP_MM / 2;
  return {
    heightMm: HEADING_MM + rows * rowMm + BAND_GAP_MM,
    draw(drawing, y) {
      drawHeading(
        drawing,
        `The right side from behind, drawn 1:${scale}; dashed: the tire that is on the car now, the line of the fender`,
        y,
      );
      for (const [at, option] of options.entries())
        for (const [n, corner] of option.corners.entries()) {
          const x = columns.left(at) + (isBeside ? n * (widthMm + PICTURE_GAP_MM) : 0);
          const top = y + HEADING_MM + (isBeside ? 0 : n * rowMm);
          const size = sizeAt(corner, scale);
          drawCorner(drawing, corner, { place: [x, top + pictureMm - size.heightMm], scale });
          const caption = [capital(corner.axle), corner.face].filter(Boolean).join(': ');
          drawing.text(caption, [x, top + pictureMm + 0.6], { font: 'figures', size: HEADING_SIZE + 1 });
        }
    },
  };
}

/** How high a picture from Stance may be, by its width, and at most. */
const STANCE = { byWidth: 0.72, mostMm: 62 };

function stanceBand({ sheet: { options, pictures }, columns: { widthMm, left } }: BandAsk): Band {
  const uris = options.map(({ picture }) => (picture === null ? undefined : pictures[picture]));
  if (uris.every((uri) => uri === undefined)) return { heightMm: 0, draw: () => undefined };
  const heightMm = Math.min(STANCE.mostMm, widthMm * STANCE.byWidth);
  return {
    heightMm: HEADING_MM + heightMm + BAND_GAP_MM,
    draw(drawing, y) {
      drawHeading(drawing, 'How it will stand: by the readings of this car, with a plain body around it', y);
      for (const [at, uri] of uris.entries())
        if (uri !== undefined) drawing.picture(uri, { x: left(at), y: y + HEADING_MM, widthMm, heightMm }, 'center');
    },
  };
}

function cautionBand({ sheet: { cautions, paper }, size, measure }: BandAsk): Band {
  const text = cautions.join(' ');
  const widthMm = PAPERS[paper].widthMm - 2 * EDGE_MM;
  return {
    heightMm: HEADING_MM + measure(text, { size: size - 0.5, widthMm }) + BAND_GAP_MM,
    draw(drawing, y) {
      drawHeading(drawing, 'Please read', y);
      drawing.text(text, [EDGE_MM, y + HEADING_MM], { size: size - 0.5, widthMm });
    },
  };
}

const SIGN_MM = 20;
const BOX_MM = 4.2;

function signBand({ sheet: { options } }: BandAsk): Band {
  return {
    heightMm: SIGN_MM,
    draw(drawing, y) {
      const right = drawing.widthMm - EDGE_MM;
      drawing.line([EDGE_MM, y], [right, y], { widthMm: 0.3 });
      const foot = y + SIGN_MM - 5;
      drawing.text('I choose', [EDGE_MM, foot - 4], { size: 9 });
      for (const [at, { name }] of options.entries()) {
        const x = EDGE_MM + 17 + at * 14;
        tickBox(drawing, [x, foot - 4.4], BOX_MM);
        drawing.text(name, [x + BOX_MM + 1.5, foot - 4], { font: 'bold', size: 9 });
      }
      const lines: readonly [string, number, number][] = [
        ['Date', EDGE_MM + 66, 32],
        ['Signature', EDGE_MM + 104, right - EDGE_MM - 104],
      ];
      for (const [name, x, wide] of lines) {
        drawing.line([x, foot], [x + wide, foot], { widthMm: 0.2 });
        drawing.text(name, [x, foot + 0.8], { font: 'figures', size: HEADING_SIZE });
      }
    },
  };
}
