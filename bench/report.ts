/** A figure of a bench: what it is of, its values, and their unit; a ratio has none. */
export interface Figure {
  what: string;
  values: readonly number[];
  unit?: string;
  /** How many digits stand behind the point. */
  digits?: number;
  /** What is to be known of it. */
  note?: string;
}

/** What a bench came to. */
export interface Bench {
  title: string;
  figures: readonly Figure[];
}

/** A figure in a line. */
const lineOf = ({ what, values, unit = '', digits = 0, note }: Figure): string => {
  const figures = values.map((value) => value.toFixed(digits)).join(', ');
  return `  ${what.padEnd(38)} ${figures}${unit && ` ${unit}`}${note === undefined ? '' : `; ${note}`}`;
};

/** A bench in lines, as it is printed. */
export const linesOf = ({ title, figures }: Bench): string => ['', title, ...figures.map(lineOf)].join('\n');
