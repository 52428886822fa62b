import { useState } from 'react';
import { useFetcher } from 'react-router';
import {
  outlineFault,
  judgeReach,
  reachOf,
  withReach,
  withoutRepeats,
  type ReachReadings,
  type ReachRow,
  type AxialPoint,
  type Caliper,
} from '#core/brake';
import type { AxleName } from '#core/job';
import { caliperFromShelf, itemName, type ShelfItem } from '#core/shelf';
import { Button } from '../controls/Button';
import { DeedChoice } from '../controls/DeedChoice';
import { DeleteOutlined } from '../controls/icons';
import { useDocument } from '../../job/DocumentContext';
import { useReplaceItem, useShelf } from '../../job/ShelfContext';
import { LengthField } from '../fields/LengthField';
import { TextField } from '../fields/TextField';
import { useEditAt } from '../parts/useEditAt';
import type { ShelfAnswer } from '../shelf/shelfCommands';
import { WordSwitch } from '../parts/WordSwitch';
import { DrawingDialog } from './DrawingDialog';
import { FigureRows } from './FigureRows';
import { wholeRows, type Row } from './figures';
import { ReachPicture } from './ReachPicture';
import { ShapeFiles } from './ShapeFiles';
import { useDraft } from './useDraft';
import './brakes.css';

type Way = 'reach' | 'corners';
const WAYS: readonly (readonly [Way, string])[] = [
  ['reach', 'Readings'],
  ['corners', 'Points'],
];

/** The brake of an axle: what it is, and its outline from readings, corners, a drawing or the shelf. */
export function CaliperPanel({ axle, files }: { axle: AxleName; files: string }) {
  const { job } = useDocument();
  const editAt = useEditAt();
  const shelf = useShelf();
  const [drawing, setDrawing] = useState(false);
  const caliper = job.vehicle[axle]?.caliper ?? {};
  const path = ['vehicle', axle, 'caliper'];
  const [way, setWay] = useState<Way>(caliper.origin === 'typed' || caliper.origin === 'file' ? 'corners' : 'reach');
  // What was read with a straightedge is not what another outline comes from.
  const { reach: _, outline: _known, ...bare } = caliper;
  const take = (outline: AxialPoint[], origin: NonNullable<Caliper['origin']>) =>
    editAt(path, { ...bare, outline, origin });
  const kept = shelf.filter(({ kind }) => kind === 'caliper');
  return (
    <>
      <form className="brake-form" aria-label={`Brake, ${axle}`} onSubmit={(event) => event.preventDefault()}>
        <div className="field-wrap">
          <TextField
            name={[...path, 'label'].join('/')}
            value={caliper.label ?? null}
            commit={(label) => editAt([...path, 'label'], label)}
            label="Brake"
            width={20}
          />
          <LengthField
            name={[...path, 'rotorDiameterMm'].join('/')}
            value={caliper.rotorDiameterMm ?? null}
            commit={(mm) => editAt([...path, 'rotorDiameterMm'], mm)}
            label="Rotor ⌀"
            range="rotorDiameterMm"
            width={6}
          />
        </div>
        {kept.length > 0 && (
          <DeedChoice
            aria-label="Take a brake from the shelf"
            placeholder="from the shelf"
            style={{ width: '100%' }}
            options={kept.map((item) => ({ value: itemName(item), label: itemName(item) }))}
            onChange={(name) => {
              const item = kept.find((one) => itemName(one) === name);
              if (item) editAt(path, caliperFromShelf(item));
            }}
          />
        )}
        <KeepBrake caliper={caliper} />
        <h2 className="label">{caliper.outline ? `Outline, ${caliper.outline.length} points` : 'Outline, none yet'}</h2>
        <div className="brake-tools">
          <WordSwitch<Way>
            label="How the outline is given"
            tip="Measured on the car, or point by point"
            options={WAYS}
            value={way}
            choose={setWay}
          />
          <Button size="small" onClick={() => setDrawing(true)}>
            From a drawing …
          </Button>
        </div>
        {way === 'reach' ? (
          <Reaches key={axle} axle={axle} caliper={caliper} change={(next) => editAt(path, next)} />
        ) : (
          <Corners key={axle} axle={axle} caliper={caliper} take={(outline) => take(outline, 'typed')} />
        )}
        {caliper.outline && (
          <div className="brake-tools">
            <ShapeFiles href={`${files}&of=brake`} />
            <Button size="small" icon={<DeleteOutlined />} onClick={() => editAt(path, bare)}>
              Delete the outline
            </Button>
          </div>
        )}
      </form>
      {drawing && (
        <DrawingDialog
          of="brake"
          axle={axle}
          takeOutline={(outline) => take(outline, 'file')}
          close={() => setDrawing(false)}
        />
      )}
    </>
  );
}

/** Puts the brake of this car, with its outline, on the parts shelf. */
function KeepBrake({ caliper }: { caliper: Caliper }) {
  const fetcher = useFetcher<ShelfAnswer>();
  const replace = useReplaceItem();
  const [sent, setSent] = useState<string | null>(null);
  if (!caliper.outline) return null;
  const name = caliper.label?.trim() ?? '';
  const fault = fetcher.state === 'idle' ? (fetcher.data?.faults[0]?.message ?? null) : null;
  const keep = () => {
    const { outline, rotorDiameterMm } = caliper;
    const item: ShelfItem = { kind: 'caliper', name, outline, ...(rotorDiameterMm == null ? {} : { rotorDiameterMm }) };
    setSent(name);
    replace(item);
    void fetcher.submit(JSON.parse(JSON.stringify({ intent: 'save', id: null, item })), {
      method: 'post',
      action: '/shelf',
      encType: 'application/json',
    });
  };
  return (
    <div className="brake-tools">
      <Button size="small" disabled={name === ''} onClick={keep}>
        Save this brake to the shelf
      </Button>
      <span className="soft" role="status">
        {name === '' ? 'it needs a name first' : fault !== null ? fault : sent === name ? 'kept' : ''}
      </span>
    </div>
  );
}

interface OutlineProps {
  axle: AxleName;
  caliper: Caliper;
  take(outline: AxialPoint[]): void;
}

/** Corner by corner, closed from the last to the first. */
function Corners({ axle, caliper, take }: OutlineProps) {
  const name = `brake-corners/${axle}`;
  const [draft, setDraft] = useDraft<Row<'a' | 'r'>[]>(name);
  const rows = draft ?? caliper.outline ?? [];
  const whole = wholeRows(rows, ['a', 'r']);
  const fault = draft === null ? null : whole === null ? 'enter both figures' : outlineFault(whole);
  const change = (next: Row<'a' | 'r'>[]) => {
    const points = wholeRows(next, ['a', 'r']);
    if (points === null || outlineFault(points) !== null) return setDraft(next);
    setDraft(null);
    take(withoutRepeats(points));
  };
  return (
    <>
      <p className="soft brake-hint">
        From the hub face, + outboard; from the hub&apos;s axis. The last point joins the first.
      </p>
      <FigureRows
        name={name}
        of="Corner"
        columns={[
          { key: 'a', label: 'From face', range: 'axialPlaceMm' },
          { key: 'r', label: 'From axis', range: 'radiusMm' },
        ]}
        rows={rows}
        change={change}
      />
      {fault !== null && <NotYet fault={fault} drop={() => setDraft(null)} />}
    </>
  );
}

/** What keeps typed figures from being an outline, and the way back to the one that counts. */
const NotYet = ({ fault, drop }: { fault: string; drop(): void }) => (
  <div className="brake-not-yet" role="status">
    <span>No outline yet: {fault}.</span>
    <Button size="small" kind="text" onClick={drop}>
      Discard these
    </Button>
  </div>
);

function Reaches({ axle, caliper, change }: { axle: AxleName; caliper: Caliper; change(next: Caliper): void }) {
  const name = `brake-reach/${axle}`;
  const now = reachOf(caliper);
  const judged = judgeReach(now);
  const rows = (now.rows ?? []).map(({ radiusMm, reachMm }): Row<keyof ReachRow> => ({
    ...(radiusMm == null ? {} : { radiusMm }),
    ...(reachMm == null ? {} : { reachMm }),
  }));
  const put = (next: ReachReadings) => change(withReach(caliper, next));
  return (
    <>
      <ReachPicture />
      <p className="soft brake-hint">
        Wheel off, car on stands. Lay a straightedge across the hub face; at each radius, measure how far the brake
        stands outboard of it. The largest radius is its outer edge.
      </p>
      <FigureRows
        name={name}
        of="Reach"
        columns={[
          { key: 'radiusMm', label: 'Radius', range: 'radiusMm' },
          { key: 'reachMm', label: 'Reach', range: 'reachMm' },
        ]}
        rows={rows}
        change={(next) => put({ ...now, rows: next })}
        fault={judged.row === null ? null : { row: judged.row, message: judged.fault! }}
      />
      <LengthField
        name={`${name}/back`}
        value={now.backMm ?? null}
        commit={(backMm) => put({ ...now, backMm })}
        label="Back of the brake, from the face (− inboard)"
        range="reachMm"
        width={6}
      />
      {caliper.reach && judged.fault !== null && judged.row === null && (
        <NotYet fault={judged.fault} drop={() => change(withReach(caliper, {}))} />
      )}
    </>
  );
}
