import { createHash } from 'node:crypto';
import { readSetting, setSetting } from './database/settings';
import { inWorker, TooLong } from './work/pool';

/** The largest file of a logo that is read. */
export const MOST_LOGO_BYTES = 2 * 1024 * 1024;

/** The shop's logo, PNG; null where it has none. */
export async function readLogo(): Promise<Uint8Array<ArrayBuffer> | null> {
  const kept = await readSetting('logo');
  return kept === '' ? null : new Uint8Array(Buffer.from(kept, 'base64'));
}

/** What tells one logo from another, for the address of its picture; null where there is none. */
export async function logoMark(): Promise<string | null> {
  const kept = await readSetting('logo');
  return kept === '' ? null : createHash('sha256').update(kept).digest('hex').slice(0, 12);
}

/** The same as papers take it. */
export async function logoForPaper(): Promise<string | null> {
  const kept = await readSetting('logo');
  return kept === '' ? null : `data:image/png;base64,${kept}`;
}

/** Keeps a logo, or says what is wrong with its file. */
export async function keepLogo(bytes: Uint8Array): Promise<string | null> {
  try {
    const { png, fault } = await inWorker('cleanLogo', bytes);
    if (png) await setSetting('logo', Buffer.from(png).toString('base64'));
    return fault ?? null;
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    return 'takes too long to read';
  }
}

export const removeLogo = (): Promise<void> => setSetting('logo', '');
