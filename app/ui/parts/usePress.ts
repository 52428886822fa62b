import { useEffect } from 'react';

/** How far a finger or a hand slips in a press, px. */
const SLIP_PX = 8;

/** How long after a finger is lifted its click may come, ms. */
const CLICK_MS = 500;

interface Press {
  button: HTMLButtonElement;
  x: number;
  y: number;
}

/**
 * Lets a press count where it began. A field that is left by the press takes its message away, the button moves up from
 * under the pointer, and the browser makes no click of what began on one thing and ended on another. A finger's click
 * goes to what lies under it once it is lifted: a dialog that opened meanwhile.
 */
export function usePress(): void {
  useEffect(() => {
    let press: Press | null = null;
    let lifted: (Press & { at: number }) | null = null;
    const begin = ({ target, clientX, clientY, isPrimary, button }: PointerEvent) => {
      const pressed = target instanceof Element ? target.closest('button') : null;
      lifted = null;
      press = pressed && isPrimary && button === 0 ? { button: pressed, x: clientX, y: clientY } : null;
    };
    const isStill = ({ x, y }: Press, { clientX, clientY }: MouseEvent) =>
      Math.hypot(clientX - x, clientY - y) <= SLIP_PX;
    const end = (event: PointerEvent) => {
      const began = press;
      press = null;
      if (!began || !isStill(began, event)) return;
      // A finger holds what it touched until it is lifted, whatever lies under it by then.
      if (event.pointerType === 'touch') lifted = { ...began, at: event.timeStamp };
      else if (!began.button.contains(event.target as Node) && began.button.isConnected) began.button.click();
    };
    const click = (event: MouseEvent) => {
      const began = lifted;
      lifted = null;
      if (!began || event.timeStamp - began.at > CLICK_MS || !isStill(began, event)) return;
      if (began.button.contains(event.target as Node) || !began.button.isConnected) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      began.button.click();
    };
    const leave = new AbortController();
    const hears = { capture: true, signal: leave.signal };
    document.addEventListener('pointerdown', begin, hears);
    document.addEventListener('pointerup', end, hears);
    document.addEventListener('pointercancel', () => (press = null), hears);
    document.addEventListener('click', click, hears);
    return () => leave.abort();
  }, []);
}
