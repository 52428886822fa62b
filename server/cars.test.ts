import type { Job } from '#core/job';
import { freshDatabase } from '#support/freshDatabase';
import { demoJob } from '#support/jobs';
import { carOf, carsLike } from './cars';
import { createJob } from './jobs';
import { openJob } from './openJob';

freshDatabase();

const kite = demoJob('brindle-kite');
const named = (label: string, job: Job = kite): Job => ({ ...job, vehicle: { ...job.vehicle, label } });
const shifted = (mm: number): Job => {
  const job = structuredClone(named('Brindle kite'));
  job.vehicle.front!.room!.outboardGapMm! += mm;
  return job;
};

test('cars are found by their label, of the same kind first; those that nobody measured are not', async () => {
  const first = await createJob(named('Brindle Kite'));
  const wagon = await createJob(named('Brindle Kite Wagon'));
  await createJob({ format: 'scoval.job', version: 1, vehicle: { label: 'Brindle Kite' }, setups: [] });
  await createJob(named('Velder Two'));
  expect((await carsLike('brindle-KITE')).map(({ id }) => id)).toEqual([first, wagon]);
  expect((await carsLike('kite wag')).map(({ id }) => id)).toEqual([wagon]);
  expect(await carsLike('')).toEqual([]);
  expect(await carsLike('%')).toEqual([]);
  const [found] = await carsLike('brindle kite');
  expect(found).toMatchObject({ number: 'SK-001', car: 'Brindle Kite', spread: { cars: 1, isOwn: false } });
  expect(found!.groups).toContain('room');
});

test('a new job begins with another car’s readings; its own spread counts from the third car on', async () => {
  const ids = [await createJob(named('Brindle Kite')), await createJob(shifted(2))];
  const readings = async (from: string) => {
    const vehicle = (await carOf(from, ['room', 'parts']))!;
    const open = (await openJob(await createJob({ ...kite, vehicle: { ...vehicle, label: 'Brindle Kite' } })))!;
    return open.readings.filter(({ key, corner }) => key === 'room.outboardGapMm' && corner === 'front');
  };
  const [first] = await readings(ids[0]!);
  expect(first).toMatchObject({ value: kite.vehicle.front!.room!.outboardGapMm, fromJob: 'SK-001' });
  expect(first!.uncertaintyMm).toBeGreaterThan(4);
  // The job that has begun with them is no third car.
  expect((await carsLike('brindle kite'))[0]!.spread).toEqual({ plusMinusMm: 4, cars: 2, isOwn: false });
  await createJob(shifted(-2));
  const { spread } = (await carsLike('brindle kite'))[0]!;
  expect(spread).toMatchObject({ cars: 3, isOwn: true });
  // 0, 2 and −2 mm at one place of six, the others alike: √(8 / 12) is their pooled standard deviation.
  expect(spread.plusMinusMm).toBeCloseTo(2 * Math.SQRT2 * Math.sqrt(8 / 12), 6);
  const [again] = await readings(ids[0]!);
  expect(again!.uncertaintyMm).toBeLessThan(first!.uncertaintyMm!);
});

test('a job that is gone has no car', async () => expect(await carOf('nobody', ['room'])).toBeNull());
