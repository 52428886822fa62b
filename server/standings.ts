import { isCurrent, rulesMoved, type RulesMoved, type Standing } from '#core/standing';
import { log } from './base/log';
import { database, write } from './database/connection';
import { JobRow } from './database/models';
import { noteDamaged } from './damaged';
import { readShopDefaults } from './shopDefaults';
import { inWorker, TooLong } from './work/pool';
import { inTurn } from './work/turns';

/** How long the setups of a job may take to judge. */
const JUDGE_MS = 60_000;

/** What stands of a row: enough to know what is to be judged, and whether it has moved on since. */
export type Judgeable = Pick<JobRow, 'id' | 'revision' | 'standing'>;

/** Where a job stands, and what other rules made of what was kept; `moved` is null where nothing is new. */
export interface Judged {
  standing: Standing;
  moved: RulesMoved | null;
}

const running = new Map<string, Promise<Judged | null>>();
/** Jobs that took too long, by their revision: not tried again until they are changed or the server is started anew. */
const tooLong = new Set<string>();

const keyOf = ({ id, revision }: Judgeable): string => `${id}@${revision}`;

/** Whether a job's setups take longer to judge than they may. */
export const isTooLong = (row: Judgeable): boolean => tooLong.has(keyOf(row));

/**
 * Where a job stands under the present rules: as it was kept, or judged now, beside the requests and one job after the
 * other. Null where that cannot be said: it took too long, or the job has moved on.
 */
export function judged(row: Judgeable): Promise<Judged | null> {
  if (row.standing && isCurrent(row.standing)) return Promise.resolve({ standing: row.standing, moved: null });
  const key = keyOf(row);
  if (tooLong.has(key)) return Promise.resolve(null);
  const known = running.get(key);
  if (known) return known;
  const result = inTurn('nobody', () => judge(row));
  running.set(key, result);
  void result.then(() => running.delete(key));
  return result;
}

/**
 * Judges a job's setups and keeps the outcome with its row, unless the row has moved on. Where verdicts were kept under
 * other rules and are others now, that is kept too.
 */
async function judge({ id, revision, standing: kept }: Judgeable): Promise<Judged | null> {
  try {
    await database();
    // What is kept of an earlier judgement may be damaged: it is made anew.
    const row = await JobRow.findByPk(id, { attributes: ['revision', 'document'] });
    if (!row || row.revision !== revision) return null;
    const house = await readShopDefaults();
    const standing = await inWorker('standing', { ...row.document, house }, JUDGE_MS);
    const moved = kept && rulesMoved(kept, standing);
    return await write(async (transaction) => {
      // The shop has changed its limits meanwhile: this is an answer to what nobody asks any more.
      if (JSON.stringify(await readShopDefaults(transaction)) !== JSON.stringify(house)) return null;
      await JobRow.update(
        { standing, ...(moved ? { rulesMoved: moved } : {}) },
        { where: { id, revision }, silent: true, transaction },
      );
      return { standing, moved };
    });
  } catch (error) {
    if (error instanceof SyntaxError) noteDamaged(id);
    if (error instanceof TooLong) tooLong.add(keyOf({ id, revision, standing: null }));
    log.warn({ job: id, why: error instanceof Error ? error.message : String(error) }, 'a job was not judged');
    return null;
  }
}

/** Everything that was to be judged is. */
export async function allJudged(): Promise<void> {
  while (running.size > 0) await Promise.all(running.values());
}
