import {
  useCallback,
  useContext,
  useEffect,
  useId,
  useState,
  type ChangeEvent,
  type FocusEvent,
  type KeyboardEvent,
} from 'react';
import { flushSync } from 'react-dom';
import { DomainError } from '#core/errors';
import { DraftsContext } from './DraftsContext';
import { HoldFieldContext, KEEPS_FIELD, type FieldInHand } from './HoldFieldContext';
import { ForeignContext } from './ForeignContext';
import { NextFieldContext } from './NextFieldContext';
import { useStable } from '../parts/useStable';

export interface TypedField<T> {
  /** Names the field across the job; what was typed and is no value yet is kept under it. */
  name: string;
  label: string;
  /** What an instrument may write into it; left out where none can. */
  measures?: FieldInHand['measures'] | undefined;
  value: T | null;
  /** The value as it is shown. */
  show(value: T): string;
  /** Reads what was typed; throws DomainError with what is wrong. */
  read(text: string): T;
  /** Takes the value, or null for an emptied field. */
  commit(value: T | null): void;
}

type Judged<T> = { value: T | null } | { fault: string };

/** What a text means: a value, nothing for an empty one, or what is wrong with it. */
function judge<T>(text: string, read: (text: string) => T): Judged<T> {
  if (text.trim() === '') return { value: null };
  try {
    return { value: read(text) };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { fault: error.message };
  }
}

/**
 * A text field over a value. What is typed stays until it is a value or is taken back with Escape, which leaves the
 * field where there is nothing to take back; it is read on Enter,
 * which goes on to the next one where a station has it, and on leaving the field. A text nobody changed never
 * becomes a value, so rounding on the screen does not reach the job.
 */
export function useTypedField<T>({ name, label, measures, value, show, read, commit }: TypedField<T>) {
  const drafts = useContext(DraftsContext);
  const next = useContext(NextFieldContext);
  const hold = useContext(HoldFieldContext);
  // A text kept from an earlier visit to this station comes back with its fault.
  const [draft, setDraft] = useState(() => drafts.get(name) ?? null);
  const [fault, setFault] = useState(() => {
    const judged = draft === null ? null : judge(draft, read);
    return judged && 'fault' in judged ? judged.fault : null;
  });
  const [emptied, setEmptied] = useState(false);
  const messageId = useId();
  const shown = value === null ? '' : show(value);

  useEffect(() => {
    if (draft === null) drafts.delete(name);
    else drafts.set(name, draft);
  }, [draft, drafts, name]);

  // A value of one's own (undo, a nudge) replaces a text that was being typed; somebody else's stands beside it.
  const foreign = useContext(ForeignContext);
  const [known, setKnown] = useState({ value, foreign });
  const [isMeanwhile, setMeanwhile] = useState(false);
  if (known.value !== value) {
    const isTheirs = draft !== null && known.foreign !== foreign;
    setKnown({ value, foreign });
    setMeanwhile(isTheirs);
    if (!isTheirs) {
      setDraft(null);
      setFault(null);
    }
    if (value !== null) setEmptied(false);
  } else if (known.foreign !== foreign) setKnown({ value, foreign });

  const takeBack = () => {
    setDraft(null);
    setFault(null);
  };
  /** @returns whether the field holds what was meant */
  const settle = (): boolean => {
    if (draft === null) return true;
    const judged = draft === shown ? null : judge(draft, read);
    if (judged && 'fault' in judged) {
      setFault(judged.fault);
      return false;
    }
    takeBack();
    if (judged) setEmptied(judged.value === null && value !== null);
    if (judged && judged.value !== value) commit(judged.value);
    return true;
  };

  /** What an instrument has read is a reading, even where it is what was there. */
  const receive = (text: string, input: HTMLInputElement): boolean => {
    const judged = judge(text, read);
    if ('fault' in judged) {
      setDraft(text);
      setFault(judged.fault);
      return false;
    }
    takeBack();
    setEmptied(false);
    flushSync(() => commit(judged.value));
    next(input);
    return true;
  };

  const { receiveText } = useStable({ receiveText: receive });
  const letGo = useCallback(() => hold((now) => (now?.name === name ? null : now)), [hold, name]);
  // A field that is gone is in nobody's hand.
  useEffect(() => letGo, [letGo]);
  const handlers = useStable({
    onChange: (event: ChangeEvent<HTMLInputElement>) => setDraft(event.target.value),
    onFocus({ target }: FocusEvent<HTMLInputElement>) {
      target.select();
      if (measures)
        hold({ name, label, measures, put: (text) => receiveText(text, target), focus: () => target.focus() });
    },
    onBlur({ relatedTarget }: FocusEvent<HTMLInputElement>) {
      settle();
      if (measures && !relatedTarget?.closest(`[${KEEPS_FIELD}]`)) letGo();
    },
    onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => {
      if (event.key === 'Enter') {
        const input = event.currentTarget;
        // Settled before the focus leaves: leaving settles too, and must find nothing to do.
        if (flushSync(settle) && next(input)) return;
        input.select();
      } else if (event.key === 'Escape') {
        // Nothing to take back: out of the field, where single keys act.
        if (draft === null) event.currentTarget.blur();
        else takeBack();
      }
    },
  });
  return {
    fault,
    note:
      isMeanwhile && draft !== null
        ? `changed elsewhere to ${shown === '' ? 'nothing' : shown}: Enter keeps yours, Escape takes it`
        : emptied && draft === null
          ? 'empty: counts as not measured'
          : null,
    messageId,
    text: draft ?? shown,
    handlers,
  };
}
