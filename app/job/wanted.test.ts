import { changed, KITE, setupOf } from '#support/jobs';
import { wantedFor } from './wanted';

const keysOf = (job: typeof KITE) => wantedFor(job, setupOf(job, 'b')).draws.map(({ key }) => key);

test('a price that is typed asks for no other sweep; what moves the wheel does', () => {
  const priced = changed(
    KITE,
    ['setups/b/front/wheel/priceEach', 199],
    ['setups/b/front/wheel/priceFrom'],
    ['setups/b/front/tire/priceEach', 80],
  );
  expect(keysOf(priced)).toEqual(keysOf(KITE));
  expect(keysOf(changed(KITE, ['setups/b/front/wheel/offsetMm', 50]))).not.toEqual(keysOf(KITE));
});
