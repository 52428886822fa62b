import type { AxleName } from '#core/job';
import type { Side } from '#core/sweep';
import { usePresentCorner } from '../room/usePresentCorner';
import { anchors } from '../sheet/anchors';
import { Dimension } from '../sheet/Dimension';
import { SectionSheet } from '../sheet/SectionSheet';
import './measure.css';

/** The corner that is measured, as it fills: pale where nothing was read yet. */
export function MeasureSection({ axle, side }: { axle: AxleName; side: Side }) {
  const { room, shown } = usePresentCorner(axle, side);
  return (
    <div className="measure-section">
      <SectionSheet
        {...shown}
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
