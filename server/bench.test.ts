import { freshDatabase } from '#support/freshDatabase';
import { example } from '#support/jobs';
import { listJobs } from './bench';
import { findDamaged } from './damaged';
import { JobRow } from './database/models';
import { createJob } from './jobs';
import { openJob } from './openJob';
import { allJudged } from './standings';

freshDatabase();

const list = async () => {
  const query = { search: '', waitsFor: null, archived: false, sort: 'number', descending: false, page: 1 } as const;
  return (await listJobs(query)).jobs;
};

test.each(['document', 'standing', 'rules_moved'])(
  'a %s that is damaged is one row, never the whole bench',
  async (column) => {
    const [broken, sound] = [await createJob(example()), await createJob(example())];
    await list();
    await allJudged();
    await JobRow.sequelize!.query(`UPDATE jobs SET ${column} = '{"cut' WHERE id = ?`, { replacements: [broken] });
    await list();
    await allJudged();
    await findDamaged();
    const [first, second] = await list();
    expect([first!.id, second!.id]).toEqual([broken, sound]);
    expect(second!.standing).toMatchObject({ waitsFor: 'decision' });
    if (column === 'document') {
      expect(first!.standing).toBe('damaged');
      await expect(openJob(broken)).rejects.toThrow(SyntaxError);
    } else expect(first!.standing).toMatchObject({ waitsFor: 'decision' });
    expect((await openJob(sound))!.job).toEqual(example());
  },
);

test('lists read no documents: they stand last, and no list asks for more than an index holds', async () => {
  const rows = async (sql: string) => (await JobRow.sequelize!.query(sql))[0] as { name: string; detail: string }[];
  await list();
  expect((await rows('PRAGMA table_info(jobs)')).at(-1)!.name).toBe('document');
  for (const [order, index] of [
    ['updated_at DESC, number', 'jobs_by_updated'],
    ['number', 'jobs_by_number'],
    ['title, number', 'jobs_by_title'],
    ['car, number', 'jobs_by_car'],
  ]) {
    const plan = await rows(`EXPLAIN QUERY PLAN SELECT number FROM jobs WHERE archived_at IS NULL ORDER BY ${order}`);
    expect(plan[0]!.detail).toContain(`USING COVERING INDEX ${index}`);
  }
});

test('a document that cannot be read when it is judged is said to be damaged', async () => {
  const broken = await createJob(example());
  await JobRow.sequelize!.query(`UPDATE jobs SET document = '{"cut' WHERE id = ?`, { replacements: [broken] });
  await list();
  await allJudged();
  expect((await list())[0]!.standing).toBe('damaged');
});

test('a search goes by beginnings of words in title, car and customer, or by a number', async () => {
  const named = (label: string, title: string, more: object = {}) =>
    createJob({ ...example(), title, vehicle: { ...example().vehicle, label }, ...more });
  const customer = { name: 'Zoë Ångström', plate: 'AB-12 CD', vin: 'XX0KT26W000012345' };
  const coupe = await named('Velder Two coupé', 'wider', { customer });
  const kite = await named('Brindle Kite', 'winter "set"');
  const found = async (search: string) => {
    const query = { search, waitsFor: null, archived: false, sort: 'number', descending: false, page: 1 } as const;
    const { jobs, total } = await listJobs(query);
    expect(total).toBe(jobs.length);
    return jobs.map(({ id }) => id);
  };
  for (const search of ['coupe', 'COUPÉ', 'vel two', 'zoe ang', 'ab-12', 'ab12', '2345', 'sk-001', '1'])
    expect([search, await found(search)]).toEqual([search, [coupe]]);
  expect(await found('kite "set')).toEqual([kite]);
  expect(await found('ite')).toEqual([]);
  // Adlam is younger than the index's own letters; ½ is a number that nothing begins with.
  for (const odd of ['"', '*', ' : ', 'title:', '^', '- NOT -', '𞤀𞤣', '½', 'a\u0000b', '(', 'kite" OR "'])
    await found(odd);
  expect(await found('" *')).toEqual([coupe, kite]);
  // Kept by the database itself: whoever changes a job, or takes it away.
  await JobRow.update({ title: 'summer' }, { where: { id: kite } });
  expect([await found('winter'), await found('summ')]).toEqual([[], [kite]]);
  await JobRow.destroy({ where: { id: coupe } });
  expect(await found('coupe')).toEqual([]);
});
