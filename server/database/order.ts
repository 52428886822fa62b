/** A name as it is put in order: large and small letters alike, numbers in it as numbers. */
export const orderOf = (name: string): string =>
  name.toLowerCase().replace(/\d+/g, (digits) => digits.replace(/^0+(?=\d)/, '').padStart(8, '0'));
