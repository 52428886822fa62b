import { useMemo } from 'react';
import { fitPresent, wheelSection } from '#core/evaluate';
import { roomOn, type AxleName } from '#core/job';
import type { Side } from '#core/sweep';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { usualCorner } from '../room/usualCorner';
import { anchors } from '../sheet/anchors';
import { Dimension } from '../sheet/Dimension';
import { SectionSheet } from '../sheet/SectionSheet';
import './measure.css';

/** The corner that is measured, as it fills: pale where nothing was read yet. */
export function MeasureSection({ axle, side }: { axle: AxleName; side: Side }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const subject = useMemo(() => wheelSection(fitPresent(job.vehicle, axle)), [job.vehicle, axle]);
  const standIn = useMemo(() => usualCorner(job.vehicle, axle, side), [job.vehicle, axle, side]);
  const room = roomOn(job.vehicle[axle], side);
  return (
    <div className="measure-section">
      <SectionSheet
        job={job}
        axle={axle}
        side={side}
        subject={subject}
        subjectIs="present"
        standIn={standIn}
        description={
          `The ${axle} ${side} corner: tuck ${lengths.text(room.outboardGapMm)}, inner clearance` +
          ` ${lengths.text(room.inboardGapMm)}, fender clearance ${lengths.text(room.archGapMm)}`
        }
        dimensions={(scale, corner) => {
          const a = anchors({ scale, corner, subject: corner.present, archGapMm: room.archGapMm ?? null });
          return (
            <>
              {a.outer && room.outboardGapMm != null && <Dimension {...a.outer} tone="tone-layout" />}
              {a.inner && room.inboardGapMm != null && <Dimension {...a.inner} tone="tone-layout" />}
              {a.arch && room.archGapMm != null && <Dimension {...a.arch} tone="tone-layout" />}
            </>
          );
        }}
        slots={() => ({})}
        figures={{}}
        fields={{}}
        list={null}
        asList
      />
    </div>
  );
}
