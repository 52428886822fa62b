import type { Photo } from '#core/note';
import { MAX_PHOTO_BYTES } from '#formats/photos';
import { keepPhoto } from '#server/keepPhoto';
import { readForm } from '../requests';
import type { Route } from './+types/photos';

/** What a form adds to its file. */
const FORM_BYTES = 64 * 1024;

/** What is answered to a photo that was sent: the photo as it is kept, or what is wrong with it. */
export type PhotoAnswer = { photo: Photo; fault?: undefined } | { photo?: undefined; fault: string };

/** Takes a photo in; which note or mark it belongs to is said with the job. */
export const action = async ({ request }: Route.ActionArgs) => Response.json(await taken(request));

async function taken(request: Request): Promise<PhotoAnswer> {
  const file = (await readForm(request, MAX_PHOTO_BYTES + FORM_BYTES))?.get('file');
  if (!(file instanceof File))
    return { fault: `there is no file, or it is larger than ${MAX_PHOTO_BYTES / 1024 / 1024} MB` };
  return keepPhoto(new Uint8Array(await file.arrayBuffer()), file.name);
}
