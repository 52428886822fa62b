import { freshDatabase } from '#support/freshDatabase';
import { example } from '#support/jobs';
import { listJobs } from './bench';
import { JobRow } from './database/models';
import { createJob, openJob } from './jobs';
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
    const [first, second] = await list();
    expect([first!.id, second!.id]).toEqual([broken, sound]);
    expect(second!.standing).toMatchObject({ waitsFor: 'decision' });
    if (column === 'document') {
      expect(first!.standing).toBe('damaged');
      await expect(openJob(broken)).rejects.toThrow(SyntaxError);
    }
    expect((await openJob(sound))!.job).toEqual(example());
  },
);
