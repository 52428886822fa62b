import dayjs from 'dayjs';
import type { ReactNode } from 'react';
import { faultLine } from '#formats/faults';
import { Button } from '../controls/Button';
import { useDispatch, useSaves } from '../../job/DocumentContext';
import { useOnClient } from '../controls/useOnClient';

/** Whether everything is kept: said in words, with what to do when it is not. */
export function SavedState() {
  const { state } = useSaves();
  const dispatch = useDispatch();
  const { save, server } = state;
  const time = useOnClient(() => dayjs(server.updatedAt).format('HH:mm'), '');
  switch (save.name) {
    case 'saved':
      return <Said>Saved {time}</Said>;
    case 'saving':
      return <Said>Saving</Said>;
    case 'failed':
      return (
        <Said bad>
          Not saved: {save.why}. Kept here, trying again.
          <Button size="small" onClick={() => dispatch({ type: 'retry' })}>
            Try now
          </Button>
        </Said>
      );
    case 'refused':
      return (
        <Said bad>
          Not saved: {save.faults[0] ? faultLine(save.faults[0]) : 'refused'}
          <Button size="small" onClick={() => dispatch({ type: 'drop-edits' })}>
            Discard it
          </Button>
        </Said>
      );
    case 'conflict':
      return <Said bad>Not saved: changed elsewhere</Said>;
    case 'gone':
      return <Said bad>Not saved: this job no longer exists</Said>;
  }
}

const Said = ({ bad = false, children }: { bad?: boolean; children: ReactNode }) => (
  <span className={`saved ${bad ? 'saved-bad' : ''}`} role={bad ? 'alert' : 'status'}>
    {children}
  </span>
);
