import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { createInterface } from 'node:readline';

/** It is slow each time that it begins to listen, as on a busy machine: the signal comes while it does. */
const BEGINS = `
  import { run } from './scripts/lib/run.mjs';
  const { once } = process;
  process.once = (...words) => {
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 100);
    return once.apply(process, words);
  };
  await run('sh', ['-c', 'sleep 600 & echo $!; wait']);
`;

/** Whether a process is at work; one that has ended may still be listed, as `Z`, until somebody asks how it ended. */
const isAtWork = (id: number): boolean => {
  try {
    return process.kill(id, 0) && !/\) Z /.test(readFileSync(`/proc/${id}/stat`, 'latin1'));
  } catch {
    return false;
  }
};

test.each(['SIGTERM', 'SIGINT', 'SIGHUP'] as const)(
  'what a command began ends with whoever asked for it: %s',
  async (signal) => {
    const asking = spawn(process.execPath, ['--input-type=module', '-e', BEGINS], {
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    const [line] = (await once(createInterface(asking.stdout), 'line')) as [string];
    const begun = Number(line);
    try {
      expect(isAtWork(begun)).toBe(true);
      asking.kill(signal);
      const [code] = (await once(asking, 'exit')) as [number];
      expect(code).toBe({ SIGTERM: 143, SIGINT: 130, SIGHUP: 129 }[signal]);
      while (isAtWork(begun)) await new Promise((resolve) => setTimeout(resolve, 20));
    } finally {
      if (isAtWork(begun)) process.kill(begun);
    }
  },
);
