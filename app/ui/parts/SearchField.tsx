import { useEffect, useRef, useState } from 'react';
import { useFetchers } from 'react-router';
import { Input } from '../controls/Input';

interface SearchFieldProps {
  label: string;
  placeholder: string;
  width: number;
  /** What was asked for last. */
  value: string;
  ask(text: string): void;
}

/** How long the hands must rest before it is searched. */
const REST_MS = 250;

/**
 * Searches once the typing rests, and no command is under way: a list that is loaded meanwhile would take away the
 * place that the command leads to.
 */
export function SearchField({ label, placeholder, width, value, ask }: SearchFieldProps) {
  const [text, setText] = useState(value);
  const busy = useFetchers().some(({ state }) => state !== 'idle');
  const latest = useRef(ask);
  useEffect(() => {
    latest.current = ask;
  });
  useEffect(() => {
    if (busy || text === value) return;
    const timer = setTimeout(() => latest.current(text), REST_MS);
    return () => clearTimeout(timer);
  }, [busy, text, value]);
  return (
    <Input
      type="search"
      aria-label={label}
      placeholder={placeholder}
      value={text}
      maxLength={100}
      style={{ width }}
      onChange={({ target }) => setText(target.value)}
    />
  );
}
