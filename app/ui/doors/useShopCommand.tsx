import { useFetcher } from 'react-router';
import type { ShopAnswer } from './shopCommands';
import '../fields/fields.css';

/** Sends commands about the shop as a whole, and holds what was answered. */
export function useShopCommand() {
  const fetcher = useFetcher<ShopAnswer>();
  const send = (body: Record<string, string | boolean>) =>
    void fetcher.submit(body, { method: 'post', action: '/defaults', encType: 'application/json' });
  return { send, busy: fetcher.state !== 'idle', answer: fetcher.data };
}

/** What is wrong with a command. */
export const CommandFaults = ({ answer }: { answer: ShopAnswer | undefined }) =>
  answer && answer.faults.length > 0 ? (
    <p role="alert" className="field-fault">
      {answer.faults.map(({ message }) => message).join('; ')}
    </p>
  ) : null;
