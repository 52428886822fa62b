import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root, run } from './run.mjs';

const stamp = path.join(root, 'node_modules/.installed-for');

/** What an installation depends on: the package list, the lock file, and the Node that native parts were built for. */
function wanted() {
  const hash = createHash('sha256').update(process.version);
  for (const file of ['package.json', 'package-lock.json']) hash.update(readFileSync(path.join(root, file)));
  return hash.digest('hex');
}

/**
 * Installs what package-lock.json names, unless that is there already. Not by `npm ci`: it refuses a lock file written where a registry
 * has no builds of optional parts for other systems.
 */
export async function ensureInstalled() {
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted()) return;
  console.log('Installing (the database driver compiles; this takes a few minutes the first time) …');
  await run('npm', ['install', '--no-audit', '--no-fund']);
  writeFileSync(stamp, wanted());
}
