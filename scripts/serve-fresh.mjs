// Serves the built application on a database of its own that holds the demo and is thrown away at the end.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { run } from './lib/run.mjs';

process.env.SCOVAL_DATA = mkdtempSync(path.join(tmpdir(), 'scoval-fresh-'));
process.on('exit', () => rmSync(process.env.SCOVAL_DATA, { recursive: true, force: true }));
await run('npx', ['tsx', 'server/commands/loadDemo.ts']);
await import('../server.mjs');
