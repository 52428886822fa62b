import { useLocation } from 'react-router';
import { fittingShown, outerCorner } from '#core/fitting';
import { NOTE_STATIONS, type NotePlace, type NoteStation } from '#core/note';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useRaised } from '../../job/useRaised';

/** What of the sight belongs to a note that is written at a station. */
const SIGHT_AT: Readonly<Record<NoteStation, readonly ('axle' | 'corner' | 'setup' | 'fitting')[]>> = {
  hub: ['axle'],
  room: ['corner'],
  brakes: ['axle'],
  brief: [],
  window: ['axle', 'setup'],
  setups: ['axle', 'setup'],
  compare: [],
  sweep: ['corner', 'setup'],
  stance: ['corner', 'setup'],
  'fit-up': ['corner', 'fitting'],
  log: [],
};

/** What is looked at here and now, as far as a note can be about it; null where it is the whole job. */
export function usePlaceHere(): NotePlace | null {
  const { job } = useDocument();
  const { pathname } = useLocation();
  const { axle, side, params } = useSelection();
  const raised = useRaised();
  const station = NOTE_STATIONS.find((one) => pathname.endsWith(`/${one}`));
  if (!station || station === 'log') return null;
  const fitting = fittingShown(job.fittings ?? [], params.get('fitting'));
  const sight = SIGHT_AT[station];
  return {
    station,
    ...(sight.includes('axle') ? { axle } : {}),
    ...(sight.includes('corner') ? { corner: outerCorner({ axle, side }) } : {}),
    ...(sight.includes('setup') && raised ? { setup: raised.id } : {}),
    ...(sight.includes('fitting') && fitting ? { fitting: fitting.id } : {}),
  };
}
