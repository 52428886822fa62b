import Joi from 'joi';
import type { ShopInstrument } from '#core/instrument';
import { faultsOf, type Fault } from '#formats/faults';
import { instrumentSchema, portSchema } from '#formats/instrument';
import { id, VALIDATION } from '#formats/rules';
import { keepPort, MOST_INSTRUMENTS, removeInstrument, saveInstrument } from '#server/instruments';
import { readJson } from '../../requests';

/** What the page of instruments answers to a command; without faults it is done. */
export interface InstrumentAnswer {
  intent: InstrumentCommand['intent'] | 'none';
  faults: Fault[];
}

/** What the page sends. */
export type InstrumentCommand =
  | { intent: 'save'; id: string | null; instrument: Omit<ShopInstrument, 'id'> }
  | { intent: 'port'; id: string; port: NonNullable<ShopInstrument['line']['port']> }
  | { intent: 'remove'; id: string };

const schema = Joi.alternatives<InstrumentCommand>()
  .conditional('.intent', {
    switch: [
      {
        is: 'save',
        then: Joi.object({ intent: Joi.string(), id: id.allow(null), instrument: instrumentSchema.required() }),
      },
      { is: 'port', then: Joi.object({ intent: Joi.string(), id, port: portSchema }) },
      { is: 'remove', then: Joi.object({ intent: Joi.string(), id }) },
    ],
    otherwise: Joi.object({ intent: Joi.valid('save', 'port', 'remove').required() }),
  })
  .required();

const WHY_NOT = {
  twin: 'there is one of this name already',
  gone: 'is gone: somebody has taken it off the list',
  full: `there are ${MOST_INSTRUMENTS} already`,
} as const;

/** Saves an instrument of the shop, or takes it off the list. */
export async function runInstrumentCommand(request: Request): Promise<InstrumentAnswer> {
  const { value, error } = schema.validate(
    await readJson(request),
    VALIDATION,
  ) as Joi.ValidationResult<InstrumentCommand>;
  if (error || !value)
    return { intent: 'none', faults: error ? faultsOf(error) : [{ path: '', message: 'nothing was sent' }] };
  if (value.intent === 'remove') {
    await removeInstrument(value.id);
    return { intent: 'remove', faults: [] };
  }
  if (value.intent === 'port') {
    await keepPort(value.id, value.port);
    return { intent: 'port', faults: [] };
  }
  const done = await saveInstrument(value.id, value.instrument);
  return { intent: 'save', faults: done === 'saved' ? [] : [{ path: 'instrument.name', message: WHY_NOT[done] }] };
}
