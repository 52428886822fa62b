/** What is left free to the edges of the screen, and to the thing it belongs to, px. */
const EDGE_PX = 8;
const GAP_PX = 4;

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}
interface Size {
  width: number;
  height: number;
}

interface Wish {
  prefer: 'over' | 'under';
  /** Where their edges or middles meet. */
  from: 'middle' | 'end';
}

/** Where something stands beside a thing, px: over or under it, wherever there is room, and within the screen. */
export function placeBeside(of: Box, { size, screen }: { size: Size; screen: Size }, { prefer, from }: Wish) {
  const over = of.top - GAP_PX - size.height;
  const under = of.bottom + GAP_PX;
  const fitsOver = over >= EDGE_PX;
  const fitsUnder = under + size.height <= screen.height - EDGE_PX;
  const isOver = prefer === 'over' ? fitsOver || !fitsUnder : fitsOver && !fitsUnder;
  // Of what reaches beyond the screen, the middle of what is seen.
  const middle = (Math.max(0, of.left) + Math.min(screen.width, of.right)) / 2;
  const wanted = from === 'end' ? of.right - size.width : middle - size.width / 2;
  const left = Math.max(EDGE_PX, Math.min(screen.width - EDGE_PX - size.width, wanted));
  const top = Math.max(EDGE_PX, Math.min(screen.height - EDGE_PX - size.height, isOver ? over : under));
  return { left, top };
}

/** Puts an element of the uppermost layer beside what it belongs to. */
export function putBeside(box: HTMLElement, of: Element, wish: Wish): void {
  const size = { width: box.offsetWidth, height: box.offsetHeight };
  const screen = { width: document.documentElement.clientWidth, height: window.innerHeight };
  const { left, top } = placeBeside(of.getBoundingClientRect(), { size, screen }, wish);
  box.style.left = `${left}px`;
  box.style.top = `${top}px`;
}
