import { fittingErrors } from '#core/calibration';
import type { Fitting } from '#core/fitting';
import type { Edit, Job } from '#core/job';
import { customerOptions, type CustomerOptions } from '#core/customer';
import { paperSteps, stepsOfFitting } from '#core/sheet';
import { jobStanding } from '#core/standing';
import { readJobFile } from '#formats/job';
import type * as Pdf from '#formats/pdf';
import type { CustomerSheet, GaugeCard, JobSheet, OrderList, PdfFonts, Template } from '#formats/pdf';
import type { UnitChoice } from '#core/units';
import type { Fault } from '#formats/faults';
import type { ShelfItem } from '#core/shelf';
import type { ListAsk } from '../priceLists/look';
import { editedJob } from './editedJob';
import type { LogAsked } from './logFile';
import type { CalendarAsked } from './reminders';
import type { StanceFileAsked } from './stanceFile';
import type { WholeAsked } from './wholeJobs';

// A thread that judges jobs, as most of them do, holds nothing of what papers, tables, zips and pictures are made with.
const onPaper = async <T>(draw: (pdf: typeof Pdf, fonts: PdfFonts) => T): Promise<Awaited<T>> => {
  const [pdf, { paperFonts }] = await Promise.all([import('#formats/pdf'), import('./fonts')]);
  return await draw(pdf, paperFonts());
};
const shelf = () => import('#formats/shelf');
const rows = () => import('./shelfRows');
const photos = () => import('./photos');
const wholeJobs = () => import('./wholeJobs');

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
  async readShelf(bytes: Uint8Array): Promise<{ rows: string; faults?: never } | { rows?: never; faults: Fault[] }> {
    const { items, faults } = (await shelf()).readShelfFile(bytes);
    return faults ? { faults } : { rows: (await rows()).shelfRows(items) };
  },
  shelfRows: async (items: readonly ShelfItem[]) => (await rows()).shelfRows(items),
  /** A supplier's list, as it is read; or what keeps it from being read. */
  lookAtList: async (ask: ListAsk) => (await import('../priceLists/look')).lookAtList(ask),
  jobFile: async (asked: WholeAsked) => (await wholeJobs()).jobFileOf(asked),
  packedJob: async (asked: WholeAsked) => (await wholeJobs()).packedJobOf(asked),
  logFile: async (asked: LogAsked) => (await import('./logFile')).logFile(asked),
  /** Everything the shop has, into a file. */
  archive: async (file: string) => (await import('./archiveFile')).archiveFile(file),
  checkArchive: async (file: string) => (await import('./archives')).checkedArchive(file),
  writeShelf: async (text: string) => (await shelf()).writeShelfFile(JSON.parse(text) as ShelfItem[]),
  gaugeCard: (card: GaugeCard) => onPaper((pdf, fonts) => pdf.gaugeCardPdf(card, fonts)),
  template: (template: Template) => onPaper((pdf, fonts) => pdf.templatePdf(template, fonts)),
  calendar: async (asked: CalendarAsked) => (await import('./reminders')).calendarFile(asked),
  cleanLogo: async (bytes: Uint8Array) => (await import('../photos/logo')).cleanLogo(bytes),
  keepPhoto: async (bytes: Uint8Array) => (await photos()).keptPhoto(bytes),
  /** The job of a zip that lies in a file, its photos kept. */
  takeJobZip: async (file: string) => (await photos()).jobOfZip(file),
  fittingErrors: (job: Job) => fittingErrors(job),
  customerSheet: ({ job, setups, unit, ...sheet }: CustomerSheetAsked) =>
    onPaper((pdf, fonts) => pdf.customerSheetPdf({ ...sheet, ...customerOptions(job, setups, { unit }) }, fonts)),
  stanceFile: async (ask: StanceFileAsked) => (await import('./stanceFile')).stanceFile(ask),
  orderList: (list: OrderList) => onPaper((pdf, fonts) => pdf.orderListPdf(list, fonts)),
  jobSheet({ job, fitting, ...sheet }: JobSheetAsked) {
    const steps = paperSteps(stepsOfFitting(job, fitting, { unit: sheet.unit }));
    return onPaper((pdf, fonts) => pdf.jobSheetPdf({ ...sheet, steps }, fonts));
  },
} as const;

export type TaskName = keyof typeof TASKS;
export type TaskInput<K extends TaskName> = Parameters<(typeof TASKS)[K]>[0];
export type TaskAnswer<K extends TaskName> = Awaited<ReturnType<(typeof TASKS)[K]>>;
