/** A free id for a new one of these. */
export function freeId(prefix: string, taken: readonly { id: string }[]): string {
  let n = taken.length + 1;
  while (taken.some(({ id }) => id === `${prefix}${n}`)) n += 1;
  return `${prefix}${n}`;
}
