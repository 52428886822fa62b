import { nanoid } from 'nanoid';
import { Op } from 'sequelize';
import type { ShopInstrument } from '#core/instrument';
import { database, write } from './database/connection';
import { InstrumentRow } from './database/models';

/** No shop has more. */
export const MOST_INSTRUMENTS = 200;

const instrumentOf = ({ id, name, instrument }: InstrumentRow): ShopInstrument => ({ id, name, ...instrument });

/** The instruments that the shop knows, by name. */
export async function listInstruments(): Promise<ShopInstrument[]> {
  await database();
  return (await InstrumentRow.findAll({ order: [['name', 'ASC']] })).map(instrumentOf);
}

/**
 * Adds an instrument, or changes the one of that id; says why where it does not: two of one name could not be told
 * apart.
 */
export function saveInstrument(
  id: string | null,
  { name, ...instrument }: Omit<ShopInstrument, 'id'>,
): Promise<'saved' | 'twin' | 'gone' | 'full'> {
  return write(async (transaction) => {
    const others = id === null ? {} : { id: { [Op.ne]: id } };
    if (await InstrumentRow.findOne({ where: { name, ...others }, transaction })) return 'twin';
    if (id === null) {
      if ((await InstrumentRow.count({ transaction })) >= MOST_INSTRUMENTS) return 'full';
      await InstrumentRow.create({ id: nanoid(10), name, instrument }, { transaction });
      return 'saved';
    }
    const row = await InstrumentRow.findByPk(id, { transaction });
    await row?.update({ name, instrument }, { transaction });
    return row ? 'saved' : 'gone';
  });
}

/** Keeps which port an instrument has; all else of it stays as it is now. */
export async function keepPort(id: string, port: ShopInstrument['line']['port']): Promise<void> {
  await write(async (transaction) => {
    const row = await InstrumentRow.findByPk(id, { transaction });
    const { instrument } = row ?? {};
    if (instrument)
      await row!.update({ instrument: { ...instrument, line: { ...instrument.line, port } } }, { transaction });
  });
}

/** Takes an instrument off the list; the readings that were taken with it keep its name. */
export async function removeInstrument(id: string): Promise<void> {
  await write((transaction) => InstrumentRow.destroy({ where: { id }, transaction }));
}
