import Joi from 'joi';
import { VALIDATION } from '#formats/rules';
import { dataFolder } from '#server/base/folder';
import { isPassphrase, MOST_CHARACTERS, readPassphrase } from '#server/base/passphrase';
import { takeCode } from '#server/doors/joining';

const schema = Joi.object<{ phrase?: string; code?: string }>({
  phrase: Joi.string().max(MOST_CHARACTERS),
  code: Joi.string().max(60),
})
  .xor('phrase', 'code')
  .required();

/** Why what was sent does not let a device in, with the status that says so; null where it does. */
export async function whyNotIn(sent: unknown): Promise<{ fault: string; status: number } | null> {
  const { value, error } = schema.validate(sent, VALIDATION);
  if (error || !value) return { fault: 'enter the shop pass-phrase', status: 400 };
  const fault = value.code ? codeFault(value.code) : await phraseFault(value.phrase!);
  return fault === null ? null : { fault, status: 403 };
}

const codeFault = (code: string): string | null =>
  takeCode(code) ? null : 'this code was used, or is older than five minutes: show a new one at the desk';

async function phraseFault(phrase: string): Promise<string | null> {
  const kept = readPassphrase(dataFolder());
  return kept && (await isPassphrase(kept, phrase)) ? null : 'that is not the shop pass-phrase';
}
