import { memo } from 'react';
import { Choice } from '../controls/Choice';
import { useSight } from '../../job/useSight';
import { drawingLength } from '../drawing/measures';
import { WordSwitch } from '../parts/WordSwitch';
import { STANCE_VIEWS, VIEW_NAMES, type StanceView } from './sights';
import './stance.css';

interface ViewToolsProps {
  beside: string;
  options: { value: string; label: string }[];
  chooseBeside(value: string): void;
  /** Puts the camera back where the view has it. */
  putBack(): void;
}

/** Where the car is looked at from, and what beside. */
export const ViewTools = memo(({ beside, options, chooseBeside, putBack }: ViewToolsProps) => {
  const [view, setView] = useSight<StanceView>('view', STANCE_VIEWS);
  return (
    <div className="stance-tools">
      <WordSwitch<StanceView>
        label="Seen from"
        tip="Where the car is looked at from"
        options={VIEW_NAMES}
        value={view}
        choose={(next) => {
          setView(next);
          putBack();
        }}
      />
      <label className="stance-beside">
        <span className="label">Beside</span>
        <Choice value={beside} options={options} onChange={chooseBeside} style={{ width: drawingLength(190) }} />
      </label>
    </div>
  );
});
ViewTools.displayName = 'ViewTools';
