// Runs the evaluate command straight from its TypeScript sources.
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
// npm moves to the package's folder; a relative file name is meant from where the person stands.
const RULES = ['fixed', 'same-diameter', 'best-standard'];
const files = process.argv
  .slice(2)
  .map((word) =>
    word.startsWith('-') || RULES.includes(word) ? word : path.resolve(process.env.INIT_CWD ?? process.cwd(), word),
  );
const child = spawn(process.execPath, ['--import', 'tsx', path.join(root, 'cli/evaluate.ts'), ...files], {
  stdio: 'inherit',
  cwd: root,
});
child.on('exit', (code) => (process.exitCode = code ?? 1));
