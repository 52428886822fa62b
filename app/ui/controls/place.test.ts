import { placeBeside } from './place';

const screen = { width: 400, height: 300 };
const size = { width: 100, height: 40 };
const at = (left: number, top: number) => ({ left, right: left + 20, top, bottom: top + 20 });
const OVER = { prefer: 'over', from: 'middle' } as const;
const UNDER = { prefer: 'under', from: 'end' } as const;

test.each([
  ['over the middle of it', at(200, 100), OVER, { left: 160, top: 56 }],
  ['under it, where there is no room over it', at(200, 10), OVER, { left: 160, top: 34 }],
  ['under it, right edges in line', at(200, 100), UNDER, { left: 120, top: 124 }],
  ['over it, where there is no room under it', at(200, 260), UNDER, { left: 120, top: 216 }],
  ['within the left edge', at(0, 100), OVER, { left: 8, top: 56 }],
  ['within the right edge', at(380, 100), OVER, { left: 292, top: 56 }],
])('%s', (_, of, wish, place) => expect(placeBeside(of, { size, screen }, wish)).toEqual(place));

test('of what reaches beyond the screen, at the middle of what is seen', () =>
  expect(placeBeside({ left: 200, right: 900, top: 100, bottom: 120 }, { size, screen }, OVER).left).toBe(250));

test('what is higher than the screen begins at its upper edge', () =>
  expect(placeBeside(at(200, 100), { size: { width: 100, height: 400 }, screen }, UNDER).top).toBe(8));
