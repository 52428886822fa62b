import { MAX_FILE_BYTES } from '#formats/job';
import { crowdedPath, depthFault } from '#formats/json';

/** Room for a job file inside a form, with what the form adds. */
const MAX_BODY_BYTES = MAX_FILE_BYTES + 64 * 1024;

/** How much of a body that is too large is read and thrown away, so that whoever sends it hears why. */
const MAX_DRAIN_BYTES = 8 * MAX_BODY_BYTES;

/** The body of a request; null when it is larger than a job file may be. */
async function readBytes(request: Request, most = MAX_BODY_BYTES): Promise<Uint8Array<ArrayBuffer> | null> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    size += chunk.length;
    if (size > MAX_DRAIN_BYTES) return null;
    if (size > most) chunks.length = 0;
    else chunks.push(chunk);
  }
  return size > most ? null : new Uint8Array(await new Blob(chunks as BlobPart[]).arrayBuffer());
}

/** The form a request carries; null when it is larger than it may be, as a job file may, or no form. */
export async function readForm(request: Request, most = MAX_BODY_BYTES): Promise<FormData | null> {
  const bytes = await readBytes(request, most);
  if (!bytes) return null;
  const type = request.headers.get('Content-Type') ?? '';
  return new Response(bytes, { headers: { 'Content-Type': type } }).formData().catch(() => null);
}

/** A command is far shorter than a file. */
const MAX_COMMAND_BYTES = 1024 * 1024;

/** The body of a request as data; undefined when it is none, or larger or deeper than a command is. */
export async function readJson(request: Request): Promise<unknown> {
  const bytes = await readBytes(request, MAX_COMMAND_BYTES);
  if (!bytes) return undefined;
  const text = new TextDecoder().decode(bytes);
  if (depthFault(text)) return undefined;
  try {
    const data: unknown = JSON.parse(text);
    return crowdedPath(data) ? undefined : data;
  } catch {
    return undefined;
  }
}
