import { useContext, useId, useState } from 'react';
import { LongText } from '../controls/LongText';
import { DraftsContext } from '../fields/DraftsContext';

const MOST_NOTES = 4000;

/** Notes are kept when the field is left; until then they are a draft that survives a change of station. */
export function Notes({ value, commit }: { value: string; commit(text: string): void }) {
  const drafts = useContext(DraftsContext);
  const id = useId();
  const [draft, setDraft] = useState(() => drafts.get('brief/notes') ?? null);
  const keep = (text: string | null) => {
    setDraft(text);
    if (text === null) drafts.delete('brief/notes');
    else drafts.set('brief/notes', text);
  };
  return (
    <div className="field">
      <label className="label" htmlFor={id}>
        Anything else the customer said
      </label>
      <LongText
        id={id}
        value={draft ?? value}
        maxLength={MOST_NOTES}
        onChange={(event) => keep(event.target.value)}
        onBlur={() => {
          if (draft !== null && draft !== value) commit(draft);
          keep(null);
        }}
      />
    </div>
  );
}
