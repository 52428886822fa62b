import { createReadStream } from 'node:fs';
import { copyFile, mkdir, open, readdir, readFile, rename, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { nanoid } from 'nanoid';
import { dataFolder, photosFolder } from '../base/folder';
import type { Developed } from './develop';

export const PHOTO_SIZES = ['kept', 'small'] as const;
export type PhotoSize = (typeof PHOTO_SIZES)[number];

/** What a photo that is kept here is called. */
const ID = /^p[0-9a-f]{20}$/;

const fileOf = (id: string, size: PhotoSize): string =>
  path.join(photosFolder(dataFolder()), size === 'kept' ? `${id}.jpg` : `${id}-small.jpg`);

/** Writes a photo beside the database; one that is there already stays. */
export async function keepFiles({ photo, kept, small }: Developed): Promise<void> {
  await mkdir(photosFolder(dataFolder()), { recursive: true });
  await writeWhole(fileOf(photo.id, 'small'), small);
  await writeWhole(fileOf(photo.id, 'kept'), kept);
}

const isThere = (file: string): Promise<boolean> =>
  stat(file).then(
    () => true,
    () => false,
  );

/** All of a file, or none: a name stands only before what was written to its end. */
async function writeWhole(file: string, bytes: Uint8Array): Promise<void> {
  if (await isThere(file)) return;
  const part = `${file}.${nanoid(6)}.part`;
  try {
    const handle = await open(part, 'wx');
    try {
      await handle.writeFile(bytes);
      await handle.sync();
    } finally {
      await handle.close();
    }
    await rename(part, file);
  } catch (error) {
    await rm(part, { force: true });
    throw error;
  }
}

/** The file of a photo; null where it is missing. */
export async function photoFile(id: string, size: PhotoSize): Promise<{ file: string; bytes: number } | null> {
  if (!ID.test(id)) return null;
  const file = fileOf(id, size);
  const found = await stat(file).catch(() => null);
  return found && { file, bytes: found.size };
}

/** A photo as papers take it; null where its file is missing. */
export async function photoUri(id: string): Promise<string | null> {
  const found = await photoFile(id, 'kept');
  return found && `data:image/jpeg;base64,${await readFile(found.file, 'base64')}`;
}

/** Reads a photo; null where its file is missing. */
export async function photoStream(id: string, size: PhotoSize) {
  const found = await photoFile(id, size);
  return found && { bytes: found.bytes, stream: createReadStream(found.file) };
}

/**
 * Copies the photos to another folder that are not there yet: what a photo is called says what is in it, so one that is
 * there is the same.
 * @returns how many were copied
 */
export async function copyPhotos(target: string): Promise<number> {
  const from = photosFolder(dataFolder());
  const names = (await readdir(from).catch(() => [])).filter((name) => name.endsWith('.jpg'));
  if (names.length === 0) return 0;
  await mkdir(target, { recursive: true });
  let copied = 0;
  for (const name of names) {
    const file = path.join(target, name);
    if (await isThere(file)) continue;
    await copyFile(path.join(from, name), `${file}.part`);
    await rename(`${file}.part`, file);
    copied += 1;
  }
  return copied;
}
