import Joi from 'joi';
import { DomainError } from '#core/errors';
import { faultsOf, type Fault } from '#formats/faults';
import { VALIDATION } from '#formats/rules';
import { setShopDefaults } from '#server/shopDefaults';

/** What the shop defaults answer to a change; without faults it is done. */
export interface DefaultsAnswer {
  faults: Fault[];
}

const change = Joi.object<{ path: string[]; value: unknown }>({
  path: Joi.array()
    .items(Joi.string().pattern(/^[A-Za-z]{1,40}$/, { name: 'is not a shop default' }))
    .min(2)
    .max(4)
    .required(),
  value: Joi.any().required(),
});

/** Takes one change of the shop defaults; null gives a place back what is usual. */
export async function runDefaultsCommand(body: unknown): Promise<DefaultsAnswer> {
  const { value, error } = change.validate(body, VALIDATION);
  if (error) return { faults: faultsOf(error) };
  try {
    const done = await setShopDefaults(value.path, value.value);
    return { faults: 'faults' in done ? done.faults : [] };
  } catch (thrown) {
    if (!(thrown instanceof DomainError)) throw thrown;
    return { faults: [{ path: thrown.path, message: thrown.message }] };
  }
}
