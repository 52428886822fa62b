import { existsSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './run.mjs';

/** Where the commands are built to, and what says when. */
export const COMMANDS_FOLDER = path.join(root, 'build/cli');
const STAMP = path.join(COMMANDS_FOLDER, 'built');
/** What they are made of. */
const SOURCES = ['cli', 'core', 'formats', 'package-lock.json'];

const newestIn = (place) =>
  statSync(place).isDirectory()
    ? readdirSync(place, { withFileTypes: true }).reduce((newest, entry) => {
        const at = path.join(place, entry.name);
        if (entry.isDirectory()) return Math.max(newest, newestIn(at));
        return entry.name.includes('.test.') ? newest : Math.max(newest, statSync(at).mtimeMs);
      }, 0)
    : statSync(place).mtimeMs;

/** Whether the commands are built as the sources stand now. */
export const areCommandsBuilt = () =>
  existsSync(STAMP) && SOURCES.every((place) => newestIn(path.join(root, place)) <= statSync(STAMP).mtimeMs);

/** Builds the commands of the command line, with all they need, so that none compiles anything as it starts. */
export async function buildCommands() {
  const { build } = await import('vite');
  const begun = new Date();
  const names = readdirSync(path.join(root, 'cli')).filter((name) => /^[a-z]+(Worker)?\.ts$/.test(name));
  // Built beside its place and put there whole: another command may be starting.
  const beside = `${COMMANDS_FOLDER}-${process.pid}`;
  await build({
    root,
    configFile: false,
    logLevel: 'error',
    publicDir: false,
    ssr: { noExternal: true },
    build: {
      ssr: true,
      outDir: beside,
      target: 'node20',
      rolldownOptions: {
        input: Object.fromEntries(names.map((name) => [name.replace('.ts', ''), path.join(root, 'cli', name)])),
      },
    },
  });
  writeFileSync(path.join(beside, 'built'), begun.toISOString());
  rmSync(COMMANDS_FOLDER, { recursive: true, force: true });
  renameSync(beside, COMMANDS_FOLDER);
}
