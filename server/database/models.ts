import type { InstrumentMark, ShopInstrument } from '#core/instrument';
import type { Instrument } from '#core/uncertainty';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { FittedError } from '#core/calibration';
import type { Edit, ShopDefaults, Job } from '#core/job';
import type { ShelfItem, ShelfKind } from '#core/shelf';
import type { ListMapping } from '#formats/priceList';
import type { ListKind } from '#formats/priceList/columns';
import type { RulesMoved, Standing, WaitsFor } from '#core/standing';

/** A job: its document (car, brief, setups) without the history of its readings. */
export class JobRow extends Model<InferAttributes<JobRow>, InferCreationAttributes<JobRow>> {
  declare id: string;
  declare number: number;
  declare title: string;
  declare car: string;
  declare document: Job;
  declare revision: number;
  declare waitsFor: WaitsFor;
  declare setupCount: CreationOptional<number>;
  /** Worked out when a list first asks for it; null since the last change. */
  declare standing: CreationOptional<Standing | null>;
  /** What other rules made of kept verdicts, until somebody has seen it. */
  declare rulesMoved: CreationOptional<RulesMoved | null>;
  /** From when its torque waits to be checked, with the odometer then; null where it does not. */
  declare retorqueFrom: CreationOptional<Date | null>;
  declare retorqueOdometerKm: CreationOptional<number | null>;
  /** Name, contact, plate and VIN, for a search. */
  declare customer: CreationOptional<string>;
  /** When the fitting began that is under way, or is to begin. */
  declare fittingAt: CreationOptional<Date | null>;
  /** Whether a fitting of it is finished; how many were held against their predictions, null since the last change. */
  declare isFitted: CreationOptional<boolean | null>;
  declare comparedFittings: CreationOptional<number | null>;
  declare archivedAt: CreationOptional<Date | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

/** How far off one figure was that was read at a finished fitting. Of a job that changes they go by themselves. */
export class FittedErrorRow extends Model<InferAttributes<FittedErrorRow>, InferCreationAttributes<FittedErrorRow>> {
  declare jobId: string;
  declare fitting: string;
  declare corner: FittedError['corner'];
  declare figure: FittedError['figure'];
  declare family: FittedError['family'];
  declare predicted: number;
  declare measured: number;
  declare at: string;
  declare error: number;
  declare plusMinus: number;
  declare measuringPlusMinus: number;
}

/** One reading as it was taken. Rows are added, never overwritten; an undo marks them withdrawn. */
export class ReadingRow extends Model<InferAttributes<ReadingRow>, InferCreationAttributes<ReadingRow>> {
  declare id: CreationOptional<number>;
  declare jobId: string;
  declare corner: string;
  declare key: string;
  declare value: number | null;
  declare uncertaintyMm: number | null;
  declare instrument: Instrument | null;
  declare shopInstrument: CreationOptional<InstrumentMark | null>;
  declare fromJob: CreationOptional<string | null>;
  declare takenAt: Date;
  declare revision: number;
  declare withdrawn: CreationOptional<boolean>;
}

/** One saved change with the edits that take it back. */
export class ChangeRow extends Model<InferAttributes<ChangeRow>, InferCreationAttributes<ChangeRow>> {
  declare id: CreationOptional<number>;
  declare jobId: string;
  declare revision: number;
  declare kind: 'edit' | 'undo' | 'redo';
  declare label: string;
  declare edits: Edit[];
  declare inverse: Edit[];
  /** `done` can be undone, `undone` can be redone; everything else is `past`. */
  declare state: 'done' | 'undone' | 'past';
  declare createdAt: CreationOptional<Date>;
}

/** Something the shop keeps. */
export class ShelfRow extends Model<InferAttributes<ShelfRow>, InferCreationAttributes<ShelfRow>> {
  declare id: string;
  declare kind: ShelfKind;
  declare name: string;
  declare sortKey: string;
  declare item: ShelfItem;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

/** What is put by of an item of the shelf for a setup, and what was taken off the shelf for it. */
export class TakenRow extends Model<InferAttributes<TakenRow>, InferCreationAttributes<TakenRow>> {
  declare id: CreationOptional<number>;
  declare jobId: string;
  declare setup: string;
  declare itemId: string;
  declare reserved: number;
  declare used: number;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

/** An instrument that the shop knows by name. */
export class InstrumentRow extends Model<InferAttributes<InstrumentRow>, InferCreationAttributes<InstrumentRow>> {
  declare id: string;
  declare name: string;
  declare instrument: Omit<ShopInstrument, 'id' | 'name'>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

/** A supplier's list, with how it is read; `earlier` is the one that the current one replaced. */
export class PriceListRow extends Model<InferAttributes<PriceListRow>, InferCreationAttributes<PriceListRow>> {
  declare id: string;
  declare supplier: string;
  declare kind: ListKind;
  declare fileName: string;
  declare mapping: ListMapping;
  declare count: number;
  /** The JSON text of its items. */
  declare items: string;
  declare state: 'current' | 'earlier';
  declare createdAt: CreationOptional<Date>;
}

/** The shop's own limits, rules and prices; one row. */
export class ShopDefaultsRow extends Model<InferAttributes<ShopDefaultsRow>, InferCreationAttributes<ShopDefaultsRow>> {
  declare id: number;
  declare document: ShopDefaults;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

/** What the shop has set about the server itself. */
export class SettingRow extends Model<InferAttributes<SettingRow>, InferCreationAttributes<SettingRow>> {
  declare name: string;
  declare value: unknown;
}

/** A device that was let in, known by the hash of what it carries. */
export class DeviceRow extends Model<InferAttributes<DeviceRow>, InferCreationAttributes<DeviceRow>> {
  declare id: string;
  declare tokenHash: string;
  declare label: string;
  declare createdAt: CreationOptional<Date>;
  declare seenAt: Date;
}

/** Ties the models to a database. */
export function defineModels(sequelize: Sequelize): void {
  const common = { sequelize, underscored: true };
  JobRow.init(
    {
      id: { type: DataTypes.STRING, primaryKey: true },
      number: { type: DataTypes.INTEGER, allowNull: false },
      title: { type: DataTypes.STRING, allowNull: false },
      car: { type: DataTypes.STRING, allowNull: false },
      document: { type: DataTypes.JSON, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      waitsFor: { type: DataTypes.STRING, allowNull: false },
      setupCount: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
      standing: DataTypes.JSON,
      rulesMoved: DataTypes.JSON,
      retorqueFrom: DataTypes.DATE,
      retorqueOdometerKm: DataTypes.DOUBLE,
      fittingAt: DataTypes.DATE,
      customer: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
      isFitted: DataTypes.BOOLEAN,
      comparedFittings: DataTypes.INTEGER,
      archivedAt: DataTypes.DATE,
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
    },
    { ...common, tableName: 'jobs' },
  );
  FittedErrorRow.init(
    {
      jobId: { type: DataTypes.STRING, allowNull: false },
      fitting: { type: DataTypes.STRING, allowNull: false },
      corner: { type: DataTypes.STRING, allowNull: false },
      figure: { type: DataTypes.STRING, allowNull: false },
      family: { type: DataTypes.STRING, allowNull: false },
      predicted: { type: DataTypes.DOUBLE, allowNull: false },
      measured: { type: DataTypes.DOUBLE, allowNull: false },
      at: { type: DataTypes.STRING, allowNull: false },
      error: { type: DataTypes.DOUBLE, allowNull: false },
      plusMinus: { type: DataTypes.DOUBLE, allowNull: false },
      measuringPlusMinus: { type: DataTypes.DOUBLE, allowNull: false },
    },
    { ...common, tableName: 'fitted_errors', timestamps: false },
  );
  FittedErrorRow.removeAttribute('id');
  ReadingRow.init(
    {
      id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      jobId: { type: DataTypes.STRING, allowNull: false },
      corner: { type: DataTypes.STRING, allowNull: false },
      key: { type: DataTypes.STRING, allowNull: false },
      value: DataTypes.DOUBLE,
      uncertaintyMm: DataTypes.DOUBLE,
      instrument: DataTypes.STRING,
      shopInstrument: DataTypes.JSON,
      fromJob: DataTypes.STRING,
      takenAt: { type: DataTypes.DATE, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      withdrawn: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
    },
    { ...common, tableName: 'readings', timestamps: false },
  );
  ChangeRow.init(
    {
      id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      jobId: { type: DataTypes.STRING, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      kind: { type: DataTypes.STRING, allowNull: false },
      label: { type: DataTypes.STRING, allowNull: false },
      edits: { type: DataTypes.JSON, allowNull: false },
      inverse: { type: DataTypes.JSON, allowNull: false },
      state: { type: DataTypes.STRING, allowNull: false },
      createdAt: DataTypes.DATE,
    },
    { ...common, tableName: 'changes', updatedAt: false },
  );
  ShelfRow.init(
    {
      id: { type: DataTypes.STRING, primaryKey: true },
      kind: { type: DataTypes.STRING, allowNull: false },
      name: { type: DataTypes.STRING, allowNull: false },
      sortKey: { type: DataTypes.STRING, allowNull: true },
      item: { type: DataTypes.JSON, allowNull: false },
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
    },
    { ...common, tableName: 'store_items' },
  );
  TakenRow.init(
    {
      id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      jobId: { type: DataTypes.STRING, allowNull: false },
      setup: { type: DataTypes.STRING, allowNull: false },
      itemId: { type: DataTypes.STRING, allowNull: false },
      reserved: { type: DataTypes.INTEGER, allowNull: false },
      used: { type: DataTypes.INTEGER, allowNull: false },
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
    },
    { ...common, tableName: 'taken_parts' },
  );
  InstrumentRow.init(
    {
      id: { type: DataTypes.STRING, primaryKey: true },
      name: { type: DataTypes.STRING, allowNull: false },
      instrument: { type: DataTypes.JSON, allowNull: false },
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
    },
    { ...common, tableName: 'instruments' },
  );
  PriceListRow.init(
    {
      id: { type: DataTypes.STRING, primaryKey: true },
      supplier: { type: DataTypes.STRING, allowNull: false },
      kind: { type: DataTypes.STRING, allowNull: false },
      fileName: { type: DataTypes.STRING, allowNull: false },
      mapping: { type: DataTypes.JSON, allowNull: false },
      count: { type: DataTypes.INTEGER, allowNull: false },
      items: { type: DataTypes.TEXT, allowNull: false },
      state: { type: DataTypes.STRING, allowNull: false },
      createdAt: DataTypes.DATE,
    },
    { ...common, tableName: 'price_lists', updatedAt: false },
  );
  ShopDefaultsRow.init(
    {
      id: { type: DataTypes.INTEGER, primaryKey: true },
      document: { type: DataTypes.JSON, allowNull: false },
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
    },
    { ...common, tableName: 'house' },
  );
  SettingRow.init(
    { name: { type: DataTypes.STRING, primaryKey: true }, value: { type: DataTypes.JSON, allowNull: false } },
    { ...common, tableName: 'settings', timestamps: false },
  );
  DeviceRow.init(
    {
      id: { type: DataTypes.STRING, primaryKey: true },
      tokenHash: { type: DataTypes.STRING, allowNull: false },
      label: { type: DataTypes.STRING, allowNull: false },
      createdAt: DataTypes.DATE,
      seenAt: { type: DataTypes.DATE, allowNull: false },
    },
    { ...common, tableName: 'devices', updatedAt: false },
  );
}
