import type { DryFit, DryFitResult } from '#core/centering';
import { useState } from 'react';
import { boreFault, type PatternReading } from '#core/hub';
import type { AxleName, Setup, StackPart, Wheel } from '#core/job';
import { itemName, wheelFromShelf, type ShelfItem } from '#core/shelf';
import { Button } from '../controls/Button';
import { FindChoice } from '../controls/FindChoice';
import { Dialog } from '../controls/Dialog';
import { useDocument } from '../../job/DocumentContext';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField } from '../fields/LengthField';
import { NumberField } from '../fields/NumberField';
import { ThreadField } from '../fields/TextField';
import { useTool } from '../help/useTool';
import { PatternFinder } from '../hub/PatternFinder';
import { useEditAt } from '../parts/useEditAt';
import { useFieldOver } from '../parts/useFieldOver';
import { BORE_FORMS, DRY_FIT_NAMES, DRY_FIT_RESULTS, NUTS, SEATS } from '../fields/choices';
import './hardware.css';

interface WheelFieldsProps {
  setup: Setup;
  axle: AxleName;
  shelf: readonly ShelfItem[];
}

/** The wheel where it meets the hub, and what holds it there. */
export function WheelFields({ setup, axle, shelf }: WheelFieldsProps) {
  const { job, edit } = useDocument();
  const editAt = useEditAt();
  const [finding, setFinding] = useState(false);
  const candidate = setup[axle] ?? {};
  const wheel = candidate.wheel ?? {};
  const own = candidate.fastener ?? {};
  const fastener = job.vehicle[axle]?.hub?.fastener;
  const base = ['setups', setup.id, axle];
  const fieldOver = useFieldOver();
  const over = <T,>(path: string[], value: T | null | undefined) => fieldOver([...base, ...path], value);
  const of = <K extends keyof Wheel>(key: K) => over(['wheel', key], wheel[key]);
  const kept = shelf.filter(({ kind }) => kind === 'wheel');
  const bolt = fastener?.kind === 'bolt';
  return (
    <>
      <section className="field-group" aria-label="Wheel at the hub">
        <h2 className="label">Wheel at the hub</h2>
        <div className="field-wrap">
          <NumberField {...of('lugCount')} label="Holes" range="lugCount" whole width={3} />
          <LengthField
            {...of('boltCircleMm')}
            label="Bolt circle"
            range="boltCircleMm"
            width={6}
            check={(mm) => boreFault(wheel.boreMm, mm) && 'must be larger than the bore'}
          />
          <Button size="small" className="piece-button" onClick={() => setFinding(true)}>
            From two holes
          </Button>
          <LengthField
            {...of('boreMm')}
            label="Center bore"
            range="boreMm"
            width={6}
            check={(mm) => boreFault(mm, wheel.boltCircleMm)}
          />
          <LengthField
            {...of('padThicknessMm')}
            label="Thickness under the lug seat"
            range="padThicknessMm"
            width={6}
          />
          <ChoiceField label="Seat" value={wheel.seat ?? null} choices={SEATS} commit={of('seat').commit} width={116} />
          <LengthField {...of('pocketDepthMm')} label="Stud pockets" range="pocketDepthMm" width={6} />
        </div>
        <details className="field-more">
          <summary>Bore, lug holes and cap</summary>
          <div className="field-wrap">
            <LengthField {...of('boreDepthMm')} label="Bore, straight depth" range="boreDepthMm" width={6} />
            <ChoiceField
              label="Edge of the bore"
              value={wheel.boreForm ?? null}
              choices={BORE_FORMS}
              commit={of('boreForm').commit}
              width={126}
            />
            <LengthField {...of('capDepthMm')} label="Pad to center cap" range="boreDepthMm" width={6} />
            <LengthField {...of('lugHoleMm')} label="Lug hole ⌀" range="studHoleMm" width={6} />
            <LengthField {...of('seatDiameterMm')} label="Seat ⌀" range="seatDiameterMm" width={6} />
          </div>
        </details>
        <FindChoice
          aria-label="Take a wheel from the shelf"
          placeholder="Take a wheel from the shelf …"
          empty="No wheels are kept yet: add them on the shelf."
          style={{ width: '16.25rem' }}
          options={kept.map((item, at) => ({ value: at, label: itemName(item) }))}
          take={(at) => edit({ op: 'set', path: [...base, 'wheel'], value: wheelFromShelf(kept[at]!) })}
        />
      </section>
      <section className="field-group" aria-label="Fasteners">
        <h2 className="label">{bolt ? 'Bolts' : 'Nuts and studs'} of this setup</h2>
        <div className="field-wrap">
          <LengthField
            {...over(['fastener', 'lengthMm'], own.lengthMm)}
            label={bolt ? 'Bolt length' : 'New stud length'}
            range="fastenerLengthMm"
            width={6}
            placeholder={fastener?.lengthMm == null ? '—' : 'as now'}
          />
          <ThreadField {...over(['fastener', 'thread'], own.thread)} label={bolt ? 'Bolt thread' : 'Nut thread'} />
          <ChoiceField
            label="Lug seat"
            value={own.seat ?? null}
            choices={SEATS}
            commit={(seat) => editAt([...base, 'fastener', 'seat'], seat)}
            width={116}
          />
          {!bolt && (
            <ChoiceField
              label="Nuts"
              value={own.nut ?? null}
              choices={NUTS}
              commit={(nut) => editAt([...base, 'fastener', 'nut'], nut)}
              width={96}
            />
          )}
          {!bolt && (own.nut ?? fastener?.nut) === 'closed' && (
            <LengthField
              {...over(['fastener', 'nutDepthMm'], own.nutDepthMm)}
              label="Thread depth in the nut"
              range="threadDepthMm"
              width={6}
              placeholder={fastener?.nutDepthMm == null ? '—' : 'as now'}
            />
          )}
        </div>
        <p className="soft">Leave empty to keep the hub&apos;s own.</p>
      </section>
      <section className="field-group" aria-label="Dry fit">
        <h2 className="label">Dry fit, face by face</h2>
        <div className="field-wrap">
          {dryFits(candidate.stack).map((face) => (
            <ChoiceField
              key={face}
              label={DRY_FIT_NAMES[face]}
              value={candidate.dryFit?.[face] ?? flushOfAll(candidate.dryFitFlush)}
              choices={DRY_FIT_RESULTS}
              commit={(result) => editAt([...base, 'dryFit', face], result)}
              width={150}
            />
          ))}
        </div>
        <p className="soft">
          No feeler goes in anywhere: flush. One does: a gap, and the setup does not fit, whatever the figures say.
        </p>
      </section>
      {finding && (
        <WheelPattern
          wheel={wheel}
          close={() => setFinding(false)}
          put={(key, value) => editAt([...base, 'wheel', key], value)}
        />
      )}
    </>
  );
}

/** The faces that are tried dry, from the hub outward. */
function dryFits(stack: readonly StackPart[] = []): (keyof DryFit)[] {
  const pieces = stack.filter(({ kind }) => kind !== 'ring').length;
  if (pieces === 0) return ['hubToWheel'];
  return pieces === 1 ? ['hubToSpacer', 'spacerToWheel'] : ['hubToSpacer', 'spacerToSpacer', 'spacerToWheel'];
}

const flushOfAll = (flush: boolean | undefined): DryFitResult | null =>
  flush === undefined ? null : flush ? 'flush' : 'gap';

/** A bare wheel's pattern from two of its holes; neighbours are often all that can be read across a bore. */
function WheelPattern({
  wheel,
  close,
  put,
}: {
  wheel: Wheel;
  close(): void;
  put(key: keyof Wheel, value: unknown): void;
}) {
  const [readings, setReadings] = useState<PatternReading[]>([]);
  const tool = useTool('caliper');
  return (
    <Dialog
      onCancel={close}
      footer={<Button onClick={close}>Close</Button>}
      title="Wheel pattern from two holes"
      width={640}
    >
      <PatternFinder
        name="wheel-pattern"
        of="Wheel"
        face={{
          lugCount: wheel.lugCount ?? null,
          boltCircleMm: wheel.boltCircleMm ?? null,
          boreMm: wheel.boreMm ?? null,
          kind: 'hole',
        }}
        readings={readings}
        setReadings={setReadings}
        setLugCount={(count) => put('lugCount', count)}
        takenMm={wheel.boltCircleMm ?? null}
        take={(circleMm) => put('boltCircleMm', circleMm)}
        tool={tool}
      />
    </Dialog>
  );
}
