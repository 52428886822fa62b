import type { Edit, Job } from '#core/job';
import { jobStanding } from '#core/standing';
import { readJobFile } from '#formats/job';
import { gaugeCardPdf, templatePdf, type GaugeCard, type Template } from '#formats/pdf';
import { readShelfFile } from '#formats/shelf';
import { editedJob } from './editedJob';
import { paperFonts } from './fonts';

/** What takes long and is done beside the requests: each takes one value and answers with one. */
export const TASKS = {
  standing: (job: Job) => jobStanding(job),
  readJob: (bytes: Uint8Array) => readJobFile(new TextDecoder().decode(bytes)),
  editJob: ({ job, edits }: { job: Job; edits: Edit[] }) => editedJob(job, edits),
  readShelf: (bytes: Uint8Array) => readShelfFile(bytes),
  gaugeCard: (card: GaugeCard) => gaugeCardPdf(card, paperFonts()),
  template: (template: Template) => templatePdf(template, paperFonts()),
} as const;

export type TaskName = keyof typeof TASKS;
export type TaskInput<K extends TaskName> = Parameters<(typeof TASKS)[K]>[0];
export type TaskAnswer<K extends TaskName> = Awaited<ReturnType<(typeof TASKS)[K]>>;
