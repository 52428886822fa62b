// Installs, builds, fills an empty database with the demo and starts the application; prints its address.
import { fork } from 'node:child_process';
import path from 'node:path';
import { install } from './lib/prepare.mjs';
import { root, run, SERVER_FLAGS } from './lib/run.mjs';

const STEPS = [
  'Looking whether everything is installed',
  'Building the application',
  'Filling the database',
  'Starting',
];
const step = (at) => console.log(`\n${at} of ${STEPS.length}: ${STEPS[at - 1]} …`);

step(1);
const { driver } = await install();
step(2);
// Building needs no database: its driver may still be compiling.
await run('npm', ['run', '--silent', 'build']);
await driver;
step(3);
await run('npx', ['tsx', 'server/commands/loadDemo.ts']);
step(4);

// Ctrl+C reaches the server by itself; a signal to this command alone is handed on.
process.on('SIGINT', () => {});
for (const signal of ['SIGTERM', 'SIGHUP']) process.on(signal, () => server.kill('SIGTERM'));
const server = fork(path.join(root, 'server.mjs'), {
  cwd: root,
  execArgv: SERVER_FLAGS,
  env: { ...process.env, SCOVAL_LOG: process.env.SCOVAL_LOG ?? 'warn' },
});
server.on('message', ({ address }) => console.log(`\nScoval is ready: ${address}\nStop it with Ctrl+C.`));
server.on('exit', (code) => (process.exitCode = code ?? 0));
