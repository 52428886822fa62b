import { useRef, type PointerEvent } from 'react';
import { DownOutlined, UpOutlined } from '../controls/icons';

/** How far a finger goes for a pull rather than a tap, px. */
const PULL_PX = 24;

/** The handle of the ledger on a phone: a tap or a pull brings up all figures, or puts them down again. */
export function LedgerPull({ pulled, pull }: { pulled: boolean; pull(up: boolean): void }) {
  const from = useRef<number | null>(null);
  const wasPull = useRef(false);
  const lift = (event: PointerEvent) => {
    if (from.current === null) return;
    const by = from.current - event.clientY;
    from.current = null;
    wasPull.current = Math.abs(by) > PULL_PX;
    if (wasPull.current) pull(by > 0);
  };
  return (
    <button
      type="button"
      className="ledger-pull"
      aria-expanded={pulled}
      onClick={() => {
        // The click that ends a pull is not a tap.
        if (!wasPull.current) pull(!pulled);
        wasPull.current = false;
      }}
      onPointerDown={(event) => {
        from.current = event.clientY;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerUp={lift}
    >
      {pulled ? <DownOutlined aria-hidden /> : <UpOutlined aria-hidden />}
      {pulled ? 'Hide figures' : 'All figures'}
    </button>
  );
}
