import { randomBytes } from 'node:crypto';

/** How long a code that was shown lets a device in. */
export const CODE_MS = 5 * 60_000;
/** No more codes than this are open at a time. */
const MOST_CODES = 20;

const open = new Map<string, number>();

function forget(now: number): void {
  for (const [code, until] of open) if (until <= now) open.delete(code);
}

/** A code that lets one device in within five minutes, shown on a screen that is in already. */
export function newCode(now = Date.now()): string {
  forget(now);
  if (open.size >= MOST_CODES) open.delete(open.keys().next().value!);
  const code = randomBytes(16).toString('base64url');
  open.set(code, now + CODE_MS);
  return code;
}

/** Takes a code; it is used up by that. @returns whether it lets in */
export function takeCode(code: string, now = Date.now()): boolean {
  forget(now);
  return open.delete(code);
}
