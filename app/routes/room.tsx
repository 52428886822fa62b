import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Instrument } from '#core/job';
import { useJob } from '../job/JobContext';
import { ReadingPanel, takenWith } from '../ui/help/ReadingPanel';
import { useReadingInHand } from '../ui/help/useReadingInHand';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { useListSwitch } from '../ui/parts/useListSwitch';
import { PresentSheet } from '../ui/stations/PresentSheet';
import { RoomList } from '../ui/stations/RoomList';
import { useRoomFields } from '../ui/stations/useRoomFields';

/** The room around the wheel that is on the car now: a few gaps place the fender and the inner parts. */
export default function RoomPage() {
  const { job, axle } = useJob();
  const [instrument, setInstrument] = useState<Instrument>('steel-rule');
  const { asList, listButton } = useListSwitch();
  const taken = useMemo(() => takenWith(instrument), [instrument]);
  const fields = useRoomFields(axle, taken);
  const toGo = fields.items.filter(({ shown, optional }) => shown === null && !optional).length;
  const { inHand, goTo, follow } = useReadingInHand(fields.items, 'room.outboardGapMm');
  return (
    <div className="two-columns" {...follow}>
      <section className="setups-sheet" aria-label="Section of the present car">
        <header className="sheet-head">
          <h1>
            {axle === 'front' ? 'Front' : 'Rear'} right, from behind{' '}
            <span className="soft">what is on the car now</span>
          </h1>
          <span className="soft">
            {toGo > 0 ? (
              `${toGo} ${toGo === 1 ? 'reading' : 'readings'} to go`
            ) : (
              <Link to="../brief">All there: on to the brief</Link>
            )}
          </span>
          {listButton}
          <AxleSwitch />
        </header>
        <div className="setups-middle">
          {asList && <RoomList key={axle} fields={fields} />}
          <PresentSheet key={`sheet${axle}`} job={job} axle={axle} fields={fields} asList={asList} />
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
