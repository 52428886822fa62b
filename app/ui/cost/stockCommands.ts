import Joi from 'joi';
import { VALIDATION } from '#formats/rules';
import { putBackParts, reserveParts, useParts, type SetupParts } from '#server/stock';
import { readJson } from '../../requests';

const INTENTS = ['reserve', 'use', 'putBack'] as const;
export type StockIntent = (typeof INTENTS)[number];

/** What a command about the shelf answers; without a fault it is done. */
export interface StockAnswer {
  fault: string | null;
}

const schema = Joi.object<{ intent: StockIntent; setup: string }>({
  intent: Joi.valid(...INTENTS).required(),
  setup: Joi.string()
    .pattern(/^[A-Za-z0-9_-]{1,40}$/, { name: 'is not a setup' })
    .required(),
}).required();

const COMMANDS: Record<StockIntent, (of: SetupParts) => Promise<boolean | void>> = {
  reserve: reserveParts,
  use: useParts,
  putBack: putBackParts,
};

/** Runs a command about what a setup takes from the shelf. */
export async function runStockCommand(request: Request, jobId: string): Promise<StockAnswer> {
  const { value, error } = schema.validate(await readJson(request), VALIDATION);
  if (error) return { fault: error.message };
  const { intent, setup: setupId } = value;
  const done = await COMMANDS[intent]({ jobId, setupId });
  return { fault: done === false ? 'there is no such setup any more' : null };
}
