import type { ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { ROOM_READINGS } from '#formats/fields';
import { Button } from '../controls/Button';
import { useSelection } from '../../job/SelectionContext';
import { useDialog } from '../../job/useSight';
import { NextStep } from '../frame/NextStep';
import { BY_SIGN } from '../frame/useJobKeys';
import { LikeOther } from '../parts/LikeOther';
import { ReadingStation } from '../help/ReadingStation';
import { useTool } from '../help/useTool';
import { AxleSwitch } from '../parts/AxleSwitch';
import { SideSwitch } from '../parts/SideSwitch';
import { useListSwitch } from '../parts/useListSwitch';
import { Tip } from '../controls/Tip';
import { ToStation } from '../parts/ToStation';
import { CornerName } from './CornerName';
import { NewWheelDialog } from './NewWheelDialog';
import { DRAWN_READINGS, PresentSheet } from './PresentSheet';
import { RoomList } from './RoomList';
import { RoomReadingField } from './RoomReadingField';
import { useRoomFields } from './useRoomFields';
import './room.css';

/** Readings at rest that the drawing has no dimension for. */
const BESIDE = ROOM_READINGS.filter((key) => !DRAWN_READINGS.has(key));
const DRAWN = ROOM_READINGS.filter((key) => DRAWN_READINGS.has(key));

/** A few gaps at rest, read where they stand on the drawing of the present wheel. */
export function RoomGaps({ modes }: { modes: ReactNode }) {
  const { axle, side } = useSelection();
  const tool = useTool('steel-rule');
  const { asList, setCrowded, listButton } = useListSwitch();
  const making = useDialog('new-wheel');
  useHotkeys('m', making.open, BY_SIGN, [making.open]);
  const fields = useRoomFields(axle, side, tool.taken);
  return (
    <ReadingStation axle={axle} items={fields.items} otherwise="room.outboardGapMm" tool={tool}>
      <section className="setups-sheet" aria-label="Section of the present car">
        <header className="sheet-head">
          <CornerName />
          {listButton}
          {modes}
          <AxleSwitch />
          <SideSwitch />
        </header>
        <div className="sheet-next">
          <NextStep station="room" />
          <LikeOther gaps />
          <ToStation station="measure">Measure one by one</ToStation>
        </div>
        {making.isOpen && <NewWheelDialog axle={axle} close={making.close} />}
        <div className="setups-middle">
          <PresentSheet
            key={`${axle}${side}`}
            axle={axle}
            side={side}
            fields={fields}
            list={<RoomList fields={fields} gaps={asList ? ROOM_READINGS : DRAWN} />}
            asList={asList}
            setCrowded={setCrowded}
          />
        </div>
        <div className="room-foot">
          {!asList &&
            BESIDE.map((key) => <RoomReadingField key={`${key}${axle}${side}`} of={key} fields={fields} width={6} />)}
          <Tip title="From the space left on each side (M)">
            <Button onClick={making.open}>Space for a new wheel …</Button>
          </Tip>
        </div>
        <p className="caution-note station-note">
          Wheels straight, car on the ground at ride height, chocked. On a lift: stands, never the jack alone.
        </p>
      </section>
    </ReadingStation>
  );
}
