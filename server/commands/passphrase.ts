import { existsSync, mkdirSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { Writable } from 'node:stream';
import { dataFolder, databaseFile } from '../base/folder';
import { LEAST_CHARACTERS, setPassphrase } from '../base/passphrase';
import { StartFault } from '../base/startFault';
import { closeDatabase } from '../database/connection';
import { endAllDevices } from '../doors/devices';
import { runCommand } from './command';

/** Sets the shop's pass-phrase, typed twice unseen, or taken as one line from a pipe; every device comes in anew. */
await runCommand(async () => {
  const folder = dataFolder();
  const phrase = process.stdin.isTTY ? await typedTwice() : await piped();
  mkdirSync(folder, { recursive: true });
  await setPassphrase(folder, phrase);
  if (existsSync(databaseFile(folder))) {
    await endAllDevices();
    await closeDatabase();
  }
  console.log('The pass-phrase is set. Every device must sign in again.');
});

async function typedTwice(): Promise<string> {
  const first = await unseen(`Shop pass-phrase, ${LEAST_CHARACTERS} characters or more: `);
  if ((await unseen('Once more: ')) !== first) throw new StartFault('the two are not the same: nothing is changed');
  return first;
}

function unseen(question: string): Promise<string> {
  process.stdout.write(question);
  const output = new Writable({ write: (_chunk, _encoding, done) => done() });
  const lines = createInterface({ input: process.stdin, output, terminal: true });
  return new Promise((resolve) =>
    lines.question('', (answer) => {
      lines.close();
      process.stdout.write('\n');
      resolve(answer);
    }),
  );
}

async function piped(): Promise<string> {
  for await (const line of createInterface({ input: process.stdin })) return line;
  throw new StartFault('no pass-phrase was given');
}
