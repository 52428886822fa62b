import { existsSync, statSync } from 'node:fs';
import path from 'node:path';
import { root, run } from './run.mjs';

/** Installs what package-lock.json names, unless that is there already. */
export async function ensureInstalled() {
  const kept = path.join(root, 'node_modules/.package-lock.json');
  const lock = path.join(root, 'package-lock.json');
  if (existsSync(kept) && statSync(kept).mtimeMs >= statSync(lock).mtimeMs) return;
  console.log('Installing (the database driver compiles; this takes a few minutes the first time) …');
  await run('npm', ['ci', '--no-audit', '--no-fund']);
}
