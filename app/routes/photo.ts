import { createReadableStreamFromReadable } from '@react-router/node';
import { photoStream, type PhotoSize } from '#server/photos/files';
import type { Route } from './+types/photo';

const FILE = /^([\w-]{1,40}?)(-small)?\.jpg$/;

/** A photo, or the small picture that stands for it. */
export async function loader({ params }: Route.LoaderArgs) {
  const [, id = '', small] = FILE.exec(params.file) ?? [];
  const size: PhotoSize = small ? 'small' : 'kept';
  const found = await photoStream(id, size);
  if (!found) throw new Response('the file of this photo is missing', { status: 404 });
  return new Response(createReadableStreamFromReadable(found.stream), {
    headers: { 'Content-Type': 'image/jpeg', 'Content-Length': String(found.bytes) },
  });
}
