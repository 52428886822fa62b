import { useEffect, useId, useRef, useState, type ChangeEvent, type FocusEvent, type KeyboardEvent } from 'react';
import { DomainError } from '#core/errors';
import { useJob } from '../../job/JobContext';

export interface TypedField<T> {
  /** Names the field across the job; what was typed and is no value yet is kept under it. */
  name: string;
  value: T | null;
  /** The value as it is shown. */
  show(value: T): string;
  /** Reads what was typed; throws DomainError with what is wrong. */
  read(text: string): T;
  /** Takes the value, or null for an emptied field. */
  commit(value: T | null): void;
}

/**
 * A text field over a value. What is typed stays until it is a value or is taken back with Escape; it is read on Enter and on leaving
 * the field. A text nobody changed never becomes a value, so rounding on the screen does not reach the job.
 */
export function useTypedField<T>({ name, value, show, read, commit }: TypedField<T>) {
  const { drafts } = useJob();
  const [draft, setDraftState] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [emptied, setEmptied] = useState(false);
  const messageId = useId();
  const shown = value === null ? '' : show(value);
  const before = useRef(value);

  const setDraft = (text: string | null) => {
    setDraftState(text);
    if (text === null) drafts.delete(name);
    else drafts.set(name, text);
  };
  const judge = (text: string): T | null | undefined => {
    if (text.trim() === '') return null;
    try {
      return read(text);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      setFault(error.message);
      return undefined;
    }
  };
  const settle = () => {
    if (draft === null) return;
    if (draft === shown) return void (setDraft(null), setFault(null));
    const read = judge(draft);
    if (read === undefined) return;
    setFault(null);
    setDraft(null);
    setEmptied(read === null && value !== null);
    if (read !== value) commit(read);
  };

  // A text kept from an earlier visit to this station comes back with its fault.
  const restored = useRef(false);
  useEffect(() => {
    if (restored.current) return;
    restored.current = true;
    const kept = drafts.get(name);
    if (kept === undefined) return;
    setDraftState(kept);
    judge(kept);
  });
  // A value that came from elsewhere (undo, a nudge, another tab) replaces a faulty text.
  useEffect(() => {
    if (before.current === value) return;
    before.current = value;
    setDraftState(null);
    drafts.delete(name);
    setFault(null);
    if (value !== null) setEmptied(false);
  }, [value, drafts, name]);

  return {
    fault,
    note: emptied && draft === null ? 'empty: counts as not measured' : null,
    messageId,
    input: {
      value: draft ?? shown,
      'aria-invalid': fault !== null,
      'aria-describedby': fault !== null || emptied ? messageId : undefined,
      autoComplete: 'off',
      spellCheck: false,
      onChange: (event: ChangeEvent<HTMLInputElement>) => setDraft(event.target.value),
      onFocus: (event: FocusEvent<HTMLInputElement>) => event.target.select(),
      onBlur: settle,
      onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') {
          settle();
          event.currentTarget.select();
        } else if (event.key === 'Escape') {
          setDraft(null);
          setFault(null);
        }
      },
    },
  };
}
