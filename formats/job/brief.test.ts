import { applyEdits, type ShopDefaults, type Job } from '#core/job';
import { SHOP_LIMITS } from '#core/verdict';
import { placeName, rangeOf, SHOP_LIMIT_FIELDS } from '#formats/fields';
import { faultLine, shopSchema, readJobFile, writeJobFile } from '#formats/job';
import { VALIDATION } from '#formats/rules';
import { EXAMPLE_TEXT } from '#support/jobs';

const example = readJobFile(EXAMPLE_TEXT).job!;
const withValue = (path: string, value: unknown): Job =>
  applyEdits(example, [{ op: 'set', path: path.split('.'), value }]);
const faults = (job: Job): string[] => readJobFile(JSON.stringify(job)).faults?.map(faultLine) ?? [];

describe('what a brief may say', () => {
  test.each<[string, unknown]>([
    ['brief.pokeMm', { min: -10, max: 2, front: { min: -4 }, rear: { max: -6 } }],
    ['brief.rules', { rub: 'plastic', cover: 'eu-1009-2010', winter: 'U', spacers: 'never' }],
    ['brief.remedies', { heat: true, move: false, trimPlastic: true, trimFlap: false, fold: true, cut: false }],
    ['brief.remedies', { lift: { kind: 'strut-top', mostMm: 40 } }],
    ['brief.budget', 0],
    ['brief.budget', null],
    ['brief.limits', { rubMm: 0 }],
    ['brief.prices', { labourPerHour: 48.5, spacerEach: 0, liftKitAxle: 240, alignment: null }],
    [
      'house',
      { limits: { engagementRatio: 1.2, edgeMm: null }, rules: { winter: 'S' }, remedies: { heat: true }, prices: {} },
    ],
  ])('%s = %j goes in and comes out the same', (path, value) => {
    const job = withValue(path, value);
    expect(faults(job)).toEqual([]);
    expect(readJobFile(writeJobFile(job)).job).toEqual(job);
  });
  test.each<[string, unknown, string]>([
    ['brief.pokeMm', { min: 5, max: 2 }, 'brief.pokeMm: the inner end (min) is beyond the outer end (max)'],
    [
      'brief.pokeMm',
      { front: { min: 5, max: 2 } },
      'brief.pokeMm.front: the inner end (min) is beyond the outer end (max)',
    ],
    ['brief.pokeMm', { front: { min: 400 } }, 'brief.pokeMm.front.min: must be between -300 and 300'],
    ['brief.pokeMm', { left: { min: 4 } }, 'brief.pokeMm.left: is not a known field'],
    ['brief.rules', { rub: 'a little' }, 'brief.rules.rub: must be one of none, plastic, full-lock'],
    ['brief.rules', { cover: true }, 'brief.rules.cover: must be one of none, eu-1009-2010'],
    ['brief.rules', { winter: 's' }, 'brief.rules.winter: must be one of none, S, U, W'],
    ['brief.remedies', { heat: 'yes' }, 'brief.remedies.heat:'],
    ['brief.remedies', { weld: true }, 'brief.remedies.weld: is not a known field'],
    ['brief.remedies', { lift: 40 }, 'brief.remedies.lift:'],
    ['brief.remedies', { lift: { mostMm: -5 } }, 'brief.remedies.lift.mostMm: must be between 0 and 300'],
    ['brief.remedies', { lift: { kind: 'air' } }, 'brief.remedies.lift.kind: must be one of spring, strut-top, body'],
    ['brief.budget', -1, 'brief.budget: must be between 0 and 100000'],
    ['brief.budget', 'enough', 'brief.budget:'],
    ['brief.limits', { rubMm: 101 }, 'brief.limits.rubMm: must be between 0 and 100'],
    ['brief.limits', { engagementRatio: 1 }, 'brief.limits.engagementRatio: is not a known field'],
    ['brief.prices', { labourPerHour: -1 }, 'brief.prices.labourPerHour: must be between 0 and 100000'],
    ['brief.prices', { currency: 'much too long' }, 'brief.prices.currency:'],
    ['house', { limits: { engagementRatio: 0.1 } }, 'house.limits.engagementRatio: must be between 0.5 and 3'],
    ['house', { limits: { anything: 1 } }, 'house.limits.anything: is not a known field'],
    ['house', { brief: {} }, 'house.brief: is not a known field'],
    ['house', [], 'house:'],
  ])('%s = %j: %s', (path, value, message) => {
    const lines = faults(withValue(path, value));
    expect(lines).toHaveLength(1);
    expect(lines[0]).toContain(message);
  });
  test('units stand in the messages’ names: a place is called as people call it', () => {
    expect(placeName(['brief', 'pokeMm', 'front', 'min'])).toBe('front · target, inner end');
    expect(placeName(['brief', 'remedies', 'trimPlastic'])).toBe('trimming plastic');
    expect(placeName(['brief', 'rules', 'winter'])).toBe('winter traction');
    expect(placeName(['vehicle', 'front', 'suspension', 'casterDeg'])).toBe('front · caster');
  });
});

describe('limits of the shop', () => {
  test('every one has a range that holds its usual value, and the schema knows it', () => {
    for (const [key, usual] of Object.entries(SHOP_LIMITS)) {
      const [least, most] = rangeOf(SHOP_LIMIT_FIELDS[key as keyof typeof SHOP_LIMITS]);
      expect(usual).toBeGreaterThanOrEqual(least);
      expect(usual).toBeLessThanOrEqual(most);
      expect(
        shopSchema.validate({ limits: { [key]: usual } } satisfies ShopDefaults, VALIDATION).error,
      ).toBeUndefined();
    }
  });
});
