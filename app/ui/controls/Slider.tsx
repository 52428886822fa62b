import { useEffect, useRef } from 'react';
import './slider.css';

interface SliderProps {
  label: string;
  min: number;
  max: number;
  step: number;
  value: number;
  onChange(value: number): void;
  /** It was let go. */
  onEnd?(value: number): void;
  /** What a place means, where its figure does not say it. */
  says?: ((value: number) => string) | undefined;
}

/** A place between two ends, by pointer and by arrow keys. */
export function Slider({ label, min, max, step, value, onChange, onEnd, says }: SliderProps) {
  const input = useRef<HTMLInputElement>(null);
  const ended = useRef(onEnd);
  useEffect(() => {
    ended.current = onEnd;
  });
  useEffect(() => {
    const slider = input.current!;
    // The library calls every movement a change; the browser only what was let go.
    const end = () => ended.current?.(Number(slider.value));
    slider.addEventListener('change', end);
    return () => slider.removeEventListener('change', end);
  }, []);
  return (
    <input
      ref={input}
      type="range"
      className="slider"
      aria-label={label}
      aria-valuetext={says?.(value)}
      {...{ min, max, step, value }}
      onChange={({ target }) => onChange(Number(target.value))}
    />
  );
}
