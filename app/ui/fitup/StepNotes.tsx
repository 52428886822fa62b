import type { Fitting } from '#core/fitting';
import type { FittingStep } from '#core/sheet';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useNotePad } from '../notes/NotePad';
import { Photos } from '../notes/Photos';
import { CameraOutlined } from '../controls/icons';
import './fitup.css';

interface StepNotesProps {
  fitting: Fitting;
  step: FittingStep;
  /** Whether something can be added now. */
  isOpen: boolean;
}

/** What was noted of a step, with its photos. */
export function StepNotes({ fitting, step, isOpen }: StepNotesProps) {
  const { job } = useDocument();
  const pad = useNotePad();
  const notes = (job.notes ?? []).filter(
    ({ about }) => about?.fitting === fitting.id && about.step === step.id && about.corner === step.keptAt,
  );
  return (
    <>
      {notes.map((note) => (
        <div key={note.id} className="step-done">
          {note.text && <p>{note.text}</p>}
          <Photos ids={note.photos ?? []} />
        </div>
      ))}
      {isOpen && (
        <Button
          icon={<CameraOutlined />}
          onClick={() => pad.write({ station: 'fit-up', corner: step.keptAt, fitting: fitting.id, step: step.id })}
        >
          Note with photos
        </Button>
      )}
    </>
  );
}
