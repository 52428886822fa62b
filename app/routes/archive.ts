import { takeInArchive } from '#server/archive';
import { archiveZip } from '#server/archiveZip';
import { stored } from '../stored';
import type { ArchiveAnswer } from '../ui/doors/ArchiveTools';
import type { Route } from './+types/archive';

/** Everything the shop has, as one file. */
export async function loader({ request }: Route.LoaderArgs) {
  // Whoever asks for the head alone would leave the file there.
  if (request.method === 'HEAD') return new Response(null, { headers: { 'Content-Type': 'application/zip' } });
  const { zip, bytes } = await stored(archiveZip);
  const day = new Date().toISOString().slice(0, 10);
  return new Response(zip, {
    headers: {
      'Content-Type': 'application/zip',
      'Content-Length': String(bytes),
      'Content-Disposition': `attachment; filename="scoval-${day}.zip"`,
    },
  });
}

/** Takes such a file in: all of it, or nothing and what is wrong with it; the body is the file itself. */
export const action = async ({ request }: Route.ActionArgs) => Response.json(await taken(request));

async function taken({ body }: Request): Promise<ArchiveAnswer> {
  if (!body) return { faults: [{ path: '', message: 'nothing was sent' }] };
  return await stored(() => takeInArchive(body as unknown as AsyncIterable<Uint8Array>));
}
