import PQueue from 'p-queue';

const turns = new PQueue({ concurrency: 1 });

/** Who waits: a person for what was asked for, or nobody yet. */
const FIRST = { person: 1, nobody: 0 } as const;

/**
 * Does what takes seconds one after the other, what a person waits for before the rest: every save is checked in a
 * thread too, and one is always left for it.
 */
export const inTurn = <T>(who: keyof typeof FIRST, work: () => Promise<T>): Promise<T> =>
  turns.add(work, { priority: FIRST[who] }) as Promise<T>;
