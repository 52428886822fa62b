import Joi from 'joi';
import type { Fault } from '#formats/faults';
import { depthFault } from '#formats/json';
import { mappingSchema, type ListMapping } from '#formats/priceList';
import { LIST_KINDS, type ListKind } from '#formats/priceList/columns';
import { filled, VALIDATION } from '#formats/rules';
import { mappingsOf, takeBackList, takeList } from '#server/priceLists/lists';
import type { ListLook } from '#server/priceLists/look';
import { inWorker } from '#server/work/pool';
import { readForm, readJson } from '../../requests';

/** The largest list that is read. */
const MOST_LIST_BYTES = 24 * 1024 * 1024;
/** What a form adds to its file. */
const FORM_BYTES = 256 * 1024;

/** What is answered about a list. */
export interface ListAnswer {
  intent: 'look' | 'take' | 'back' | 'none';
  /** What keeps it from being read, or from being taken in. */
  faults: Fault[];
  look?: ListLook;
  taken?: number;
}

interface Asked {
  intent: 'look' | 'take';
  supplier?: string;
  mapping?: ListMapping;
  kind?: ListKind;
  /** Lines with faults are left out. */
  leaveOut?: boolean;
}

const askedSchema = Joi.object<Asked>({
  intent: Joi.valid('look', 'take').required(),
  supplier: filled(80).when('intent', { is: 'take', then: Joi.required() }),
  mapping: mappingSchema.when('intent', { is: 'take', then: Joi.required() }),
  kind: Joi.valid(...LIST_KINDS),
  leaveOut: Joi.boolean(),
});
const backSchema = Joi.object<{ intent: 'back'; id: string }>({
  intent: Joi.valid('back').required(),
  id: Joi.string()
    .pattern(/^[A-Za-z0-9_-]{1,40}$/, { name: 'is not a list' })
    .required(),
}).required();

const fault = (intent: ListAnswer['intent'], message: string, path = ''): ListAnswer => ({
  intent,
  faults: [{ path, message }],
});

/** Runs a command about price lists: a list as form data, everything else as JSON. */
export async function runListCommand(request: Request): Promise<ListAnswer> {
  if (request.headers.get('Content-Type')?.startsWith('multipart/form-data')) return aboutFile(request);
  const { value, error } = backSchema.validate(await readJson(request), VALIDATION);
  if (error) return fault('none', 'is no command of price lists');
  return (await takeBackList(value.id))
    ? { intent: 'back', faults: [] }
    : fault('back', 'this list is taken back already');
}

async function aboutFile(request: Request): Promise<ListAnswer> {
  const form = await readForm(request, MOST_LIST_BYTES + FORM_BYTES);
  const file = form?.get('file');
  if (!(file instanceof File))
    return fault('look', `there is no file, or it is larger than ${MOST_LIST_BYTES / 1024 / 1024} MB`);
  const { value: asked, error } = askedSchema.validate(saidIn(form!.get('asked')), VALIDATION);
  if (error) return fault('look', error.message);
  const { intent, supplier, mapping, kind, leaveOut } = asked;
  const known = supplier === undefined || mapping ? undefined : await mappingsOf(supplier);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const read = await inWorker('lookAtList', { bytes, mapping, kind, known });
  if (read.fault !== undefined) return fault(intent, read.fault, file.name);
  const { look, items } = read;
  if (intent === 'look') return { intent, faults: [], look };
  if (look.count === 0) return { ...fault(intent, 'no line of it can be read'), look };
  if (look.faulty > 0 && !leaveOut) return { ...fault(intent, `${look.faulty} lines cannot be read`), look };
  await takeList({
    supplier: supplier!,
    fileName: file.name.slice(0, 200),
    mapping: look.mapping,
    count: look.count,
    items,
  });
  return { intent, faults: [], taken: look.count };
}

/** What is asked beside the file; undefined where it is no data. */
function saidIn(text: FormDataEntryValue | null | undefined): unknown {
  if (typeof text !== 'string' || depthFault(text)) return undefined;
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
