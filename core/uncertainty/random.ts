/** A stream of numbers over 0 to 1, neither end included, that looks like chance and is the same for the same seed. */
export type Chance = () => number;

/** Seeded chance: mulberry32 (T. Ettinger, public domain; from memory). */
export function seededChance(seed: number): Chance {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return (((t ^ (t >>> 14)) >>> 0) + 0.5) / 4294967296;
  };
}

/** The same values in another order, every order as likely (Fisher and Yates). */
export function shuffled<T>(values: readonly T[], chance: Chance): T[] {
  const mixed = [...values];
  for (let i = mixed.length - 1; i > 0; i--) {
    const j = Math.floor(chance() * (i + 1));
    [mixed[i], mixed[j]] = [mixed[j]!, mixed[i]!];
  }
  return mixed;
}
