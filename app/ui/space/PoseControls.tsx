import type { Pose } from '#core/kinematics';
import type { SuspensionGeometry } from '#core/suspension';
import { formatNumber } from '#core/units';
import { Button } from '../controls/Button';
import { Slider } from '../controls/Slider';
import { useLengths } from '../../preferences/PreferencesContext';
import './space.css';

interface PoseControlsProps {
  geometry: SuspensionGeometry | null;
  pose: Pose;
  travel: readonly [number, number] | null;
  /** Where the wheel rests, mm of travel. */
  restMm: number;
  move(pose: Pose): void;
}

/** Steer and travel of the drawings; arrow keys move them too. */
export function PoseControls({ geometry, pose, travel, restMm, move }: PoseControlsProps) {
  const lengths = useLengths();
  if (!geometry || !travel) return null;
  const steers = geometry.lockInDeg + geometry.lockOutDeg > 0;
  return (
    <div className="pose-controls" role="group" aria-label="Wheel position in the drawings">
      {steers && (
        <label>
          <span className="label">
            Steer <b className="figure">{formatNumber(pose.steerDeg, 1, true)}°</b>
          </span>
          <Slider
            min={-geometry.lockInDeg}
            max={geometry.lockOutDeg}
            step={1}
            value={pose.steerDeg}
            onChange={(steerDeg) => move({ ...pose, steerDeg })}
            label="Steer, degrees, plus leading edge out"
          />
        </label>
      )}
      {travel[1] > travel[0] && (
        <label>
          <span className="label">
            Wheel travel <b className="figure">{lengths.text(pose.travelMm - restMm, true)}</b>
          </span>
          <Slider
            min={travel[0]}
            max={travel[1]}
            step={1}
            value={pose.travelMm}
            onChange={(travelMm) => move({ ...pose, travelMm })}
            label="Travel, mm, plus up"
          />
        </label>
      )}
      <Button size="small" onClick={() => move({ steerDeg: 0, travelMm: restMm })}>
        Straight, at rest
      </Button>
    </div>
  );
}
