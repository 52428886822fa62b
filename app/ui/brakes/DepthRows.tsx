import {
  faceFromDepths,
  weightsFault,
  type DepthRow,
  type AxialPoint,
  type InnerFace,
  type WeightZone,
} from '#core/brake';
import { DomainError } from '#core/errors';
import { backspacingMm } from '#core/wheel';
import { Button } from '../controls/Button';
import { useLengths } from '../../preferences/PreferencesContext';
import { FigureRows } from './FigureRows';
import { wholeRows, type Row } from './figures';
import { DepthPicture } from './ReachPicture';
import { useDraft } from './useDraft';
import './brakes.css';

interface DepthRowsProps {
  name: string;
  face: InnerFace;
  rimWidthIn: number;
  offsetMm: number;
  flangeMm: number;
  take(face: InnerFace): void;
}

interface Draft {
  barrel: Row<keyof DepthRow>[];
  spoke: Row<keyof DepthRow>[];
  weights: Row<keyof WeightZone>[];
}

const DEPTHS = [
  { key: 'radiusMm', label: 'Radius', range: 'radiusMm' },
  { key: 'depthMm', label: 'Depth', range: 'depthMm' },
] as const;
const ZONES = [
  { key: 'fromMm', label: 'From depth', range: 'depthMm' },
  { key: 'toMm', label: 'To depth', range: 'depthMm' },
  { key: 'heightMm', label: 'Height', range: 'weightHeightMm' },
] as const;

/**
 * Depths read from a straightedge across the back flange, at radii from the axis: barrel, spokes, and where weights
 * stick.
 */
export function DepthRows({ name, face, rimWidthIn, offsetMm, flangeMm, take }: DepthRowsProps) {
  const lengths = useLengths();
  const backMm = backspacingMm({ rimWidthIn, offsetMm, flangeMm, convention: 'overall' });
  const [draft, setDraft] = useDraft<Draft>(name);
  const now = draft ?? depthsOf(face, backMm);
  const judged = judge(now, backMm);
  const change = (next: Draft) => {
    const { made } = judge(next, backMm);
    if (made === null) return setDraft(next);
    setDraft(null);
    // Depths that began as a drawing's are no longer all a drawing's, nor all measured.
    take({ ...made, origin: face.origin === 'file' || face.origin === 'typed' ? 'typed' : 'straightedge' });
  };
  const faultOf = (list: 'barrel' | 'spoke') =>
    judged.list === list ? { row: judged.row, message: judged.fault! } : null;
  return (
    <>
      <DepthPicture />
      <p className="soft brake-hint">
        Straightedge across the back flange, {lengths.text(backMm)} inboard of the pad (overall backspacing).
      </p>
      <h2 className="label">Barrel, from the flange outward</h2>
      <FigureRows
        name={`${name}/barrel`}
        of="Barrel depth"
        columns={DEPTHS}
        rows={now.barrel}
        change={(barrel) => change({ ...now, barrel })}
        fault={faultOf('barrel')}
      />
      <h2 className="label">Back of the spokes, from the rim inward</h2>
      <FigureRows
        name={`${name}/spoke`}
        of="Spoke depth"
        columns={DEPTHS}
        rows={now.spoke}
        change={(spoke) => change({ ...now, spoke })}
        fault={faultOf('spoke')}
      />
      <h2 className="label">Balance weights on the barrel</h2>
      <FigureRows
        name={`${name}/weights`}
        of="Zone"
        columns={ZONES}
        rows={now.weights}
        change={(weights) => change({ ...now, weights })}
      />
      {draft !== null && judged.fault !== null && judged.list === null && (
        <div className="brake-not-yet" role="status">
          <span>No face yet: {judged.fault}.</span>
          <Button size="small" kind="text" onClick={() => setDraft(null)}>
            Discard these
          </Button>
        </div>
      )}
    </>
  );
}

/** A face as the depths that give it. */
function depthsOf({ barrel, spoke, weights }: InnerFace, backMm: number): Draft {
  const depth = (mm: number) => Math.round((mm + backMm) * 1000) / 1000;
  const rows = (line: readonly AxialPoint[] | undefined) =>
    (line ?? []).map(({ a, r }) => ({ radiusMm: r, depthMm: depth(a) }));
  return {
    barrel: rows(barrel && (barrel[0]!.a <= barrel.at(-1)!.a ? barrel : barrel.toReversed())),
    spoke: rows(spoke && (spoke[0]!.r >= spoke.at(-1)!.r ? spoke : spoke.toReversed())),
    weights: (weights ?? []).map(({ fromMm, toMm, heightMm }) => ({
      fromMm: depth(fromMm),
      toMm: depth(toMm),
      heightMm,
    })),
  };
}

interface Judged {
  made: InnerFace | null;
  fault: string | null;
  list: 'barrel' | 'spoke' | null;
  row: number;
}

function judge({ barrel, spoke, weights }: Draft, backMm: number): Judged {
  const not = (fault: string): Judged => ({ made: null, fault, list: null, row: 0 });
  const [ofBarrel, ofSpoke] = [wholeRows(barrel, ['radiusMm', 'depthMm']), wholeRows(spoke, ['radiusMm', 'depthMm'])];
  const zones = wholeRows(weights, ['fromMm', 'toMm', 'heightMm']);
  if (!ofBarrel || !ofSpoke || !zones) return not('enter both figures');
  if (ofBarrel.length === 1 || ofSpoke.length === 1) return not('a line needs two depths at least');
  try {
    const face: InnerFace = faceFromDepths(backMm, ofBarrel, ofSpoke);
    const placed = zones.map(({ fromMm, toMm, heightMm }) => ({
      fromMm: fromMm - backMm,
      toMm: toMm - backMm,
      heightMm,
    }));
    const fault = weightsFault(placed, face.barrel);
    if (fault) return not(`weights: ${fault}`);
    return { made: { ...face, ...(placed.length > 0 ? { weights: placed } : {}) }, fault: null, list: null, row: 0 };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    const [list, row] = error.path.split('.');
    return {
      made: null,
      fault: error.message,
      list: list === 'barrel' || list === 'spoke' ? list : null,
      row: Number(row),
    };
  }
}
