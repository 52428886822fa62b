/** What a car's label says apart from how it is written: cars whose labels say the same are of one kind. */
export const kindOf = (label: string): string =>
  label
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
