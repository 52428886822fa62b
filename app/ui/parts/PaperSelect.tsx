import { useId } from 'react';
import { Choice } from '../controls/Choice';

export type Paper = 'a4' | 'letter';

/** The paper something is printed on. */
export function PaperSelect({ value, choose }: { value: Paper; choose(paper: Paper): void }) {
  const id = useId();
  return (
    <div className="field">
      <label className="label" htmlFor={id}>
        Paper
      </label>
      <Choice
        id={id}
        value={value}
        onChange={choose}
        style={{ width: '10rem' }}
        options={[
          { value: 'a4', label: 'A4' },
          { value: 'letter', label: 'Letter' },
        ]}
      />
    </div>
  );
}
