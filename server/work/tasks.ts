import { fittingErrors } from '#core/calibration';
import type { Fitting } from '#core/fitting';
import type { Edit, Job } from '#core/job';
import { customerOptions, type CustomerOptions } from '#core/customer';
import { paperSteps, stepsOfFitting } from '#core/sheet';
import { jobStanding } from '#core/standing';
import { packArchive, type Archive } from '#formats/archive';
import { readJobFile } from '#formats/job';
import {
  customerSheetPdf,
  gaugeCardPdf,
  jobSheetPdf,
  orderListPdf,
  templatePdf,
  type CustomerSheet,
  type GaugeCard,
  type JobSheet,
  type OrderList,
  type Template,
} from '#formats/pdf';
import type { UnitChoice } from '#core/units';
import type { Fault } from '#formats/faults';
import { readShelfFile, writeShelfFile } from '#formats/shelf';
import type { ShelfItem } from '#core/shelf';
import { cleanLogo } from '../photos/logo';
import { lookAtList, type ListAsk } from '../priceLists/look';
import { shelfRows } from './shelfRows';
import { archiveOfZip } from './archives';
import { editedJob } from './editedJob';
import { paperFonts } from './fonts';
import { jobOfZip, keptPhoto } from './photos';
import { stanceFile, type StanceFileAsked } from './stanceFile';

/** A job sheet, with the fitting that it is made for. */
export interface JobSheetAsked extends Omit<JobSheet, 'steps'> {
  job: Job;
  fitting: Pick<Fitting, 'kind' | 'corners'>;
}

/** A customer's sheet, with the setups that are its options. */
export interface CustomerSheetAsked extends Omit<CustomerSheet, keyof CustomerOptions> {
  job: Job;
  setups: readonly string[];
  unit: UnitChoice;
}

/** What takes long and is done beside the requests: each takes one value and answers with one. */
export const TASKS = {
  standing: (job: Job) => jobStanding(job),
  readJob: (bytes: Uint8Array) => readJobFile(new TextDecoder().decode(bytes)),
  editJob: ({ job, edits }: { job: Job; edits: Edit[] }) => editedJob(job, edits),
  /** The rows of a file of the shelf, to be taken in; or what is wrong with it. */
  readShelf(bytes: Uint8Array): { rows: string; faults?: undefined } | { rows?: undefined; faults: Fault[] } {
    const { items, faults } = readShelfFile(bytes);
    return faults ? { faults } : { rows: shelfRows(items) };
  },
  shelfRows: (items: readonly ShelfItem[]) => shelfRows(items),
  /** A supplier's list, as it is read; or what keeps it from being read. */
  lookAtList: (ask: ListAsk) => lookAtList(ask),
  packArchive: (archive: Archive) => packArchive(archive),
  readArchive: (bytes: Uint8Array) => archiveOfZip(bytes),
  writeShelf: (text: string) => writeShelfFile(JSON.parse(text) as ShelfItem[]),
  gaugeCard: (card: GaugeCard) => gaugeCardPdf(card, paperFonts()),
  template: (template: Template) => templatePdf(template, paperFonts()),
  cleanLogo: (bytes: Uint8Array) => cleanLogo(bytes),
  keepPhoto: (bytes: Uint8Array) => keptPhoto(bytes),
  /** The job of a zip that lies in a file, its photos kept. */
  takeJobZip: (file: string) => jobOfZip(file),
  fittingErrors: (job: Job) => fittingErrors(job),
  customerSheet: ({ job, setups, unit, ...sheet }: CustomerSheetAsked) =>
    customerSheetPdf({ ...sheet, ...customerOptions(job, setups, { unit }) }, paperFonts()),
  stanceFile: (ask: StanceFileAsked) => stanceFile(ask),
  orderList: (list: OrderList) => orderListPdf(list, paperFonts()),
  jobSheet: ({ job, fitting, ...sheet }: JobSheetAsked) =>
    jobSheetPdf({ ...sheet, steps: paperSteps(stepsOfFitting(job, fitting, { unit: sheet.unit })) }, paperFonts()),
} as const;

export type TaskName = keyof typeof TASKS;
export type TaskInput<K extends TaskName> = Parameters<(typeof TASKS)[K]>[0];
export type TaskAnswer<K extends TaskName> = Awaited<ReturnType<(typeof TASKS)[K]>>;
