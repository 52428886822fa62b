import { useMemo } from 'react';
import { fitPresent, wheelSection } from '#core/evaluate';
import { roomOn, type AxleName } from '#core/job';
import type { Side } from '#core/sweep';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { usualCorner } from './usualCorner';

/** The corner that is on the car, as the section shows it: what was read, and in pale what nobody has read yet. */
export function usePresentCorner(axle: AxleName, side: Side) {
  const { job } = useDocument();
  const lengths = useLengths();
  const subject = useMemo(() => wheelSection(fitPresent(job.vehicle, axle)), [job.vehicle, axle]);
  const standIn = useMemo(() => usualCorner(job.vehicle, axle, side), [job.vehicle, axle, side]);
  const room = roomOn(job.vehicle[axle], side);
  return {
    room,
    /** What the section is given. */
    shown: {
      job,
      axle,
      side,
      subject,
      subjectIs: 'present' as const,
      standIn,
      description:
        `Section of the present ${axle} ${side} wheel: tuck ${lengths.text(room.outboardGapMm)}, inner clearance` +
        ` ${lengths.text(room.inboardGapMm)}, fender clearance ${lengths.text(room.archGapMm)}`,
    },
  };
}
