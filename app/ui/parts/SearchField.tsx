import { Input } from 'antd';
import { useEffect, useRef, useState } from 'react';

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

/** Searches once the typing rests. */
export function SearchField({ label, placeholder, width, value, ask }: SearchFieldProps) {
  const [text, setText] = useState(value);
  const latest = useRef(ask);
  useEffect(() => {
    latest.current = ask;
  });
  useEffect(() => {
    if (text === value) return;
    const timer = setTimeout(() => latest.current(text), REST_MS);
    return () => clearTimeout(timer);
  }, [text, value]);
  return (
    <Input
      allowClear
      aria-label={label}
      placeholder={placeholder}
      value={text}
      maxLength={100}
      style={{ width }}
      onChange={({ target }) => setText(target.value)}
    />
  );
}
