import { useId, useState, type FormEvent, type KeyboardEvent, type CSSProperties } from 'react';
import { Input } from './Input';
import type { Option } from './Choice';
import './findChoice.css';

interface FindChoiceProps<T extends string | number> {
  'aria-label': string;
  placeholder: string;
  options: readonly Option<T>[];
  take(value: T): void;
  /** What is said where there is nothing to take. */
  empty: string;
  style?: CSSProperties;
}

/** Options whose words contain what was typed. */
const found = <T extends string | number>(options: readonly Option<T>[], text: string): readonly Option<T>[] => {
  const wanted = text.trim().toLowerCase();
  const same = options.filter(({ label }) => label.toLowerCase() === wanted);
  return same.length > 0 ? same : options.filter(({ label }) => label.toLowerCase().includes(wanted));
};

/**
 * Takes one of many by any part of its words: the browser lists those that fit while it is typed. Chosen there it is
 * taken at once, typed it is by Enter, once it is the only one.
 */
export function FindChoice<T extends string | number>({ options, take, empty, ...rest }: FindChoiceProps<T>) {
  const id = useId();
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const chosen = (option: Option<T>) => {
    setText('');
    setFault(null);
    take(option.value);
  };
  const type = (event: FormEvent<HTMLInputElement>) => {
    const typed = event.currentTarget.value;
    const option = options.find(({ label }) => label === typed);
    // Keys write one sign after the other; a name that comes whole was chosen.
    const isWhole = !/^(insert(Text|Composition)|delete)/.test((event.nativeEvent as InputEvent).inputType ?? '');
    if (option && isWhole) return chosen(option);
    setText(typed);
    setFault(null);
  };
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Escape' && text !== '') {
      event.stopPropagation();
      setText('');
      setFault(null);
    }
    if (event.key !== 'Enter') return;
    event.preventDefault();
    if (text.trim() === '') return;
    const [first, second] = found(options, text);
    if (first && !second) chosen(first);
    else setFault(first ? 'fits several: choose one' : 'nothing kept is called so');
  };
  if (options.length === 0) return <span className="soft">{empty}</span>;
  return (
    <span className="find-choice">
      <Input
        {...rest}
        list={`${id}list`}
        autoComplete="off"
        value={text}
        aria-invalid={fault !== null}
        aria-describedby={fault === null ? undefined : `${id}fault`}
        onChange={type}
        onKeyDown={press}
      />
      <datalist id={`${id}list`}>
        {options.map(({ value, label }) => (
          <option key={value} value={label} />
        ))}
      </datalist>
      {fault && (
        <span id={`${id}fault`} role="alert" className="find-choice-fault">
          {fault}
        </span>
      )}
    </span>
  );
}
