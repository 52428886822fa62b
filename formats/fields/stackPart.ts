import { BORE_FORMS, LIP_FORMS } from '#core/centering';
import { readThread, SEATS } from '#core/fastener';
import type { StackPart } from '#core/job';
import { STACK_KINDS } from '#core/stack';
import { choice, figure, text, written, type FieldsOf } from './field';
import { PRICED } from './priced';

/** A piece of the stack. */
export const STACK_PART = {
  kind: choice('kind', STACK_KINDS, { needed: true }),
  label: text('name', 120),
  massKg: figure('weight', 'massKg'),
  thicknessMm: figure('spacer thickness', 'thicknessMm'),
  innerBoreMm: figure('bore', 'boreMm'),
  boreDepthMm: figure('straight depth of the bore', 'boreDepthMm'),
  boreForm: choice('edge of the bore', BORE_FORMS),
  lipMm: figure('height of its lip', 'lipMm'),
  lipForm: choice('form of the lip', LIP_FORMS),
  outerLipMm: figure('diameter of its lip', [0, 250]),
  seatThicknessMm: figure('thickness under the lug seat', 'seatThicknessMm'),
  thread: written('thread', readThread, { most: 20 }),
  studLengthMm: figure('length of its studs', 'fastenerLengthMm'),
  seat: choice('seat', SEATS),
  toLugCount: figure('lug count at the wheel', 'lugCount', { whole: true }),
  toBoltCircleMm: figure('bolt circle at the wheel', 'boltCircleMm'),
  torqueNm: figure('torque', 'torqueNm'),
  outerMm: figure('outer diameter', 'ringMm'),
  innerMm: figure('inner diameter', 'ringMm'),
  ...PRICED,
} as const satisfies FieldsOf<StackPart>;
