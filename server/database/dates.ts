/** A moment as the rows keep it: in UTC, sorted as text. */
export const rowDate = (at: Date): string => at.toISOString().replace('T', ' ').replace('Z', ' +00:00');

/** The moment of a row, as everything else has it. */
export const isoDate = (kept: string): string => new Date(kept).toISOString();
