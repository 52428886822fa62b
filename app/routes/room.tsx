import type { Instrument } from '#core/uncertainty';
import { Button, Segmented } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { ROOM_READINGS } from '#formats/fields';
import { RoomReadingField } from '../ui/stations/RoomReadingField';
import { useJob } from '../job/JobContext';
import { BY_SIGN } from '../ui/frame/useJobKeys';
import { ReadingPanel, takenWith } from '../ui/help/ReadingPanel';
import { useReadingInHand } from '../ui/help/useReadingInHand';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { SideSwitch } from '../ui/parts/SideSwitch';
import { useListSwitch } from '../ui/parts/useListSwitch';
import { NewWheelDialog } from '../ui/room/NewWheelDialog';
import { RoomParts } from '../ui/room/RoomParts';
import { DRAWN_READINGS, PresentSheet } from '../ui/stations/PresentSheet';
import { RoomList } from '../ui/stations/RoomList';
import { useRoomFields } from '../ui/stations/useRoomFields';
import '../ui/room/room.css';

/** Readings at rest that the drawing has no dimension for. */
const BESIDE = ROOM_READINGS.filter((key) => !DRAWN_READINGS.has(key));

type Shows = 'gaps' | 'parts';

/**
 * The room around the wheel that is on the car now: a few gaps at rest, then every part it could meet, placed in space.
 */
export default function RoomPage() {
  const [shows, setShows] = useState<Shows>('gaps');
  useHotkeys('p', () => setShows((now) => (now === 'gaps' ? 'parts' : 'gaps')), BY_SIGN);
  const modes = (
    <Segmented<Shows>
      aria-label="What is read"
      options={[
        { value: 'gaps', label: 'Gaps at rest', tooltip: 'what a rule reads at rest (P)' },
        { value: 'parts', label: 'Parts in space', tooltip: 'what the wheel nears at lock and over bumps (P)' },
      ]}
      value={shows}
      onChange={setShows}
    />
  );
  return shows === 'gaps' ? <RoomGaps modes={modes} /> : <PartsPage modes={modes} />;
}

function Corner({ caption }: { caption?: string }) {
  const { axle, side } = useJob();
  return (
    <h1>
      {axle === 'front' ? 'Front' : 'Rear'} {side} {caption && <span className="soft">{caption}</span>}
    </h1>
  );
}

function PartsPage({ modes }: { modes: ReactNode }) {
  const { axle, side } = useJob();
  return (
    <div className="two-columns room-parts">
      <header className="sheet-head">
        <Corner caption="parts around the present wheel" />
        {modes}
        <AxleSwitch />
        <SideSwitch />
      </header>
      <RoomParts key={`${axle}${side}`} />
      <p className="caution-note station-note">
        For a reading at lock or hanging: chocks, and stands under the car, never the jack alone.
      </p>
    </div>
  );
}

function RoomGaps({ modes }: { modes: ReactNode }) {
  const { job, axle, side } = useJob();
  const [instrument, setInstrument] = useState<Instrument>('steel-rule');
  const { asList, listButton } = useListSwitch();
  const [making, setMaking] = useState(false);
  useHotkeys('m', () => setMaking(true), BY_SIGN);
  const taken = useMemo(() => takenWith(instrument), [instrument]);
  const fields = useRoomFields(axle, side, taken);
  const toGo = fields.items.filter(({ shown, optional }) => shown === null && !optional).length;
  const { inHand, goTo, follow } = useReadingInHand(fields.items, 'room.outboardGapMm');
  return (
    <div className="two-columns" {...follow}>
      <section className="setups-sheet" aria-label="Section of the present car">
        <header className="sheet-head">
          <Corner />
          <span className="soft">
            {toGo > 0 ? (
              `${toGo} ${toGo === 1 ? 'reading' : 'readings'} to go`
            ) : (
              <Link to="../brief">All read: to the brief</Link>
            )}
          </span>
          {listButton}
          {modes}
          <AxleSwitch />
          <SideSwitch />
        </header>
        {making && <NewWheelDialog axle={axle} close={() => setMaking(false)} />}
        <div className="setups-middle">
          {asList && <RoomList key={`${axle}${side}`} fields={fields} />}
          <PresentSheet key={`sheet${axle}${side}`} job={job} axle={axle} side={side} fields={fields} asList={asList} />
        </div>
        <div className="room-foot">
          {!asList &&
            BESIDE.map((key) => <RoomReadingField key={`${key}${axle}${side}`} of={key} fields={fields} width={6} />)}
          <Button onClick={() => setMaking(true)} title="From the room to spare on each side (M)">
            Room to a new wheel …
          </Button>
        </div>
        <p className="caution-note station-note">
          Wheels straight, car on the ground at ride height, chocked. On a lift: stands, never the jack alone.
        </p>
      </section>
      <ReadingPanel
        axle={axle}
        items={fields.items}
        inHand={inHand}
        goTo={goTo}
        instrument={instrument}
        setInstrument={setInstrument}
      />
    </div>
  );
}
