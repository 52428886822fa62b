import { wholeFile, type ReadDrawing } from './drawn';
import { readDxf } from './dxf';
import { MAX_DRAWING_BYTES } from './limits';
import { readSvg } from './svg';

/** Reads a drawing from a file's name and bytes: SVG or DXF, told by what stands in it. Never throws. */
export function readDrawing(name: string, bytes: Uint8Array): ReadDrawing {
  if (bytes.length > MAX_DRAWING_BYTES)
    return wholeFile(
      `is larger than ${MAX_DRAWING_BYTES / 1024 / 1024} MB (${(bytes.length / 1024 / 1024).toFixed(1)} MB)`,
    );
  if (bytes.length === 0) return wholeFile('is empty');
  const text = new TextDecoder('utf-8').decode(bytes);
  if (/<svg[\s>]/i.test(text.slice(0, 5000))) return readSvg(text);
  if (/\.svg$/i.test(name)) return wholeFile('has no svg element: it is not an SVG drawing');
  return readDxf(text);
}
