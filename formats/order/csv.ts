import Papa from 'papaparse';
import type { OrderLine } from '#core/order';

/** An order as a file for a spreadsheet; what begins like a formula is written so that none is run. */
export const orderCsv = (lines: readonly OrderLine[], currency: string | null): string =>
  Papa.unparse(
    {
      fields: ['what', 'figures', 'count', 'fromShelf', 'reserved', 'used', 'toBuy', 'priceEach', 'currency'],
      data: lines.map(({ label, figures, count, fromShelf, reserved, used, toBuy, each }) => [
        label,
        figures,
        count,
        fromShelf,
        reserved,
        used,
        toBuy,
        each ?? '',
        each === null ? '' : (currency ?? ''),
      ]),
    },
    { escapeFormulae: true, newline: '\r\n' },
  );
