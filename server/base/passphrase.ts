import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import Joi from 'joi';
import { StartFault } from './startFault';

/** The fewest characters of a pass-phrase, and the most that are hashed. */
export const LEAST_CHARACTERS = 12;
export const MOST_CHARACTERS = 200;

/** Cost of a hash: some 60 ms and 32 MB (RFC 7914 scrypt; the figures are common practice). */
const COST = { N: 2 ** 15, r: 8, p: 1 } as const;
const BYTES = 32;

interface Kept {
  salt: string;
  hash: string;
  N: number;
  r: number;
  p: number;
}

const schema = Joi.object<Kept>({
  salt: Joi.string().hex().required(),
  hash: Joi.string()
    .hex()
    .length(2 * BYTES)
    .required(),
  N: Joi.number().integer().required(),
  r: Joi.number().integer().required(),
  p: Joi.number().integer().required(),
}).required();

const derive = promisify<string, Buffer, number, object, Buffer>(scrypt);

const hashed = (phrase: string, salt: Buffer, { N, r, p }: Pick<Kept, 'N' | 'r' | 'p'>): Promise<Buffer> =>
  // One phrase has one hash, however a keyboard composes its letters.
  derive(phrase.normalize('NFKC'), salt, BYTES, { N, r, p, maxmem: 256 * N * r });

const fileIn = (folder: string): string => path.join(folder, 'passphrase.json');

/** The pass-phrase as it is kept; null where the shop has none. @throws StartFault where its file is not one */
export function readPassphrase(folder: string): Kept | null {
  let text: string;
  try {
    text = readFileSync(fileIn(folder), 'utf8');
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
    throw new StartFault(`${fileIn(folder)} cannot be read (${(error as NodeJS.ErrnoException).code})`);
  }
  try {
    return Joi.attempt(JSON.parse(text), schema) as Kept;
  } catch {
    throw new StartFault(`${fileIn(folder)} is damaged: set the pass-phrase anew (npm run passphrase)`);
  }
}

/**
 * Keeps a pass-phrase by its hash alone, readable by this user alone.
 * @throws StartFault for one that is too short, or guessed
 */
export async function setPassphrase(folder: string, phrase: string): Promise<void> {
  const characters = [...phrase].length;
  if (characters < LEAST_CHARACTERS)
    throw new StartFault(`the pass-phrase needs ${LEAST_CHARACTERS} characters or more`);
  if (characters > MOST_CHARACTERS) throw new StartFault(`the pass-phrase has more than ${MOST_CHARACTERS} characters`);
  // The lists of usual ones are read only when a phrase is set.
  const { isGuessed } = await import('./guessed');
  if (isGuessed(phrase)) throw new StartFault('that pass-phrase is easily guessed: use a few unrelated words');
  const salt = randomBytes(16);
  const kept: Kept = { salt: salt.toString('hex'), hash: (await hashed(phrase, salt, COST)).toString('hex'), ...COST };
  const part = `${fileIn(folder)}.part`;
  writeFileSync(part, `${JSON.stringify(kept)}\n`, { mode: 0o600 });
  renameSync(part, fileIn(folder));
}

/** Whether that is the pass-phrase; as long in the answer for a wrong one as for the right one. */
export async function isPassphrase(kept: Kept, phrase: string): Promise<boolean> {
  if ([...phrase].length > MOST_CHARACTERS) return false;
  return timingSafeEqual(await hashed(phrase, Buffer.from(kept.salt, 'hex'), kept), Buffer.from(kept.hash, 'hex'));
}
