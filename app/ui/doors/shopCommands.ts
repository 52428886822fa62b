import Joi from 'joi';
import QRCode from 'qrcode';
import type { AppLoadContext } from 'react-router';
import { faultsOf, type Fault } from '#formats/faults';
import { id, VALIDATION } from '#formats/rules';
import { backUp } from '#server/database/daily';
import { storageWords } from '#server/database/faults';
import { setSetting } from '#server/database/settings';
import { networkAddresses } from '#server/doors/addresses';
import { endDevice } from '#server/doors/devices';
import { newCode } from '#server/doors/joining';
import { setOwnErrorFollowed } from '#server/ownError';

type Command =
  | { intent: 'back-up' | 'join' }
  | { intent: 'daily' | 'own-error'; on: boolean }
  | { intent: 'end-device'; id: string };

const schema = Joi.alternatives<Command>().conditional('.intent', {
  switch: [
    { is: Joi.valid('back-up', 'join'), then: Joi.object({ intent: Joi.string() }) },
    { is: Joi.valid('daily', 'own-error'), then: Joi.object({ intent: Joi.string(), on: Joi.boolean().required() }) },
    { is: 'end-device', then: Joi.object({ intent: Joi.string(), id }) },
  ],
  otherwise: Joi.object({ intent: Joi.valid('back-up', 'join', 'daily', 'own-error', 'end-device').required() }),
});

/** A way in for a device, as an address and as the modules of its QR code. */
export interface WayIn {
  address: string;
  size: number;
  path: string;
}

/** What a command about the server itself answers. */
export interface ShopAnswer {
  faults: Fault[];
  done?: string;
  wayIn?: WayIn;
}

/** Runs a command about backups or devices. */
export async function runShopCommand(body: unknown, context: AppLoadContext): Promise<ShopAnswer> {
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
      return context.beyond ? { faults: [], wayIn: wayIn(context) } : { faults: [{ path: '', message: NOT_BEYOND }] };
    case 'end-device':
      await endDevice(value.id);
      return { faults: [] };
  }
}

const NOT_BEYOND = 'no other device can reach this server: it listens on this machine alone';

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

function wayIn({ secure, port }: AppLoadContext): WayIn {
  const [host = '127.0.0.1'] = networkAddresses();
  const address = `${secure ? 'https' : 'http'}://${host}:${port}/enter?code=${newCode()}`;
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' });
  const { size } = modules;
  const path = Array.from({ length: size * size }, (_, at) => at)
    .filter((at) => modules.data[at])
    .map((at) => `M${(at % size) + 2} ${Math.floor(at / size) + 2}h1v1h-1z`)
    .join('');
  return { address, size: size + 4, path };
}
