import { data } from 'react-router';
import { StartFault } from '#server/base/startFault';
import { storageWords } from '#server/database/faults';

const DAMAGED = 'the record of this job is damaged on the disk: restore a backup (README, In the shop)';

/** Work on what is stored. What the disk says of it, and a record that cannot be read, are answered in words. */
export async function stored<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof SyntaxError) throw data({ why: DAMAGED }, { status: 422 });
    const why = error instanceof StartFault ? error.message : storageWords(error);
    if (why === null) throw error;
    throw data({ why }, { status: 503 });
  }
}
