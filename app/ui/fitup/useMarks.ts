import { useState } from 'react';
import {
  correctedByMark,
  figureSure,
  partFromMark,
  partsAtMark,
  type MarkedCorner,
  type MarkedPart,
} from '#core/evaluate';
import { DomainError } from '#core/errors';
import { keptPrediction, placeOfCorner, type Corner, type Fitting, type Mark } from '#core/fitting';
import type { AxleName, Edit, Job, Setup } from '#core/job';
import { travelRange } from '#core/suspension';
import { readingPose, type Obstacle } from '#core/sweep';
import { roundTo } from '#core/units';
import { useDocument } from '../../job/DocumentContext';
import { freeId } from '../../job/freeId';
import { useSightText } from '../../job/useSight';
import { tidied } from '../notes/noteEdits';
import { freePartId } from '../room/partDraft';
import { timeIn } from './fittingEdits';
import { useReportOf } from './useFittings';

/** A mark while it is being told: where it is may still be missing. */
export type MarkDraft = Partial<Omit<Mark, 'id'>> & { id: string | null };

interface MarksAsk {
  fitting: Fitting;
  corner: Corner;
  setup: Setup;
}

/** The marks of a corner, the one in hand, and what it says of the parts around the wheel. */
export function useMarks({ fitting, corner, setup }: MarksAsk) {
  const { job, edit } = useDocument();
  const [chosen, choose] = useSightText('mark');
  const [begun, begin] = useState<MarkDraft | null>(null);
  const marks = fitting.corners[corner]?.marks ?? [];
  const picked = marks.find(({ id }) => id === chosen) ?? null;
  const inHand: MarkDraft | null = picked ?? begun;
  const list = ['fittings', fitting.id, 'corners', corner, 'marks'];
  const at: MarkedCorner = { job, setup, corner };
  const { axle } = placeOfCorner(corner);
  const reportOf = useReportOf();
  const obstacles = job.vehicle[axle]?.obstacles ?? [];
  const put = (next: readonly Obstacle[]): Edit => ({ op: 'set', path: ['vehicle', axle, 'obstacles'], value: next });
  const named = (mark: Mark, part: string): Edit => ({ op: 'set', path: [...list, mark.id, 'on'], value: part });
  /** What was predicted is kept before the reading is corrected: free and found touching is worth most. */
  const kept = (mark: Mark, { id, clearanceMm }: MarkedPart): Edit[] => {
    const figure = `obstacle:${id}` as const;
    const pose = readingPose(mark);
    if (keptPrediction(fitting.corners[corner]!, { figure, ...pose })) return [];
    const sure = figureSure(job, reportOf(setup)[axle], figure);
    const value = { figure, ...pose, valueMm: roundTo(clearanceMm, 2), ...sure };
    return [{ op: 'add', path: ['fittings', fitting.id, 'corners', corner, 'predicted'], value }];
  };
  return {
    marks,
    /** Where the wheel rests with this setup, mm of travel. */
    restMm: restMmOf(setup, axle),
    inHand,
    chosen: picked?.id ?? null,
    choose(id: string | null) {
      begin(null);
      choose(id);
    },
    begin(draft: MarkDraft) {
      choose(null);
      begin(draft);
    },
    /** Takes a change of the mark in hand; one that says where it is goes into the job. */
    change(next: MarkDraft) {
      const { id, surface, clockDeg } = next;
      if (surface === undefined || clockDeg === undefined) return begin(next);
      if (id !== null) {
        const was = marks.find((one) => one.id === id)!;
        const edits = (Object.keys({ ...was, ...next }) as (keyof Mark)[]).flatMap((key): Edit[] => {
          if (was[key] === next[key]) return [];
          const path = [...list, id, key];
          return [next[key] == null ? { op: 'clear', path } : { op: 'set', path, value: next[key] }];
        });
        if (edits.length > 0) edit(...edits);
        return;
      }
      const takenAt = timeIn(fitting, new Date());
      const mark: Mark = { ...next, id: freeId('m', marks), surface, clockDeg, takenAt };
      edit({ op: 'add', path: list, value: mark });
      begin(null);
      choose(mark.id);
    },
    remove(mark: Mark) {
      edit(...tidied(job, [{ op: 'remove', path: list, value: mark }]));
      choose(null);
    },
    /** Where the job keeps a mark. */
    placeOf: ({ id }: Mark): string[] => [...list, id],
    /** The part's own reading is corrected: it touches the wheel there. One that nobody measured becomes a part. */
    correct(mark: Mark, part: MarkedPart) {
      const measured = obstacles.find(({ id }) => id === part.id);
      if (!measured) return this.makePart(mark, part);
      edit(
        ...kept(mark, part),
        put(obstacles.map((one) => (one === measured ? correctedByMark(at, mark, measured) : one))),
        named(mark, part.id),
      );
    },
    /** The mark becomes a part of its own. */
    makePart(mark: Mark, like?: MarkedPart) {
      const kind = like?.isAssumed ? 'fender-lip' : 'liner';
      const id = freePartId(kind, obstacles);
      const part = partFromMark(at, mark, { id, kind, label: like?.label ?? 'Where it touched' });
      edit(put([...obstacles, part]), named(mark, id));
    },
    /** The parts near a mark; a mark that is not on the wheel says so. */
    partsAt: (mark: Mark): { parts: MarkedPart[]; fault: string | null } => partsOrFault(at, mark),
  };
}

export type Marks = ReturnType<typeof useMarks>;

function partsOrFault(at: MarkedCorner, mark: Mark): { parts: MarkedPart[]; fault: string | null } {
  try {
    return { parts: partsAtMark(at, mark), fault: null };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { parts: [], fault: error.message };
  }
}

/** Where a wheel rests after a change of the suspension, mm of travel. */
export const restMmOf = ({ suspensionChange }: Setup, axle: AxleName): number =>
  travelRange({ bumpMm: 0, droopMm: 0 }, suspensionChange?.[axle]).restMm;

/** A job's setup that a corner carries; null once it is gone. */
export const setupAt = ({ setups }: Job, { corners }: Fitting, corner: Corner): Setup | null =>
  setups.find(({ id }) => id === corners[corner]?.setup) ?? null;
