import { ToStation } from '../parts/ToStation';

const toRoom = (
  <ToStation station="room" sight={{ view: 'parts' }}>
    Room, Nearby parts
  </ToStation>
);

/** What is missing for a map, and what to do about it. */
export function NothingSwept({ kind }: { kind: 'still' | 'bare' | 'wheel' | 'waiting' }) {
  return (
    <p className="sheet-hint">
      {kind === 'still' && (
        <>
          How the wheel moves is not known: parts are checked at rest only. The kind of suspension is enough to start;
          enter it in the {toRoom}.
        </>
      )}
      {kind === 'bare' && (
        <>
          No parts near this wheel yet. Tuck and fender clearance place a fender lip; measure the rest in the {toRoom}.
        </>
      )}
      {kind === 'wheel' && (
        <>
          The wheel of this setup, its tire or its offset is not known: enter them in{' '}
          <ToStation station="setups">Setups</ToStation>.
        </>
      )}
      {kind === 'waiting' && 'Sweeping …'}
    </p>
  );
}
