// Makes the photos of the demo from drawings: nothing in it was ever photographed.
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import sharp from 'sharp';
import type { Photo } from '#core/note';
import { developPhoto } from '../server/photos/develop';

const DRAWINGS = 'scripts/demo-photos';
const FOLDER = 'demo/photos';

/** Makes every photo of the demo, as the server keeps photos, by the names of their drawings. */
export async function makeDemoPhotos(): Promise<Map<string, Photo>> {
  mkdirSync(FOLDER, { recursive: true });
  for (const name of readdirSync(FOLDER)) rmSync(`${FOLDER}/${name}`);
  const made = new Map<string, Photo>();
  for (const file of readdirSync(DRAWINGS).sort()) {
    const picture = await sharp(readFileSync(`${DRAWINGS}/${file}`))
      .jpeg({ quality: 84 })
      .toBuffer();
    const { developed, fault } = await developPhoto(picture);
    if (!developed) throw new Error(`${file} ${fault}`);
    const name = file.replace(/\.svg$/, '.jpg');
    writeFileSync(`${FOLDER}/${developed.photo.id}.jpg`, developed.kept);
    made.set(name, { ...developed.photo, name });
  }
  return made;
}
