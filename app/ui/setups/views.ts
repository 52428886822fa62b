/** What the sheet may show of a setup. */
export const SHOWN = ['corner', 'hardware', 'tire', 'car', 'cost'] as const;
export type Shown = (typeof SHOWN)[number];

/** The views of a setup, and what the ledger begins with beside each. */
export const VIEWS = {
  corner: { name: 'Corner', caption: 'from behind, at rest', tooltip: 'the wheel in its room', first: 'room' },
  hardware: {
    name: 'Hardware',
    caption: 'section through hub and one fastener',
    tooltip: 'what stands between hub and wheel (H)',
    first: 'hub',
  },
  tire: { name: 'Tire', caption: 'on its rim', tooltip: 'section, load, makes and other sizes (T)', first: 'tire' },
  car: {
    name: 'Car',
    caption: 'speeds, spare, sensors',
    tooltip: 'speedometer, gearing, spare, sensors (C)',
    first: 'car',
  },
  cost: { name: 'Cost', caption: 'what it takes, line by line', tooltip: 'what the setup costs (M)', first: 'room' },
} as const satisfies Record<Shown, object>;

const VIEW_KEYS: Readonly<Record<string, Shown>> = { h: 'hardware', t: 'tire', c: 'car', m: 'cost' };

/** What the key of a view leads to: the view, and pressed again the corner. */
export function viewOfKey(now: Shown, key: string): Shown {
  const asked = VIEW_KEYS[key.toLowerCase()];
  return asked === undefined || asked === now ? 'corner' : asked;
}

/** What a key moves and by how much: offset and stack by a millimeter, five with Shift. */
export const NUDGES: Readonly<Record<string, { part: 'offset' | 'stack'; mm: number }>> = {
  '[': { part: 'offset', mm: -1 },
  ']': { part: 'offset', mm: 1 },
  '{': { part: 'offset', mm: -5 },
  '}': { part: 'offset', mm: 5 },
  '-': { part: 'stack', mm: -1 },
  '=': { part: 'stack', mm: 1 },
  _: { part: 'stack', mm: -5 },
  '+': { part: 'stack', mm: 5 },
};
