import { useId, useState } from 'react';
import { barrelFault, spokeFault, weightsFault, type AxialPoint, type InnerFace } from '#core/brake';
import { DomainError } from '#core/errors';
import type { AxleName } from '#core/job';
import { formatNumber } from '#core/units';
import type * as OutlineCodec from '#formats/outline';
import type { Drawing, DrawnLine, Outboard, Placement } from '#formats/outline';
import { Notice } from '../controls/Notice';
import { Choice } from '../controls/Choice';
import { Dialog } from '../controls/Dialog';
import { useDocument } from '../../job/DocumentContext';
import { NumberField } from '../fields/NumberField';
import { readBeside } from '../../workers/drawings';
import { FileButton, FileFaults } from '../parts/FileButton';
import { DrawingPreview } from './DrawingPreview';
import './brakes.css';

interface DrawingDialogProps {
  axle: AxleName;
  close(): void;
}
type Wanted =
  | { of: 'brake'; takeOutline(outline: AxialPoint[]): void }
  | { of: 'face'; face: InnerFace; takeFace(face: InnerFace): void };

type Codec = typeof OutlineCodec;
interface Opened {
  name: string;
  drawing: Drawing;
  codec: Codec;
}

const UNITS = [
  { value: 1, label: 'millimeters' },
  { value: 10, label: 'centimetres' },
  { value: 25.4, label: 'inches' },
  { value: 25.4 / 96, label: 'pixels, 96 an inch' },
];
const WAYS: { value: Outboard; label: string }[] = [
  { value: 'right', label: 'to the right' },
  { value: 'left', label: 'to the left' },
  { value: 'up', label: 'upward' },
  { value: 'down', label: 'downward' },
];

/**
 * Takes a line out of an SVG or DXF drawing: its unit, its origin and which way is outboard are chosen, and what comes
 * of it is seen first.
 */
export function DrawingDialog(props: DrawingDialogProps & Wanted) {
  const { axle, close } = props;
  const { job } = useDocument();
  const [opened, setOpened] = useState<Opened | null>(null);
  const [refused, setRefused] = useState<{ name: string; faults: { path: string; message: string }[] } | null>(null);
  const [busy, setBusy] = useState(false);
  const [unitMm, setUnitMm] = useState<number | null>(null);
  const [outboard, setOutboard] = useState<Outboard>('right');
  const [origin, setOrigin] = useState({ x: 0, y: 0 });
  const [chosen, setChosen] = useState<Partial<Record<'outline' | 'barrel' | 'spoke', number>>>({});
  const open = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    const codec = await import('#formats/outline');
    // A file that is too large is not even read.
    const tooLarge = codec.sizeFault(file.size);
    const read =
      tooLarge === null
        ? await readBeside(file.name, new Uint8Array(await file.arrayBuffer()))
        : codec.wholeFile(tooLarge);
    setBusy(false);
    setRefused(read.faults ? { name: file.name, faults: read.faults } : null);
    setOpened(read.drawing ? { name: file.name, drawing: read.drawing, codec } : null);
    if (!read.drawing) return;
    const { drawing } = read;
    setUnitMm(drawing.unitMm);
    const fits = drawing.lines.findIndex(({ closed, fault }) => closed && fault === null);
    setChosen(props.of === 'brake' ? { outline: Math.max(0, fits) } : {});
  };
  const made =
    opened && unitMm !== null ? make({ props, opened, placement: { unitMm, origin, outboard }, chosen }) : null;
  const take = () => {
    if (!made?.shape) return;
    if (props.of === 'brake' && made.shape.outline) props.takeOutline(made.shape.outline);
    if (props.of === 'face') props.takeFace({ ...props.face, ...made.shape });
    close();
  };
  return (
    <Dialog
      onCancel={close}
      onOk={take}
      okText="Use this line"
      okDisabled={!made?.shape}
      title={
        props.of === 'brake' ? `Outline of the ${axle} brake, from a drawing` : 'Inner face of a wheel, from a drawing'
      }
      width={760}
    >
      <div className="drawing-dialog">
        <div className="drawing-fields">
          <FileButton
            label="SVG or DXF file"
            accept=".svg,.dxf,image/svg+xml"
            busy={busy}
            take={(file) => void open(file)}
          >
            {opened ? 'Choose another file' : 'SVG or DXF file'}
          </FileButton>
          {opened ? (
            <>
              <p className="soft brake-hint">
                {opened.name}: {opened.drawing.lines.length} {opened.drawing.lines.length === 1 ? 'line' : 'lines'};
                unit: {opened.drawing.unitSays}
                {opened.drawing.leftOut.length > 0 && `; left out: ${opened.drawing.leftOut.join(', ')}`}.
              </p>
              <Pick<number>
                label="One unit of the drawing is"
                value={unitMm}
                choose={setUnitMm}
                options={unitsFor(opened.drawing)}
                placeholder="choose: the file does not say"
              />
              <Pick<Outboard> label="Outboard lies" value={outboard} choose={setOutboard} options={WAYS} />
              <fieldset className="drawing-origin">
                <legend className="label">Hub axis meets the {props.of === 'brake' ? 'hub face' : 'pad'} at</legend>
                <NumberField
                  name="drawing/x"
                  value={origin.x}
                  commit={(x) => setOrigin({ ...origin, x: x ?? 0 })}
                  label="x"
                  range="drawnPlace"
                  width={6}
                />
                <NumberField
                  name="drawing/y"
                  value={origin.y}
                  commit={(y) => setOrigin({ ...origin, y: y ?? 0 })}
                  label="y"
                  range="drawnPlace"
                  width={6}
                />
              </fieldset>
              {(props.of === 'brake' ? (['outline'] as const) : (['barrel', 'spoke'] as const)).map((part) => (
                <Pick
                  key={part}
                  label={{ outline: 'Line to use', barrel: 'The barrel is', spoke: 'The back of the spokes is' }[part]}
                  value={chosen[part] ?? null}
                  choose={(line) => setChosen({ ...chosen, [part]: line })}
                  options={opened.drawing.lines.map((line, index) => ({ value: index, label: lineWords(line, index) }))}
                  placeholder="choose a line"
                />
              ))}
            </>
          ) : (
            !refused && (
              <p className="soft">
                A half section through the hub&apos;s axis: lines, arcs, circles, ellipses, polylines and splines.
                Curves become chords that leave them by no more than 0.05 mm.
              </p>
            )
          )}
          {refused && <FileFaults name={refused.name} faults={refused.faults} />}
          {made?.faults.map((fault) => (
            <Notice key={fault} kind="fault" title={fault} />
          ))}
        </div>
        {opened && unitMm !== null && (
          <DrawingPreview
            lines={made?.lines ?? []}
            other={props.of === 'brake' ? [] : (job.vehicle[axle]?.caliper?.outline ?? [])}
          />
        )}
      </div>
    </Dialog>
  );
}

const unitsFor = ({ unitMm }: Drawing) =>
  unitMm === null || UNITS.some(({ value }) => Math.abs(value - unitMm) < 1e-9)
    ? UNITS
    : [{ value: unitMm, label: `${formatNumber(unitMm, 4)} mm, as the file says` }, ...UNITS];

const lineWords = ({ name, points, closed, fault }: DrawnLine, index: number): string =>
  `${index + 1}: ${name}, ${fault ?? `${closed ? 'closed' : 'open'}, ${points.length} points`}`;

interface Made {
  shape: { outline?: AxialPoint[]; barrel?: AxialPoint[]; spoke?: AxialPoint[] } | null;
  /** As it would lie, whether it can be taken or not. */
  lines: { points: AxialPoint[]; closed: boolean }[];
  faults: string[];
}

/** What the chosen lines come to under a placement, with what keeps them from being taken. */
function make({
  props,
  opened: { drawing, codec },
  placement,
  chosen,
}: {
  props: Wanted;
  opened: Opened;
  placement: Placement;
  chosen: Partial<Record<'outline' | 'barrel' | 'spoke', number>>;
}): Made {
  const made: Made = { shape: {}, lines: [], faults: [] };
  for (const [part, index] of Object.entries(chosen) as ['outline' | 'barrel' | 'spoke', number][]) {
    const line = drawing.lines[index]!;
    try {
      made.lines.push({ points: codec.placed(line, placement), closed: line.closed });
      const points = part === 'outline' ? codec.outlineFrom(line, placement) : codec.placed(line, placement);
      const fault = part === 'barrel' ? barrelFault(points) : part === 'spoke' ? spokeFault(points) : null;
      if (fault) throw new DomainError(`as a ${part} it ${fault}`);
      made.shape![part] = points;
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      made.faults.push(`Line ${index + 1} ${error.message}.`);
    }
  }
  const weights = props.of === 'face' ? (props.face.weights ?? []) : [];
  if (made.shape!.barrel && weightsFault(weights, made.shape!.barrel) !== null)
    made.faults.push('The weights of this wheel would not lie on that barrel: take their zones away first.');
  if (made.faults.length > 0 || Object.keys(made.shape!).length === 0) made.shape = null;
  return made;
}

interface PickProps<T extends string | number> {
  label: string;
  value: T | null;
  choose(value: T): void;
  options: readonly { value: T; label: string }[];
  placeholder?: string;
}

function Pick<T extends string | number>({ label, value, choose, options, placeholder }: PickProps<T>) {
  const id = useId();
  return (
    <div className="field">
      <label className="label" htmlFor={id}>
        {label}
      </label>
      <Choice<T>
        id={id}
        value={value}
        placeholder={placeholder}
        style={{ width: '100%' }}
        options={[...options]}
        onChange={choose}
      />
    </div>
  );
}
