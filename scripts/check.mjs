// What is quickly known of what was changed since the last commit: types, lint, the fences, and the unit tests of the
// rooms it lies in. What leans on them is for `npm test`.
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { run } from './lib/run.mjs';

const git = (...words) => execFileSync('git', words).toString().trim().split('\n').filter(Boolean);
const changed = [...git('diff', '--name-only', 'HEAD'), ...git('ls-files', '-o', '--exclude-standard')].filter((file) =>
  existsSync(file),
);
const code = changed.filter((file) => /\.(tsx?|mjs)$/.test(file));
const rooms = [...new Set(code.map((file) => path.dirname(file)))].filter((room) =>
  /^(app|cli|core|formats|server)\b/.test(room),
);
const CHECKS = [
  ['types', 'npm', ['run', '--silent', 'types']],
  ['rooms', 'npx', ['depcruise', 'core', 'formats', 'server', 'cli', 'app']],
  ...(code.length > 0 ? [['lint', 'npx', ['eslint', '--max-warnings', '0', ...code]]] : []),
  ...(changed.length > 0 ? [['format', 'npx', ['prettier', '--check', '--ignore-unknown', ...changed]]] : []),
  ['styles and print width', 'npx', ['jest', 'scripts/styles', 'scripts/lint']],
  ...(rooms.length > 0
    ? [['unit tests', 'npx', ['jest', '--passWithNoTests', ...rooms.map((room) => `${room}/`)]]]
    : []),
];
const since = Date.now();
const wrong = [];
for (const [name, command, words] of CHECKS) {
  console.log(`\n— ${name}`);
  await run(command, words).catch(() => wrong.push(name));
}
const seconds = Math.round((Date.now() - since) / 1000);
console.log(wrong.length > 0 ? `\nnot in order: ${wrong.join(', ')} (${seconds} s)` : `\nall in order (${seconds} s)`);
process.exitCode = wrong.length > 0 ? 1 : 0;
