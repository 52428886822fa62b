import type { Point3 } from '#core/kinematics';
import { Button } from '../controls/Button';
import { CloseOutlined, PlusOutlined } from '../controls/icons';
import { LengthField } from '../fields/LengthField';
import './room.css';

interface PointRowsProps {
  name: string;
  points: readonly Partial<Point3>[];
  change(points: Partial<Point3>[]): void;
}

const AXES: readonly (readonly [keyof Point3, string])[] = [
  ['out', 'Out'],
  ['fwd', 'Forward'],
  ['up', 'Up'],
];

/** One point, or the corners of an edge, from the center of the hub face at rest: out, forward, up. */
export function PointRows({ name, points, change }: PointRowsProps) {
  const set = (row: number, key: keyof Point3, value: number | null) =>
    change(
      points.map((point, index) => {
        if (index !== row) return point;
        const { [key]: _, ...rest } = point;
        return value === null ? rest : { ...rest, [key]: value };
      }),
    );
  return (
    <div className="point-rows">
      <p className="soft">From the center of the hub face, at rest. Two or more points make an edge.</p>
      {points.map((point, row) => (
        <div className="point-row" key={row} role="group" aria-label={`Point ${row + 1}`}>
          {AXES.map(([key, label]) => (
            <LengthField
              key={key}
              name={`${name}/points/${row}/${key}`}
              label={label}
              range="placeMm"
              width={5}
              value={point[key] ?? null}
              commit={(value) => set(row, key, value)}
            />
          ))}
          {points.length > 1 && (
            <Button
              size="small"
              kind="text"
              icon={<CloseOutlined />}
              aria-label={`Delete point ${row + 1}`}
              onClick={() => change(points.filter((_, index) => index !== row))}
            />
          )}
        </div>
      ))}
      <Button size="small" icon={<PlusOutlined />} onClick={() => change([...points, {}])}>
        Add a point
      </Button>
    </div>
  );
}
