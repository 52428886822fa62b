import { useEffect } from 'react';

/** How far a finger or a hand slips in a press, px. */
const SLIP_PX = 8;

interface Press {
  button: HTMLButtonElement;
  x: number;
  y: number;
}

/**
 * Lets a press count where it began. A field that is left by the press takes its message away, the button moves up from
 * under the pointer, and the browser makes no click of what began on one thing and ended on another.
 */
export function usePress(): void {
  useEffect(() => {
    let press: Press | null = null;
    const begin = ({ target, clientX, clientY, isPrimary, button }: PointerEvent) => {
      const pressed = target instanceof Element ? target.closest('button') : null;
      press = pressed && isPrimary && button === 0 ? { button: pressed, x: clientX, y: clientY } : null;
    };
    const end = ({ target, clientX, clientY }: PointerEvent) => {
      const began = press;
      press = null;
      if (!began || began.button.contains(target as Node)) return;
      const isStill = Math.hypot(clientX - began.x, clientY - began.y) <= SLIP_PX;
      if (isStill && began.button.isConnected) began.button.click();
    };
    const leave = new AbortController();
    const { signal } = leave;
    document.addEventListener('pointerdown', begin, { capture: true, signal });
    document.addEventListener('pointerup', end, { capture: true, signal });
    document.addEventListener('pointercancel', () => (press = null), { capture: true, signal });
    return () => leave.abort();
  }, []);
}
