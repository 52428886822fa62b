import type { PictureHand } from './picture/SceneCanvas';

const TURN_DEG = 6;
const PAN_SHARE = 0.04;
const NEARER = 1.12;

type Pressed = Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey' | 'altKey'>;

/** What a key does on the picture; undefined where it does nothing there. */
export function pictureKeys(event: Pressed, hand: PictureHand, putBack: () => void): (() => void) | undefined {
  const { key, shiftKey, ctrlKey, metaKey, altKey } = event;
  if (ctrlKey || metaKey || altKey) return undefined;
  const arrows: Readonly<Record<string, readonly [number, number]>> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  };
  const arrow = arrows[key];
  if (arrow) {
    const [across, up] = arrow;
    return shiftKey
      ? () => hand.pan(across * PAN_SHARE, up * PAN_SHARE)
      : () => hand.turn(across * TURN_DEG, up * TURN_DEG);
  }
  if (key === '+' || key === '=') return () => hand.zoom(NEARER);
  if (key === '-') return () => hand.zoom(1 / NEARER);
  return key === 'Home' ? putBack : undefined;
}
