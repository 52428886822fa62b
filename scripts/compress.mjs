// Lays compressed copies beside the files of the built client, so that nothing is compressed while somebody waits for
// it.
import { readdirSync } from 'node:fs';
import { readFile, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { promisify } from 'node:util';
import zlib from 'node:zlib';
import { root } from './lib/run.mjs';

/** What is text; fonts and pictures are compressed as they are. */
const TEXT = /\.(?:js|css|svg|json|txt|webmanifest)$/;
const brotli = promisify(zlib.brotliCompress);
const gzip = promisify(zlib.gzip);

const client = path.join(root, 'build/client');
await Promise.all(
  readdirSync(client, { recursive: true }).map(async (name) => {
    const file = path.join(client, name);
    if (!TEXT.test(name) || !(await stat(file)).isFile()) return;
    const text = await readFile(file);
    await writeFile(`${file}.br`, await brotli(text));
    await writeFile(`${file}.gz`, await gzip(text, { level: 9 }));
  }),
);
