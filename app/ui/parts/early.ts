import { useEffect } from 'react';
import { flushSync } from 'react-dom';

/** What was last typed, ticked or chosen in a field before the page was at work. */
type Early = Map<EventTarget, string | boolean>;

declare global {
  interface Window {
    /** Kept by `KEEP_EARLY`; gone once the page has been told. */
    early?: { kept: Early; handOver(): void; end(): void } | undefined;
  }
}

/**
 * Runs with the first HTML, which is seen a second before its scripts are there: keeps what a hand does to fields
 * meanwhile. What the browser itself puts back into a field after a reload is in nobody's hand, and is no change. Once
 * it is handed over the page hears of files itself; of the rest it may still miss what it is changed to, and is told.
 * A box is asked at the press: the page that comes to work under it puts it back before anything else is said of it.
 */
export const KEEP_EARLY = `(() => {
  const kept = new Map();
  let heard = false;
  const keep = ({ type, target }) => {
    const isBox = target.type === 'checkbox' || target.type === 'radio';
    if (type !== (isBox ? 'click' : 'input')) return;
    if (heard && target.type === 'file') return void kept.delete(target);
    const byHand = target === document.activeElement || navigator.userActivation?.hasBeenActive;
    if (byHand && 'value' in target) kept.set(target, isBox ? target.checked : target.value);
  };
  document.addEventListener('input', keep, true);
  document.addEventListener('click', keep, true);
  window.early = {
    kept,
    handOver: () => { heard = true; },
    end() {
      document.removeEventListener('input', keep, true);
      document.removeEventListener('click', keep, true);
    },
  };
})()`;

/** Tells the page what was done to its fields before it was at work, and where its focus is. */
export function useEarly(): void {
  useEffect(() => {
    const { early } = window;
    if (!early) return;
    early.end();
    window.early = undefined;
    // Behind the drawing that is under way, so that each is taken with what the one before it has changed.
    setTimeout(() => {
      tellFocus();
      for (const [field, held] of early.kept) tell(field as Field, held);
    });
  }, []);
}

/** Says of what has the focus already that it has it; what is typed in it goes on where it was. */
function tellFocus(): void {
  const held = document.activeElement;
  if (!held || held === document.body) return;
  const text = held instanceof HTMLInputElement || held instanceof HTMLTextAreaElement ? held : null;
  const [start, end] = [text?.selectionStart ?? null, text?.selectionEnd ?? null];
  flushSync(() => held.dispatchEvent(new FocusEvent('focusin', { bubbles: true })));
  if (start !== null) text?.setSelectionRange(start, end);
}

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

/** Does to a field what was done to it, once more, so that it is noticed. */
function tell(field: Field, held: string | boolean): void {
  if (!field.isConnected || field.disabled) return;
  if (typeof held === 'boolean') tick(field as HTMLInputElement, held);
  else if (field.type === 'file') field.dispatchEvent(new Event('change', { bubbles: true }));
  else if (field instanceof HTMLSelectElement) choose(field, held);
  else type(field, held);
}

function tick(box: HTMLInputElement, held: boolean): void {
  box.checked = !held;
  flushSync(() => box.click());
}

function choose(list: HTMLSelectElement, held: string): void {
  // What was chosen before it may have changed the list.
  if (![...list.options].some(({ value }) => value === held)) return;
  list.value = held;
  flushSync(() => list.dispatchEvent(new Event('change', { bubbles: true })));
}

function type(field: HTMLInputElement | HTMLTextAreaElement, held: string): void {
  // Taken, or taken back, meanwhile.
  if (field.value !== held) return;
  const { selectionStart, selectionEnd } = field;
  // React takes no event for a change where it has seen the value already. It sees that it is put back, not what the
  // prototype sets.
  field.value = field.defaultValue;
  Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value')!.set!.call(field, held);
  flushSync(() => field.dispatchEvent(new Event('input', { bubbles: true })));
  if (selectionStart !== null) field.setSelectionRange(selectionStart, selectionEnd);
  if (field !== document.activeElement) field.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
}
