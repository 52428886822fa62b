import { MAX_FILE_BYTES } from '#formats/job';

/** Room for a job file inside a form, with what the form adds. */
const MAX_BODY_BYTES = MAX_FILE_BYTES + 64 * 1024;

/** The body of a request as text; null as soon as it is larger than a job file may be. */
export async function readLimited(request: Request): Promise<string | null> {
  if (Number(request.headers.get('Content-Length') ?? 0) > MAX_BODY_BYTES) {
    await request.body?.cancel();
    return null;
  }
  const decoder = new TextDecoder();
  let text = '';
  let size = 0;
  for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    size += chunk.length;
    if (size > MAX_BODY_BYTES) return null;
    text += decoder.decode(chunk, { stream: true });
  }
  return text + decoder.decode();
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
