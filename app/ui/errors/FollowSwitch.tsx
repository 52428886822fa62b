import { Check } from '../controls/Check';
import { CommandFaults, useShopCommand } from '../doors/useShopCommand';

/** Lets the ± of predictions follow the shop's own error, or not. */
export function FollowSwitch({ on }: { on: boolean }) {
  const { send, busy, answer } = useShopCommand();
  return (
    <section aria-label="What the ± follow">
      <Check checked={on} disabled={busy} onChange={({ target }) => send({ intent: 'own-error', on: target.checked })}>
        The ± of predictions follow this
      </Check>
      <p className="soft">
        Larger ± at once, smaller ones from 20 fittings on and never below × 0.70. The bias is said in the working,
        never corrected for. It follows each fitting that is closed, and every job is checked again. What was predicted
        of a fitting stays as it was.
      </p>
      <CommandFaults answer={answer} />
    </section>
  );
}
