// How jest gets a test: in one piece with all of ours that it asks for, as the built application has it. Module by
// module every name would be looked up through its exports, and arithmetic takes half as long again.
import { createHash } from 'node:crypto';
import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildSync } from 'esbuild';
import swc from '@swc/jest';
import { packages } from './packages.mjs';

const FOLDERS = ['core', 'formats', 'server', 'app', 'cli', 'scripts', 'support', 'demo'];
const SOURCE = /\.(ts|tsx|mjs|json)$/;

/** How long it is not looked whether a source has changed: a run asks for each test, a watch goes on for hours. */
const AS_OF_MS = 1000;

/** What all sources are as of now: a bundle holds any of them, and of packages. */
let sources = { at: 0, text: '' };
function sourcesNow(root) {
  if (Date.now() - sources.at > AS_OF_MS) {
    const files = FOLDERS.flatMap((folder) =>
      readdirSync(path.join(root, folder), { recursive: true })
        .filter((file) => SOURCE.test(file))
        .map((file) => path.join(folder, file)),
    );
    const text = [...files, 'package-lock.json']
      .map((file) => `${file} ${statSync(path.join(root, file)).mtimeMs}`)
      .join();
    sources = { at: Date.now(), text };
  }
  return sources.text;
}

export default {
  /** What is not in `modules`, packages that come as ES modules only, is asked for as it is. */
  createTransformer({ modules, ...options }) {
    const oneByOne = swc.createTransformer(options);
    const isModule = new RegExp(`^(${modules.join('|')})$`);
    const external = packages.filter((name) => !isModule.test(name));
    return {
      canInstrument: false,
      getCacheKey: (text, file, { config }) =>
        createHash('sha256')
          .update([text, file, sourcesNow(config.rootDir)].join('\0'))
          .digest('hex'),
      process(text, file, request) {
        // A module that is replaced must be asked for.
        if (text.includes('jest.mock(')) return oneByOne.process(text, file, request);
        const { outputFiles } = buildSync({
          entryPoints: [file],
          outfile: `${file}.js`,
          bundle: true,
          write: false,
          platform: 'node',
          target: 'es2022',
          format: 'cjs',
          external,
          supported: { 'dynamic-import': false },
          sourcemap: 'external',
          loader: { '.css': 'empty' },
          define: {
            'import.meta.url': JSON.stringify(pathToFileURL(file).href),
            'import.meta.dirname': JSON.stringify(path.dirname(file)),
          },
          logLevel: 'error',
        });
        const [map, code] = outputFiles.map((output) => output.text);
        return { code, map };
      },
    };
  },
};
