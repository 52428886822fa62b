import { useHotkeys } from 'react-hotkeys-hook';
import { Segments } from '../ui/controls/Segments';
import { useSelection } from '../job/SelectionContext';
import { useSight } from '../job/useSight';
import { BY_SIGN } from '../ui/frame/useJobKeys';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { SideSwitch } from '../ui/parts/SideSwitch';
import { CornerName } from '../ui/room/CornerName';
import { RoomGaps } from '../ui/room/RoomGaps';
import { RoomParts } from '../ui/room/RoomParts';
import '../ui/room/room.css';

type Shown = 'gaps' | 'parts';

/**
 * The room around the wheel that is on the car now: a few gaps at rest, then every part it could meet, placed in space.
 */
export default function RoomPage() {
  const { axle, side } = useSelection();
  const [shows, show] = useSight<Shown>('view', ['gaps', 'parts']);
  useHotkeys('p', () => show(shows === 'gaps' ? 'parts' : 'gaps'), BY_SIGN, [shows, show]);
  const modes = (
    <Segments<Shown>
      aria-label="What is read"
      options={[
        { value: 'gaps', label: 'Gaps at rest', title: 'measured at rest (P)' },
        { value: 'parts', label: 'Nearby parts', title: 'what the wheel comes near at lock and in travel (P)' },
      ]}
      value={shows}
      onChange={show}
    />
  );
  if (shows === 'gaps') return <RoomGaps modes={modes} />;
  return (
    <div className="two-columns room-parts">
      <header className="sheet-head">
        <CornerName caption="parts near the present wheel" />
        {modes}
        <AxleSwitch />
        <SideSwitch />
      </header>
      <RoomParts key={`${axle}${side}`} />
      <p className="caution-note station-note">
        Readings at lock or full droop: wheels chocked, car on stands, never the jack alone.
      </p>
    </div>
  );
}
