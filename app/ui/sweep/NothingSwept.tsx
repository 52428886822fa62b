import { Link } from 'react-router';

/** What is missing for a map, and what to do about it. */
export function NothingSwept({ kind }: { kind: 'still' | 'bare' | 'wheel' | 'waiting' }) {
  return (
    <p className="sheet-hint">
      {kind === 'still' && (
        <>
          How the wheel moves is not known: parts are judged at rest only. The kind of suspension is enough to begin
          with; give it in the <Link to="../room">Room, Parts in space</Link>.
        </>
      )}
      {kind === 'bare' && (
        <>
          Nothing is placed around this wheel yet. Gaps to fender and arch give a fender lip; read the rest in the{' '}
          <Link to="../room">Room, Parts in space</Link>.
        </>
      )}
      {kind === 'wheel' && (
        <>
          The wheel of this setup, its tire or its offset is not known: give them in the{' '}
          <Link to="../setups">Setups</Link>.
        </>
      )}
      {kind === 'waiting' && 'Being swept …'}
    </p>
  );
}
