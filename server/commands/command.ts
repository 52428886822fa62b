import { StartFault } from '../base/startFault';
import { storageWords } from '../database/faults';

/** Runs a command: what it cannot do is one line for whoever gave it, and an exit code of 1. */
export async function runCommand(work: (words: string[]) => Promise<void>): Promise<void> {
  try {
    await work(process.argv.slice(2));
  } catch (error) {
    const words = error instanceof StartFault ? error.message : storageWords(error);
    console.error(words ?? error);
    process.exitCode = 1;
  }
}
