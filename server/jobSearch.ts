import type { Bind } from './database/connection';

/** Where words of a search may stand. */
export type SearchColumn = 'title' | 'car' | 'customer';

/**
 * The words of a search, as SQLite's full text index (FTS5) is asked: each the beginning of one, whatever its case and
 * accents; what is no word in itself asks for nothing. Signs within a word part it, there as here.
 */
const wordsOf = (search: string): string[] => search.split(/[\s\p{Cc}]+/u).filter((word) => /[\p{L}\p{N}]/u.test(word));

const asked = (words: readonly string[], column?: SearchColumn): string =>
  words.map((word) => `${column ? `${column} : ` : ''}"${word.replaceAll('"', '""')}" *`).join(' ');

const having = (match: string, bind: Bind): string =>
  `number IN (SELECT rowid FROM job_words WHERE job_words MATCH ${bind(match)})`;

/** What rows are asked that have all the words of a text in one column; null where there is no word. */
export function withWords(text: string, column: SearchColumn, bind: Bind): string | null {
  const words = wordsOf(text);
  return words.length > 0 ? having(asked(words, column), bind) : null;
}

/** What a search asks of the rows: each word in title, car or customer, or a job's number. */
export function foundBy(search: string, bind: Bind): string[] {
  const words = wordsOf(search);
  const numberIn = (word: string) => /^(?:sk-?)?0*(\d{1,9})$/i.exec(word)?.[1];
  const plain = words.filter((word) => !numberIn(word));
  const numbers = words.filter(numberIn);
  return [
    ...(plain.length > 0 ? [having(asked(plain), bind)] : []),
    ...numbers.map((word) => `(${having(asked([word]), bind)} OR number = ${bind(Number(numberIn(word)))})`),
  ];
}
