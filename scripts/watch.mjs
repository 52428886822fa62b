// Types and the unit tests of what changed, again at every save, until it is stopped.
import { spawn } from 'node:child_process';
import { ENDING } from './lib/run.mjs';

for (const signal of ENDING) process.on(signal, () => children.forEach((child) => child.kill('SIGTERM')));
const children = [
  ['npm', ['run', '--silent', 'types', '--', '--watch', '--preserveWatchOutput']],
  ['npx', ['jest', '--watch', '--passWithNoTests']],
].map(([command, words]) => spawn(command, words, { stdio: 'inherit' }));
