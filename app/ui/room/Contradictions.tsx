import type { Contradiction } from '#core/evaluate';
import './room.css';

/** Readings that cannot all be true, with what to read again. */
export function Contradictions({ of, choose }: { of: readonly Contradiction[]; choose(id: string): void }) {
  if (of.length === 0) return null;
  return (
    <section className="contradictions" aria-label="Readings to repeat" role="status">
      <h2 className="label">Measure again</h2>
      <ul>
        {of.map(({ id, label, kind, text }) => (
          <li key={`${id}${kind}`} className={`is-${kind === 'beyond' || kind === 'nearer' ? 'caution' : 'fail'}`}>
            <button type="button" onClick={() => choose(id)}>
              <b>{label}:</b> {text}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
