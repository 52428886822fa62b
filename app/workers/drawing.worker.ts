import { expose } from 'comlink';
import { readDrawing } from '#formats/outline';

const work = { read: readDrawing };
export type DrawingWork = typeof work;

expose(work);
