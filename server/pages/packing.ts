import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import type { Request } from 'express';

/** How a page is packed for the way. */
export type Packing = 'br' | 'gzip';

/** What is smaller is not worth it, bytes. */
const LEAST = 1024;

/** How far: beyond it a page of 120 kB takes twice as long and comes out 2 kB smaller. */
const LEVEL = 3;

const PACK: Readonly<Record<Packing, (body: Uint8Array) => Buffer>> = {
  br: (body) => brotliCompressSync(body, { params: { [constants.BROTLI_PARAM_QUALITY]: LEVEL } }),
  gzip: (body) => gzipSync(body, { level: LEVEL }),
};

/** The best packing that whoever asks can unpack; null where that is none. */
export const packingFor = (request: Request): Packing | null =>
  (['br', 'gzip'] as const).find((one) => request.acceptsEncodings(one)) ?? null;

/** A page as it goes on its way, and what its headers say of that. */
export function packed(body: Uint8Array, packing: Packing | null): [Uint8Array, headers: [string, string][]] {
  if (packing === null || body.length < LEAST) return [body, []];
  return [new Uint8Array(PACK[packing](body)), [['Content-Encoding', packing]]];
}
