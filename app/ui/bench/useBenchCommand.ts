import { useFetcher, type SubmitTarget } from 'react-router';
import type { BenchAnswer } from './benchCommands';

/**
 * Sends commands of the bench. That one is under way shows at once, not when the page has time for it: a search begun
 * after it would take away the place that the command leads to.
 */
export function useBenchCommand(key?: string) {
  const { submit, state, data } = useFetcher<BenchAnswer>(key === undefined ? undefined : { key });
  const send = (command: SubmitTarget) =>
    submit(command, {
      method: 'post',
      action: '/?index',
      encType: command instanceof FormData ? 'multipart/form-data' : 'application/json',
      flushSync: true,
    });
  return { send, busy: state !== 'idle', answer: state === 'idle' ? data : undefined };
}
