import { level, upright } from './strokes';

it('writes strokes as one path, to a hundredth of a pixel', () => {
  expect(upright([45.39999999999998, 94.4], [500, 504])).toBe('M45.4 500V504M94.4 500V504');
  expect(level([12.3456], [0, 824])).toBe('M0 12.35H824');
  expect(upright([], [0, 1])).toBe('');
});
