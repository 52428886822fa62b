import type { Transaction } from 'sequelize';
import { setPlace, type ShopDefaults } from '#core/job';
import { faultsOf, shopSchema, type Fault } from '#formats/job';
import { VALIDATION } from '#formats/rules';
import { rowsOf, write } from './database/connection';
import { ShopDefaultsRow, JobRow } from './database/models';

const ONLY = 1;

/** The shop defaults that verdicts rest on; prices, papers and reminders move none. */
const JUDGED_BY: readonly string[] = ['limits', 'rules', 'ownError'] satisfies (keyof ShopDefaults)[];

/** The shop's own limits, rules and prices; empty where it has none of its own. */
export async function readShopDefaults(transaction?: Transaction): Promise<ShopDefaults> {
  const sql = 'SELECT document FROM house WHERE id = $1';
  const [row] = await rowsOf<{ document: string }>(sql, [ONLY], transaction);
  return row ? (JSON.parse(row.document) as ShopDefaults) : {};
}

/**
 * Sets one shop default, or with null gives it back its default. Where verdicts rest on it, every job is judged anew.
 * @returns the shop defaults as they are now, or what is wrong with the value
 */
export async function setShopDefaults(
  path: readonly string[],
  value: unknown,
): Promise<{ house: ShopDefaults } | { faults: Fault[] }> {
  return write(async (transaction) => {
    const asked = setPlace(await readShopDefaults(transaction), path, value ?? undefined);
    const { value: house, error } = shopSchema.validate(asked, VALIDATION);
    if (error) return { faults: faultsOf(error) };
    await ShopDefaultsRow.upsert({ id: ONLY, document: house }, { transaction });
    if (JUDGED_BY.includes(path[0]!)) await JobRow.update({ standing: null }, { where: {}, silent: true, transaction });
    return { house };
  });
}
