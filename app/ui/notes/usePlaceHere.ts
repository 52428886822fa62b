import { useLocation } from 'react-router';
import { NOTE_STATIONS, type NotePlace } from '#core/note';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useRaised } from '../../job/useRaised';
import { SIGHT_AT } from './placeWords';

/** What is looked at here and now, as far as a note can be about it; null where it is the whole job. */
export function usePlaceHere(): NotePlace | null {
  const { job } = useDocument();
  const { pathname } = useLocation();
  const { axle, side, params } = useSelection();
  const raised = useRaised();
  const station = NOTE_STATIONS.find((one) => pathname.endsWith(`/${one}`));
  if (!station || station === 'log') return null;
  const fittings = job.fittings ?? [];
  const asked = params.get('fitting');
  const fitting =
    fittings.find(({ id }) => id === asked) ?? fittings.findLast(({ finishedAt }) => !finishedAt) ?? fittings.at(-1);
  const sight = SIGHT_AT[station];
  return {
    station,
    ...(sight.includes('axle') ? { axle } : {}),
    ...(sight.includes('corner') ? { corner: `${axle}${side === 'left' ? 'Left' : 'Right'}` as const } : {}),
    ...(sight.includes('setup') && raised ? { setup: raised.id } : {}),
    ...(sight.includes('fitting') && fitting ? { fitting: fitting.id } : {}),
  };
}
