// Types and the unit tests of what changed, again at every save, until it is stopped.
import { spawn } from 'node:child_process';

const children = [
  ['npm', ['run', '--silent', 'types', '--', '--watch', '--preserveWatchOutput']],
  ['npx', ['jest', '--watch', '--passWithNoTests']],
].map(([command, words]) => spawn(command, words, { stdio: 'inherit' }));
const end = () => children.forEach((child) => child.kill('SIGTERM'));
process.on('SIGINT', end);
process.on('SIGTERM', end);
