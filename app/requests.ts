import { MAX_FILE_BYTES } from '#formats/job';

/** Room for a job file inside a form, with what the form adds. */
const MAX_BODY_BYTES = MAX_FILE_BYTES + 64 * 1024;

/** How much of a body that is too large is read and thrown away, so that whoever sends it hears why. */
const MAX_DRAIN_BYTES = 20 * MAX_BODY_BYTES;

/** The body of a request; null when it is larger than a job file may be. */
async function readBytes(request: Request): Promise<Uint8Array<ArrayBuffer> | null> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    size += chunk.length;
    if (size > MAX_DRAIN_BYTES) return null;
    if (size > MAX_BODY_BYTES) chunks.length = 0;
    else chunks.push(chunk);
  }
  return size > MAX_BODY_BYTES ? null : new Uint8Array(await new Blob(chunks as BlobPart[]).arrayBuffer());
}

/** The body of a request as text; null when it is larger than a job file may be. */
export async function readLimited(request: Request): Promise<string | null> {
  const bytes = await readBytes(request);
  return bytes && new TextDecoder().decode(bytes);
}

/** The form a request carries; null when it is larger than a job file may be, or no form. */
export async function readForm(request: Request): Promise<FormData | null> {
  const bytes = await readBytes(request);
  if (!bytes) return null;
  const type = request.headers.get('Content-Type') ?? '';
  return new Response(bytes, { headers: { 'Content-Type': type } }).formData().catch(() => null);
}

/** The body of a request as data; undefined when it is none. */
export async function readJson(request: Request): Promise<unknown> {
  const text = await readLimited(request);
  try {
    return text === null ? undefined : JSON.parse(text);
  } catch {
    return undefined;
  }
}
