import { Button } from 'antd';
import dayjs from 'dayjs';
import { faultLine } from '#formats/faults';
import { useJob } from '../../job/JobContext';
import { useOnClient } from '../parts/useOnClient';

/** Whether everything is kept: said in words, with what to do when it is not. */
export function SavedState() {
  const { state, dispatch } = useJob();
  const { save, server } = state;
  const time = useOnClient(() => dayjs(server.updatedAt).format('HH:mm'), '');
  switch (save.name) {
    case 'saved':
      return (
        <span className="saved" role="status">
          Saved {time}
        </span>
      );
    case 'saving':
      return (
        <span className="saved" role="status">
          Saving
        </span>
      );
    case 'failed':
      return (
        <span className="saved saved-bad" role="alert">
          Not saved: no answer. Kept here, trying again.
          <Button size="small" onClick={() => dispatch({ type: 'retry' })}>
            Try now
          </Button>
        </span>
      );
    case 'refused':
      return (
        <span className="saved saved-bad" role="alert">
          Not saved: {save.faults[0] ? faultLine(save.faults[0]) : 'refused'}
          <Button size="small" onClick={() => dispatch({ type: 'drop-edits' })}>
            Take back
          </Button>
        </span>
      );
    case 'conflict':
      return (
        <span className="saved saved-bad" role="status">
          Not saved: changed elsewhere
        </span>
      );
    case 'gone':
      return (
        <span className="saved saved-bad" role="alert">
          Not saved: this job is not there any more
        </span>
      );
  }
}
