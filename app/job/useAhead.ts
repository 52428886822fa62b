import { useState } from 'react';

/** A value that is shown before what it is to become is there, and what it is held over. */
export interface Ahead<T> {
  of: string | null;
  value: T;
}

/**
 * Shows a value ahead of what it is to become: it counts only while `of` is what it was held over. Once that is another
 * one the value is dropped for good, also where `of` comes back to what it was: a step back.
 */
export function useAhead<T>(of: string | null): [Ahead<T> | null, (ahead: Ahead<T>) => void] {
  const [held, hold] = useState<Ahead<T> | null>(null);
  if (held && held.of !== of) hold(null);
  return [held?.of === of ? held : null, hold];
}
