import Joi from 'joi';
import type { AppLoadContext } from 'react-router';
import { faultsOf, type Fault } from '#formats/faults';
import { id, VALIDATION } from '#formats/rules';
import { backUp } from '#server/database/daily';
import { storageWords } from '#server/database/faults';
import { setSetting } from '#server/database/settings';
import { endDevice } from '#server/doors/devices';
import { waysIn, type WaysIn } from '#server/doors/waysIn';
import { setOwnErrorFollowed } from '#server/ownError';

type Command =
  | { intent: 'back-up' }
  | { intent: 'join'; job?: string }
  | { intent: 'daily' | 'own-error'; on: boolean }
  | { intent: 'end-device'; id: string };

const schema = Joi.alternatives<Command>().conditional('.intent', {
  switch: [
    { is: 'back-up', then: Joi.object({ intent: Joi.string() }) },
    { is: 'join', then: Joi.object({ intent: Joi.string(), job: id.optional() }) },
    { is: Joi.valid('daily', 'own-error'), then: Joi.object({ intent: Joi.string(), on: Joi.boolean().required() }) },
    { is: 'end-device', then: Joi.object({ intent: Joi.string(), id }) },
  ],
  otherwise: Joi.object({ intent: Joi.valid('back-up', 'join', 'daily', 'own-error', 'end-device').required() }),
});

/** What a command about the server itself answers. */
export interface ShopAnswer {
  faults: Fault[];
  done?: string;
  /** The way in for one device. */
  join?: WaysIn;
}

/** Runs a command about backups or devices. */
export async function runShopCommand(request: Request, body: unknown, context: AppLoadContext): Promise<ShopAnswer> {
  const { value, error } = schema.validate(body, VALIDATION) as Joi.ValidationResult<Command>;
  if (error || !value) return { faults: error ? faultsOf(error) : [{ path: '', message: 'nothing was sent' }] };
  switch (value.intent) {
    case 'back-up':
      return backedUp();
    case 'daily':
      await setSetting('dailyCopies', value.on);
      return { faults: [] };
    case 'own-error':
      await setOwnErrorFollowed(value.on);
      return { faults: [] };
    case 'join':
      return joined(request, context, value.job);
    case 'end-device':
      await endDevice(value.id);
      return { faults: [] };
  }
}

const NOT_BEYOND =
  'Scoval listens on this machine alone. To let phones in: npm run passphrase, then npm start -- --lan';
const NO_NETWORK = 'this machine is on no network: join the network of the shop first';

function joined(request: Request, context: AppLoadContext, jobId: string | undefined): ShopAnswer {
  if (!context.beyond) return { faults: [{ path: '', message: NOT_BEYOND }] };
  const join = waysIn(request, context, jobId === undefined ? null : `/jobs/${jobId}/measure`);
  return join ? { faults: [], join } : { faults: [{ path: '', message: NO_NETWORK }] };
}

async function backedUp(): Promise<ShopAnswer> {
  try {
    const { name } = await backUp();
    return { faults: [], done: `${name} is saved and checked.` };
  } catch (error) {
    const words = storageWords(error);
    if (!words) throw error;
    return { faults: [{ path: '', message: `${words}: no backup was made` }] };
  }
}
