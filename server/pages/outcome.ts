import { data } from 'react-router';
import type { Outcome, Sent } from './protocol';

/** A value with a status beside it, as React Router's `data` makes it. */
type Dressed = ReturnType<typeof data<unknown>>;

const isDressed = (value: unknown): value is Dressed =>
  (value as { type?: unknown } | null)?.type === 'DataWithResponseInit';

const sentOf = (init: ResponseInit | null | undefined): Sent => ({
  status: init?.status ?? 200,
  headers: [...new Headers(init?.headers)],
});

/** What a loader came to, as it can be handed to another thread. */
export async function outcomeOf(load: () => unknown): Promise<Outcome> {
  try {
    const value = await load();
    if (value instanceof Response) return await responseOutcome('response', value);
    if (isDressed(value)) return { kind: 'value', value: value.data, init: sentOf(value.init) };
    return { kind: 'value', value, init: null };
  } catch (thrown) {
    if (thrown instanceof Response) return await responseOutcome('thrown response', thrown);
    if (isDressed(thrown)) return { kind: 'thrown value', value: thrown.data, init: sentOf(thrown.init) };
    return failed(thrown);
  }
}

/** An error by its name, words and stack: what else hangs on it may not be handed to another thread. */
function failed(thrown: unknown): Outcome {
  const { name, message, stack } = thrown instanceof Error ? thrown : new Error(String(thrown));
  return { kind: 'thrown', error: { name, message, stack: stack ?? '' } };
}

async function responseOutcome(kind: 'response' | 'thrown response', response: Response): Promise<Outcome> {
  return { kind, body: new Uint8Array(await response.arrayBuffer()), init: sentOf(response) };
}

/** Gives what the loader gave, or throws what it threw. */
export function replay(outcome: Outcome): unknown {
  if (outcome.kind === 'thrown') throw Object.assign(new Error(outcome.error.message), outcome.error);
  const value =
    'body' in outcome
      ? new Response(outcome.body.length === 0 ? null : outcome.body.slice(), outcome.init)
      : outcome.init
        ? data(outcome.value, outcome.init)
        : outcome.value;
  if (outcome.kind.startsWith('thrown')) throw value;
  return value;
}
