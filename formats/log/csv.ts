import Papa from 'papaparse';
import type { LogEntry } from './records';

/** The log as a file for a spreadsheet, the latest first; what begins like a formula is written so that none is run. */
export const logCsv = (entries: readonly LogEntry[]): string =>
  Papa.unparse(
    {
      fields: ['at', 'kind', 'corner', 'what', 'by'],
      data: entries.map(({ at, kind, corner, axle, text, by }) => [at, kind, corner ?? axle ?? '', text, by ?? '']),
    },
    { escapeFormulae: true, newline: '\r\n' },
  );
