import { MAX_ARCHIVE_BYTES } from '#formats/archive';
import { everything, takeInArchive } from '#server/archive';
import { MOST_ITEMS } from '#server/shelf';
import { inWorker } from '#server/work/pool';
import { readForm } from '../requests';
import { stored } from '../stored';
import type { ArchiveAnswer } from '../ui/doors/ArchiveTools';
import type { Route } from './+types/archive';

/** Packing and checking everything takes longer than one job. */
const LIMIT_MS = 120_000;
/** What a form adds to its file. */
const FORM_BYTES = 64 * 1024;

/** Everything the shop has, as one file. */
export async function loader() {
  const bytes = await inWorker('packArchive', await stored(everything), LIMIT_MS);
  const day = new Date().toISOString().slice(0, 10);
  return new Response(bytes as Uint8Array<ArrayBuffer>, {
    headers: {
      'Content-Type': 'application/zip',
      'Content-Disposition': `attachment; filename="scoval-${day}.zip"`,
    },
  });
}

/** Takes such a file in: all of it, or nothing and what is wrong with it. */
export const action = async ({ request }: Route.ActionArgs) => Response.json(await taken(request));

async function taken(request: Request): Promise<ArchiveAnswer> {
  const file = (await readForm(request, MAX_ARCHIVE_BYTES + FORM_BYTES))?.get('file');
  if (!(file instanceof File)) {
    const message = `there is no file, or it is larger than ${MAX_ARCHIVE_BYTES / 1024 / 1024} MB`;
    return { name: 'archive', faults: [{ path: '', message }], taken: null };
  }
  const name = file.name.slice(0, 300);
  const read = await inWorker('readArchive', new Uint8Array(await file.arrayBuffer()), LIMIT_MS);
  if (read.faults) return { name, faults: read.faults, taken: null };
  const outcome = await stored(() => takeInArchive(read.archive));
  const full = {
    path: 'shelf.json',
    message: `the shelf would hold more than ${MOST_ITEMS} items: nothing is imported`,
  };
  return { name, faults: outcome ? [] : [full], taken: outcome };
}
