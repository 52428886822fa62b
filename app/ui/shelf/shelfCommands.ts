import type { InnerFace } from '#core/brake';
import Joi from 'joi';
import type { ShelfItem } from '#core/shelf';
import { faultsOf, type Fault } from '#formats/faults';
import { filled, VALIDATION } from '#formats/rules';
import { MAX_CSV_BYTES, storeItemSchema } from '#formats/shelf';
import { importRows, keepFace, MOST_ITEMS, removeItem, saveItem } from '#server/shelf';
import { innerFace } from '#formats/shapes';
import { inWorker } from '#server/work/pool';
import { readForm, readJson } from '../../requests';

/** What the shelf answers to a command; without faults it is done. */
export interface ShelfAnswer {
  intent: 'save' | 'remove' | 'import' | 'face' | 'none';
  faults: Fault[];
  file?: string;
  added?: number;
  replaced?: number;
  item?: ShelfItem;
}

const id = Joi.string().pattern(/^[A-Za-z0-9_-]{1,40}$/, { name: 'is not an item' });
const commands = {
  save: Joi.object<{ intent: 'save'; id: string | null; item: ShelfItem }>({
    intent: Joi.valid('save').required(),
    id: id.allow(null).required(),
    item: storeItemSchema.required(),
  }),
  face: Joi.object<{ intent: 'face'; name: string; innerFace: InnerFace | null }>({
    intent: Joi.valid('face').required(),
    name: filled(250).required(),
    innerFace: innerFace.allow(null).required(),
  }),
  remove: Joi.object<{ intent: 'remove'; id: string }>({ intent: Joi.valid('remove').required(), id: id.required() }),
};

/** Runs a command of the shelf page: a file as form data, everything else as JSON. */
export async function runShelfCommand(request: Request): Promise<ShelfAnswer> {
  if (request.headers.get('Content-Type')?.startsWith('multipart/form-data')) return takeFile(request);
  const body = await readJson(request);
  const intent = (body as { intent?: unknown } | null)?.intent;
  if (intent === 'save') {
    const { value, error } = commands.save.validate(body, VALIDATION);
    if (error) return { intent, faults: faultsOf(error) };
    const saved = await saveItem(value.id, value.item);
    const twin: Fault = { path: 'item.name', message: 'there is one of this maker and name already' };
    return { intent, faults: saved === null ? [twin] : [] };
  }
  if (intent === 'face') {
    const { value, error } = commands.face.validate(body, VALIDATION);
    if (error) return { intent, faults: faultsOf(error) };
    const item = await keepFace(value.name, value.innerFace);
    if (!item) return { intent, faults: [{ path: 'name', message: 'there is no wheel of that name any more' }] };
    return { intent, faults: [], item };
  }
  if (intent === 'remove') {
    const { value, error } = commands.remove.validate(body, VALIDATION);
    if (error) return { intent, faults: faultsOf(error) };
    await removeItem(value.id);
    return { intent, faults: [] };
  }
  return { intent: 'none', faults: [{ path: 'intent', message: 'is not known' }] };
}

async function takeFile(request: Request): Promise<ShelfAnswer> {
  const file = (await readForm(request))?.get('file');
  if (!(file instanceof File)) {
    const limit = `there is no file, or it is larger than ${MAX_CSV_BYTES / 1024 / 1024} MB`;
    return { intent: 'import', faults: [{ path: '', message: limit }] };
  }
  const read = await inWorker('readShelf', new Uint8Array(await file.arrayBuffer()));
  if (read.faults) return { intent: 'import', file: file.name, faults: read.faults };
  const taken = await importRows(read.rows);
  if (taken) return { intent: 'import', file: file.name, faults: [], ...taken };
  const full = `the shelf would hold more than ${MOST_ITEMS} items: nothing is imported`;
  return { intent: 'import', file: file.name, faults: [{ path: '', message: full }] };
}
