import { ToStation } from '../parts/ToStation';

const toRoom = (
  <ToStation station="room" sight={{ view: 'parts' }}>
    Room, Parts in space
  </ToStation>
);

/** What is missing for a map, and what to do about it. */
export function NothingSwept({ kind }: { kind: 'still' | 'bare' | 'wheel' | 'waiting' }) {
  return (
    <p className="sheet-hint">
      {kind === 'still' && (
        <>
          How the wheel moves is not known: parts are judged at rest only. The kind of suspension is enough to begin
          with; give it in the {toRoom}.
        </>
      )}
      {kind === 'bare' && (
        <>
          Nothing is placed around this wheel yet. Gaps to fender and arch give a fender lip; read the rest in the{' '}
          {toRoom}.
        </>
      )}
      {kind === 'wheel' && (
        <>
          The wheel of this setup, its tire or its offset is not known: give them in the{' '}
          <ToStation station="setups">Setups</ToStation>.
        </>
      )}
      {kind === 'waiting' && 'Being swept …'}
    </p>
  );
}
