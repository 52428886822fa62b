// How jest runs tests that need no room of their own: in one thread for each core, in the language's own modules, so
// that what they share is read once and stays compiled. A room for each file takes a third more, arithmetic half more.
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import LightRunner from 'jest-light-runner';
import { packages } from './packages.mjs';

const root = path.join(import.meta.dirname, '..');
/** A file of tests takes seconds; a machine may stand still for some minutes. */
const LONGEST_MS = 600_000;
const OUT = path.join(root, 'node_modules/.cache/tests');

/** Where a source lies stays what it says of itself, wherever it is built to. */
const ownPlace = {
  name: 'own place',
  setup({ onLoad }) {
    onLoad({ filter: /\.tsx?$/ }, async ({ path: file }) => {
      const text = await readFile(file, 'utf8');
      if (!text.includes('import.meta.')) return undefined;
      const contents = text
        .replaceAll('import.meta.url', JSON.stringify(pathToFileURL(file).href))
        .replaceAll('import.meta.dirname', JSON.stringify(path.dirname(file)));
      return { contents, loader: file.endsWith('x') ? 'tsx' : 'ts' };
    });
  },
};

/** All tests in one build: what several ask for is one file. */
async function built(files) {
  await build({
    entryPoints: files,
    absWorkingDir: root,
    outbase: root,
    outdir: OUT,
    outExtension: { '.js': '.mjs' },
    chunkNames: 'shared/[hash]',
    bundle: true,
    splitting: true,
    platform: 'node',
    target: 'es2022',
    format: 'esm',
    external: packages,
    alias: { '@ant-design/icons-svg': path.join(root, 'support/icons.ts') },
    sourcemap: 'linked',
    jsx: 'automatic',
    loader: { '.css': 'empty' },
    plugins: [ownPlace],
    logLevel: 'error',
  });
  return new Map(files.map((file) => [file, path.join(OUT, path.relative(root, file).replace(/\.tsx?$/, '.mjs'))]));
}

export default class Together extends LightRunner {
  async runTests(tests, watcher, onStart, onResult, onFailure) {
    const placeOf = await built(tests.map((test) => test.path));
    const sourceOf = new Map(tests.map((test) => [placeOf.get(test.path), test]));
    const ends = new Map();
    const began = (test, stop) => {
      const late = () => stop(new Error(`${test.path} has not ended within ${LONGEST_MS / 60_000} minutes`));
      ends.set(test, setTimeout(late, LONGEST_MS));
    };
    const ended = (built) => {
      const test = sourceOf.get(built.path);
      clearTimeout(ends.get(test));
      return test;
    };
    await new Promise((resolve, reject) => {
      super
        .runTests(
          tests.map((test) => ({ ...test, path: placeOf.get(test.path) })),
          watcher,
          (one) => {
            const test = sourceOf.get(one.path);
            began(test, reject);
            return onStart(test);
          },
          (one, result) => {
            const test = ended(one);
            return onResult(test, { ...result, testFilePath: test.path });
          },
          (one, error) => onFailure(ended(one), error),
        )
        .then(resolve, reject);
    });
  }
}
