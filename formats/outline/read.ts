import { wholeFile, type ReadDrawing } from './drawn';
import { readDxf } from './dxf';
import { readSvg } from './svg';

/** The largest drawing that is read. */
export const MAX_DRAWING_BYTES = 5 * 1024 * 1024;
/** What is wrong with the size of a drawing, before any of it is read; null where nothing is. */
export const sizeFault = (bytes: number): string | null =>
  bytes > MAX_DRAWING_BYTES
    ? `is larger than ${MAX_DRAWING_BYTES / 1024 / 1024} MB (${(bytes / 1024 / 1024).toFixed(1)} MB)`
    : null;

/** Reads a drawing from a file's name and bytes: SVG or DXF, told by what stands in it. Never throws. */
export function readDrawing(name: string, bytes: Uint8Array): ReadDrawing {
  const tooLarge = sizeFault(bytes.length);
  if (tooLarge !== null) return wholeFile(tooLarge);
  if (bytes.length === 0) return wholeFile('is empty');
  const text = new TextDecoder('utf-8').decode(bytes);
  if (/<svg[\s>]/i.test(text.slice(0, 5000))) return readSvg(text);
  if (/\.svg$/i.test(name)) return wholeFile('has no svg element: it is not an SVG drawing');
  return readDxf(text);
}
