// Lays compressed copies beside the files of the built client, so that nothing is compressed while somebody waits for it.
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { root } from './lib/run.mjs';

/** What is text; fonts and pictures are compressed as they are. */
const TEXT = /\.(?:js|css|svg|json|txt|webmanifest)$/;
/** The best is half a minute more for a hundredth less. */
const QUALITY = 9;

const client = path.join(root, 'build/client');
for (const name of readdirSync(client, { recursive: true })) {
  const file = path.join(client, name);
  if (!TEXT.test(name) || !statSync(file).isFile()) continue;
  const text = readFileSync(file);
  writeFileSync(`${file}.br`, brotliCompressSync(text, { params: { [constants.BROTLI_PARAM_QUALITY]: QUALITY } }));
  writeFileSync(`${file}.gz`, gzipSync(text, { level: QUALITY }));
}
