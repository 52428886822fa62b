import { wrap } from 'comlink';
import type { ReadDrawing } from '#formats/outline';
import type { DrawingWork } from './drawing.worker';

/** How long a drawing may take to read. */
const READ_MS = 10_000;

const refused = (message: string): ReadDrawing => ({ faults: [{ path: '', message }] });

/** Reads a drawing beside the page, which stays at hand meanwhile; one that takes too long is given up. */
export async function readBeside(name: string, bytes: Uint8Array): Promise<ReadDrawing> {
  const worker = new Worker(new URL('./drawing.worker.ts', import.meta.url), { type: 'module', name: 'drawing' });
  let timer: ReturnType<typeof setTimeout> | undefined;
  try {
    return await Promise.race([
      wrap<DrawingWork>(worker).read(name, bytes),
      new Promise<ReadDrawing>((resolve) => {
        timer = setTimeout(resolve, READ_MS, refused('takes too long to read: keep the section of it'));
        worker.onerror = () => resolve(refused('cannot be read: its reader has ended'));
      }),
    ]);
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
