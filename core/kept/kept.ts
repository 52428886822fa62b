const forget: (() => void)[] = [];

/**
 * Works something out once for each thing, and keeps it as long as the thing is there, or until all is forgotten. For
 * what stands as long as the program: each is known for good.
 */
export function keptFor<K extends object, V>(make: (of: K) => V): (of: K) => V {
  let kept = new WeakMap<K, { made: V }>();
  forget.push(() => (kept = new WeakMap()));
  return (of) => {
    const known = kept.get(of);
    if (known) return known.made;
    const made = make(of);
    kept.set(of, { made });
    return made;
  };
}

/**
 * Forgets all that is kept: for a program that never asks about the same things again. Small collections of its heap
 * leave in place what stands in such a map, though nobody has the thing any more.
 */
export function forgetKept(): void {
  for (const one of forget) one();
}
