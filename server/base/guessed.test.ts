import { isGuessed } from './guessed';

// Of the lists of common passwords that the library carries, and patterns; common practice, no source.
test.each([
  'password1234',
  'qwertyuiop123',
  '123456789012',
  'aaaaaaaaaaaaaaaa',
  'letmeinletmein',
  'scovalscoval',
  'iloveyou2024',
])('%s is a usual one', (phrase) => expect(isGuessed(phrase)).toBe(true));

test.each(['three grey jacks under the lift', 'nineteen hubs, no caps', 'kYt-8vQe2-mZ4p'])('%s is not', (phrase) =>
  expect(isGuessed(phrase)).toBe(false),
);
