// Types and the unit tests of what changed, again at every save, until it is stopped.
import { spawn } from 'node:child_process';

const children = [
  ['tsc', '--watch', '--preserveWatchOutput'],
  ['jest', '--watch', '--passWithNoTests'],
].map((words) => spawn('npx', words, { stdio: 'inherit' }));
const end = () => children.forEach((child) => child.kill('SIGTERM'));
process.on('SIGINT', end);
process.on('SIGTERM', end);
