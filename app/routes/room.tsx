import { UnorderedListOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import type { Instrument } from '#core/job';
import { useJob } from '../job/JobContext';
import { BY_SIGN } from '../ui/frame/useJobKeys';
import { ReadingPanel, takenWith } from '../ui/help/ReadingPanel';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { PresentSheet } from '../ui/stations/PresentSheet';
import { RoomList } from '../ui/stations/RoomList';
import { useRoomFields } from '../ui/stations/useRoomFields';

/** The room around the wheel that is on the car now: a few gaps place the fender and the inner parts. */
export default function RoomPage() {
  const { job, axle } = useJob();
  const [instrument, setInstrument] = useState<Instrument>('steel-rule');
  const [asList, setAsList] = useState(false);
  const taken = useMemo(() => takenWith(instrument), [instrument]);
  const fields = useRoomFields(axle, taken);
  const missing = fields.items.find(({ shown, optional }) => shown === null && !optional);
  const toGo = fields.items.filter(({ shown, optional }) => shown === null && !optional).length;
  const [chosen, setChosen] = useState<string | null>(null);
  const focused = chosen ?? missing?.key ?? 'room.outboardGapMm';
  useHotkeys('f', () => setAsList(!asList), BY_SIGN, [asList]);

  const toField = (key: string) => {
    setChosen(key);
    document.querySelector<HTMLInputElement>(`[data-reading="${key}"] input`)?.focus();
  };
  return (
    <div
      className="two-columns"
      onFocus={(event) => {
        const key = (event.target as Element).closest<HTMLElement>('[data-reading]')?.dataset.reading;
        if (key) setChosen(key);
      }}
    >
      <section className="setups-sheet" aria-label="Section of the present car">
        <header className="sheet-head">
          <h1>
            {axle === 'front' ? 'Front' : 'Rear'} right, from behind{' '}
            <span className="soft">what is on the car now</span>
          </h1>
          <span className="soft">
            {toGo > 0 ? `${toGo} readings to go` : <Link to="../brief">All there: on to the brief</Link>}
          </span>
          <Button
            icon={<UnorderedListOutlined />}
            aria-pressed={asList}
            title="Fields as a list (F)"
            onClick={() => setAsList(!asList)}
          >
            List
          </Button>
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
        focused={focused}
        focus={toField}
        instrument={instrument}
        setInstrument={setInstrument}
      />
    </div>
  );
}
