import { Tip } from '../controls/Tip';
import { Segments } from '../controls/Segments';

interface WordSwitchProps<T extends string> {
  label: string;
  /** What it chooses, and its key. */
  tip: string;
  options: readonly (readonly [T, string])[];
  value: T;
  choose(value: T): void;
}

/** A choice between a few words that all stay in sight. */
export const WordSwitch = <T extends string>({ label, tip, options, value, choose }: WordSwitchProps<T>) => (
  <Tip title={tip}>
    <Segments<T>
      aria-label={label}
      options={options.map(([key, name]) => ({ value: key, label: name }))}
      value={value}
      onChange={choose}
    />
  </Tip>
);
