import { useEffect, useRef } from 'react';

/** Shuts what stands open when somebody presses Escape, or points or goes elsewhere; its button gets the focus back. */
export function useShut<E extends HTMLElement>(open: boolean, shut: () => void) {
  const ref = useRef<E>(null);
  useEffect(() => {
    const element = ref.current;
    if (!open || !element) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      shut();
      element.querySelector<HTMLElement>('[aria-expanded]')?.focus();
    };
    const onElsewhere = ({ target }: Event) => {
      if (target instanceof Element && !element.contains(target)) shut();
    };
    document.addEventListener('keydown', onKey);
    document.addEventListener('pointerdown', onElsewhere);
    document.addEventListener('focusin', onElsewhere);
    return () => {
      document.removeEventListener('keydown', onKey);
      document.removeEventListener('pointerdown', onElsewhere);
      document.removeEventListener('focusin', onElsewhere);
    };
  }, [open, shut]);
  return ref;
}
