import { readdirSync } from 'node:fs';

/** A moment as it stands in the name of a copy: `20260203-081500`. */
export const stamp = (at: Date): string => at.toISOString().replace(/[-:]/g, '').replace('T', '-').slice(0, 15);

/** A name that nothing in a folder has yet: the one asked for, or with the next number. */
export function freeName(folder: string, name: string, tail = ''): string {
  const taken = new Set(readdirSync(folder));
  if (!taken.has(name + tail)) return name + tail;
  for (let twin = 2; ; twin++) if (!taken.has(`${name}-${twin}${tail}`)) return `${name}-${twin}${tail}`;
}
