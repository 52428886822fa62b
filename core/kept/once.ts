/** Worked out when it is first asked for, and kept from then on; where it failed it is tried again. */
export function once<T>(work: () => T): () => T {
  let known: { value: T } | null = null;
  return () => (known ??= { value: work() }).value;
}
