import type { Instrument } from '#core/uncertainty';
import { Checkbox, Segmented } from 'antd';
import { useMemo, useState } from 'react';
import { hubPatternOf } from '#core/evaluate';
import { boreFault, countFault } from '#core/hub';
import { useJob } from '../job/JobContext';
import { useLengths } from '../preferences/PreferencesContext';
import { ChoiceField } from '../ui/fields/ChoiceField';
import { LengthField } from '../ui/fields/LengthField';
import { MeasureField } from '../ui/fields/MeasureField';
import { NumberField } from '../ui/fields/NumberField';
import { TextField, ThreadField } from '../ui/fields/TextField';
import { ReadingPanel, takenWith } from '../ui/help/ReadingPanel';
import { useReadingInHand } from '../ui/help/useReadingInHand';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { useEditAt } from '../ui/parts/useEditAt';
import { GaugeCardButton } from '../ui/hub/GaugeCard';
import type { Face } from '../ui/hub/HubFace';
import { PatternFinder } from '../ui/hub/PatternFinder';
import { ThreadTableButton } from '../ui/hub/ThreadTableButton';
import { Tightening } from '../ui/hub/Tightening';
import { CLASSES, DRIVES, FASTENERS, LIP_FORMS, NUTS, SEATS } from '../ui/stations/choices';
import { Reading } from '../ui/stations/Reading';
import '../ui/hub/hub.css';

/** What the wheel bolts to, and the car it belongs to. */
export default function HubPage() {
  const { job, axle } = useJob();
  const lengths = useLengths();
  const editAt = useEditAt();
  const [instrument, setInstrument] = useState<Instrument>('caliper');
  const taken = useMemo(() => takenWith(instrument), [instrument]);
  const { vehicle } = job;
  const hub = vehicle[axle]?.hub;
  const fastener = hub?.fastener;
  const measured = (path: string[], value: number | null | undefined) => ({
    name: path.join('/'),
    value: value ?? null,
    commit: (next: number | null) => editAt(path, next, taken),
  });
  const plain = <T extends string | number>(path: string[], value: T | null | undefined) => ({
    name: path.join('/'),
    value: value ?? null,
    commit: (next: T | null) => editAt(path, next),
  });
  const at = (...keys: string[]) => ['vehicle', axle, 'hub', ...keys];
  const length = (mm: number | null | undefined) => (mm == null ? null : lengths.text(mm));
  const items = [
    { key: 'hub.lugCount', shown: hub?.lugCount == null ? null : String(hub.lugCount) },
    { key: 'hub.boltCircleMm', shown: length(hub?.boltCircleMm) },
    { key: 'hub.boreMm', shown: length(hub?.boreMm) },
    { key: 'hub.lipHeightMm', shown: length(hub?.lipHeightMm) },
    { key: 'hub.fastener.lengthMm', shown: length(fastener?.lengthMm) },
  ];
  const [shows, setShows] = useState<'pattern' | 'tightening'>('pattern');
  const found = hub ? hubPatternOf(hub) : null;
  const read = found?.origin === 'read' ? found.pattern.boltCircleMm! : null;
  const face: Face = {
    lugCount: hub?.lugCount ?? null,
    boltCircleMm: hub?.boltCircleMm ?? read ?? found?.circle?.boltCircleMm ?? null,
    boreMm: hub?.boreMm ?? null,
    kind: fastener?.kind === 'bolt' ? 'hole' : 'stud',
    thread: fastener?.thread,
  };
  const { inHand, goTo, follow } = useReadingInHand(items, 'hub.boltCircleMm');
  return (
    <div className="two-columns" {...follow}>
      <section className="hub-station" aria-label="Hub">
        <header className="sheet-head">
          <h1>
            {axle === 'front' ? 'Front' : 'Rear'} hub, face on <span className="soft">to scale</span>
          </h1>
          <Segmented<'pattern' | 'tightening'>
            aria-label="What the face shows"
            options={[
              { value: 'pattern', label: 'Pattern' },
              { value: 'tightening', label: 'Tightening' },
            ]}
            value={shows}
            onChange={setShows}
          />
          <GaugeCardButton hub={hub} />
          <AxleSwitch />
        </header>
        <div className="hub-middle">
          <div className="hub-left" data-reading="hub.boltCircleMm">
            {shows === 'tightening' ? (
              <Tightening face={face} torqueNm={fastener?.torqueNm ?? null} />
            ) : (
              <PatternFinder
                key={axle}
                name={at('patternReadings').join('/')}
                of="Hub"
                face={face}
                readings={hub?.patternReadings ?? []}
                setReadings={(readings) => editAt(at('patternReadings'), readings.length > 0 ? readings : null)}
                setLugCount={(count) => editAt(at('lugCount'), count)}
                takenMm={hub?.boltCircleMm ?? null}
                take={(circleMm) => editAt(at('boltCircleMm'), circleMm, taken)}
                instrument={instrument}
                setInstrument={setInstrument}
              />
            )}
          </div>
          <form
            key={axle}
            className="hub-fields"
            aria-label={`Hub, ${axle}`}
            onSubmit={(event) => event.preventDefault()}
          >
            <Reading of="hub.lugCount">
              <NumberField
                {...plain<number>(at('lugCount'), hub?.lugCount)}
                label="Lug count"
                range="lugCount"
                whole
                check={(count) => countFault(hub?.patternReadings ?? [], count)}
                width={3}
              />
            </Reading>
            <Reading of="hub.boltCircleMm">
              <LengthField
                {...measured(at('boltCircleMm'), hub?.boltCircleMm)}
                label="Bolt circle"
                range="boltCircleMm"
                placeholder={read === null ? '—' : lengths.figure(read)}
                assumed={read === null ? undefined : 'from readings'}
                check={(mm) => boreFault(hub?.boreMm, mm) && 'must be larger than the center bore'}
              />
            </Reading>
            <Reading of="hub.boreMm">
              <LengthField
                {...measured(at('boreMm'), hub?.boreMm)}
                label="Center bore"
                range="boreMm"
                check={(mm) => boreFault(mm, hub?.boltCircleMm ?? read)}
              />
            </Reading>
            <Reading of="hub.lipHeightMm">
              <LengthField {...measured(at('lipHeightMm'), hub?.lipHeightMm)} label="Hub lip" range="lipHeightMm" />
            </Reading>
            <ChoiceField
              label="Fastened by"
              value={fastener?.kind ?? null}
              choices={FASTENERS}
              commit={(value) => editAt(at('fastener', 'kind'), value)}
            />
            <ThreadField
              {...plain<string>(at('fastener', 'thread'), fastener?.thread || null)}
              label="Thread"
              aside={<ThreadTableButton />}
            />
            <Reading of="hub.fastener.lengthMm">
              <LengthField
                {...measured(at('fastener', 'lengthMm'), fastener?.lengthMm)}
                label={fastener?.kind === 'bolt' ? 'Bolt length' : 'Stud length'}
                range="fastenerLengthMm"
              />
            </Reading>
            <ChoiceField
              label="Seat"
              value={fastener?.seat ?? null}
              choices={SEATS}
              commit={(value) => editAt(at('fastener', 'seat'), value)}
            />
            <MeasureField
              {...plain<number>(at('fastener', 'torqueNm'), fastener?.torqueNm)}
              label="Torque, from the maker"
              quantity="torque"
              range="torqueNm"
              width={5}
            />
            {fastener?.kind !== 'bolt' && (
              <ChoiceField
                label="Nuts"
                value={fastener?.nut ?? null}
                choices={NUTS}
                commit={(value) => editAt(at('fastener', 'nut'), value)}
              />
            )}
            {fastener?.kind !== 'bolt' && fastener?.nut === 'closed' && (
              <LengthField
                {...measured(at('fastener', 'nutDepthMm'), fastener.nutDepthMm)}
                label="Thread depth in the nut"
                range="threadDepthMm"
              />
            )}
            {fastener?.kind === 'bolt' && (
              <LengthField
                {...measured(at('fastener', 'threadDepthMm'), fastener.threadDepthMm)}
                label="Thread depth in the hub"
                range="threadDepthMm"
              />
            )}
            <ChoiceField
              label="Form of the lip"
              value={hub?.lipForm ?? null}
              choices={LIP_FORMS}
              commit={(value) => editAt(at('lipForm'), value)}
            />
            <LengthField
              {...measured(at('flangeDiameterMm'), hub?.flangeDiameterMm)}
              label="Flange ⌀, to redrill"
              range="flangeDiameterMm"
            />
            <LengthField
              {...measured(at('studHoleMm'), hub?.studHoleMm)}
              label="Stud hole ⌀, to redrill"
              range="studHoleMm"
            />
            <MeasureField
              {...plain<number>(['vehicle', axle, 'axleRatingKg'], vehicle[axle]?.axleRatingKg)}
              label="Axle rating, from the plate"
              quantity="mass"
              range="axleRatingKg"
              width={6}
            />
            <MeasureField
              {...plain<number>(['vehicle', axle, 'pressureKpa'], vehicle[axle]?.pressureKpa)}
              label="Cold pressure of the present tires"
              quantity="pressure"
              range="pressureKpa"
              width={6}
            />
            {axle === 'rear' && (
              <Checkbox
                className="hub-dual"
                checked={vehicle.rear?.dual ?? false}
                onChange={({ target }) => editAt(['vehicle', 'rear', 'dual'], target.checked ? true : null)}
              >
                Dual wheels, two a side
              </Checkbox>
            )}
          </form>
        </div>
        <form className="car-fields" aria-label="Car" onSubmit={(event) => event.preventDefault()}>
          <h2 className="label">Car and job</h2>
          <TextField {...plain<string>(['vehicle', 'label'], vehicle.label)} label="Car" width={24} />
          <TextField {...plain<string>(['title'], job.title)} label="Job" width={30} />
          <ChoiceField
            label="Driven wheels"
            value={vehicle.drive ?? null}
            choices={DRIVES}
            commit={(value) => editAt(['vehicle', 'drive'], value)}
            width={140}
          />
          <ChoiceField
            label="Class"
            value={vehicle.class ?? null}
            choices={CLASSES}
            commit={(value) => editAt(['vehicle', 'class'], value)}
            width={160}
          />
          <LengthField
            {...plain<number>(['vehicle', 'flangeMm'], vehicle.flangeMm)}
            label="Flange, each side"
            range="flangeMm"
            placeholder={lengths.figure(12.7)}
            assumed={vehicle.flangeMm == null ? 'usual' : undefined}
            width={5}
          />
        </form>
        <p className="caution-note station-note">
          Fasteners are safety parts. Torque is the maker&apos;s figure, set with a torque wrench in stages, never by
          feel.
        </p>
      </section>
      <ReadingPanel
        axle={axle}
        items={items}
        inHand={inHand}
        goTo={goTo}
        instrument={instrument}
        setInstrument={setInstrument}
      />
    </div>
  );
}
