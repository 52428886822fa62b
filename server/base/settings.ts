import Joi from 'joi';
import { readFileSync } from 'node:fs';
import { isIP } from 'node:net';
import path from 'node:path';
import { LOG_LEVELS } from './log';
import { StartFault } from './startFault';

/** What the server is told when it is started. */
export interface Settings {
  host: string;
  port: number;
  /** Names beside its own addresses by which it may be called. */
  names: readonly string[];
  /** Other machines can reach it: whoever comes in needs the shop's pass-phrase. */
  beyond: boolean;
  tls: { cert: Buffer; key: Buffer } | null;
}

interface Given {
  HOST: string;
  PORT: number;
  SCOVAL_LOG: string;
  SCOVAL_NAMES: string;
  SCOVAL_TLS_CERT: string;
  SCOVAL_TLS_KEY: string;
}

const name = /^(?=.{1,253}$)[a-z0-9]([a-z0-9-]*[a-z0-9])?(\.[a-z0-9]([a-z0-9-]*[a-z0-9])?)*$/;
const host = Joi.string()
  .lowercase()
  .custom((value: string, helpers) =>
    isIP(value) || name.test(value) ? value : helpers.message({ custom: '{#label} must be an address or a host name' }),
  );

const schema = Joi.object<Given>({
  HOST: host.default('127.0.0.1'),
  PORT: Joi.number()
    .integer()
    .min(0)
    .max(65535)
    .default(4180)
    .messages({ '*': '{#label} must be a whole number from 0 to 65535' }),
  SCOVAL_LOG: Joi.valid(...LOG_LEVELS).messages({ '*': `{#label} must be one of ${LOG_LEVELS.join(', ')}` }),
  SCOVAL_NAMES: Joi.string().lowercase().allow('').default(''),
  SCOVAL_TLS_CERT: Joi.string().default(''),
  SCOVAL_TLS_KEY: Joi.string().default(''),
})
  .and('SCOVAL_TLS_CERT', 'SCOVAL_TLS_KEY', { isPresent: Boolean })
  .messages({ 'object.and': 'SCOVAL_TLS_CERT and SCOVAL_TLS_KEY are given together or not at all' })
  .unknown();

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|::1|::ffff:127\.\d+\.\d+\.\d+)$/;

/** Whether an address is this machine's own, that no other can reach. */
export const isLoopback = (address: string): boolean => address === 'localhost' || LOOPBACK.test(address);

/**
 * Reads what the server is told: HOST, PORT, SCOVAL_LOG, SCOVAL_NAMES, SCOVAL_TLS_CERT and SCOVAL_TLS_KEY, and `--lan`.
 * @throws StartFault with one line that says what is wrong
 */
export function readSettings(env: NodeJS.ProcessEnv, words: readonly string[] = []): Settings {
  const unknown = words.find((word) => word !== '--lan');
  if (unknown !== undefined) throw new StartFault(`“${unknown}” is not known: there is --lan`);
  const given = { ...env, ...(words.includes('--lan') ? { HOST: env.HOST ?? '0.0.0.0' } : {}) };
  const { value, error } = schema.validate(given, { errors: { wrap: { label: false } } });
  if (error) throw new StartFault(error.message);
  const names = value.SCOVAL_NAMES.split(',').flatMap((one) => one.trim() || []);
  const odd = names.find((one) => !name.test(one));
  if (odd !== undefined) throw new StartFault(`SCOVAL_NAMES: “${odd}” is not a host name`);
  return {
    host: value.HOST,
    port: value.PORT,
    names,
    // Behind another server on this machine every call comes from loopback, so a name of its own shuts the door too.
    beyond: !isLoopback(value.HOST) || names.length > 0,
    tls: value.SCOVAL_TLS_CERT
      ? {
          cert: readPart('SCOVAL_TLS_CERT', value.SCOVAL_TLS_CERT),
          key: readPart('SCOVAL_TLS_KEY', value.SCOVAL_TLS_KEY),
        }
      : null,
  };
}

function readPart(label: string, file: string): Buffer {
  try {
    return readFileSync(file);
  } catch (error) {
    throw new StartFault(`${label}: ${path.resolve(file)} cannot be read (${(error as NodeJS.ErrnoException).code})`);
  }
}
