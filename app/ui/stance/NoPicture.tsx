import { useMemo } from 'react';
import { axleParts, candidateCase } from '#core/evaluate';
import type { Setup } from '#core/job';
import type { Pose } from '#core/kinematics';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useSightText } from '../../job/useSight';
import { cornerExtent, numbersOf, sceneOf } from '../space/scene';
import { ThreeViews } from '../space/ThreeViews';
import './stance.css';

/** Where a browser draws nothing in three dimensions: says so, and shows the corner in three drawings. */
export function NoPicture({ setup, pose }: { setup: Setup; pose: Pose }) {
  const { job } = useDocument();
  const { axle, side } = useSelection();
  const [chosen, choose] = useSightText('part');
  const placed = axleParts(job.vehicle, axle);
  const one = useMemo(() => candidateCase(job, setup, axle), [job, setup, axle]);
  const scene = useMemo(() => sceneOf({ axleParts: placed, side, pose }), [placed, side, pose]);
  const extent = useMemo(() => cornerExtent(placed, side, [placed.present, one?.solid ?? null]), [placed, side, one]);
  return (
    <div className="stance-flat">
      <p role="status">
        This browser does not draw in three dimensions (WebGL is off or missing), so the corner is shown in three
        drawings. The figures are the same; the 3-D file can still be saved and opened elsewhere.
      </p>
      <ThreeViews
        extent={extent}
        scene={scene}
        present={placed.present}
        subject={one?.solid ?? null}
        subjectIs="candidate"
        geometry={placed.resolved.geometry}
        groundUp={null}
        chosen={chosen}
        choose={choose}
        numbers={numbersOf(scene)}
        description={`The ${axle} ${side} corner in three drawings`}
        controls={null}
      >
        <p className="soft">Numbers are the parts of this corner, as at the Room.</p>
      </ThreeViews>
    </div>
  );
}
