import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { useJob } from '../../job/JobContext';
import { usePreferences } from '../../preferences/PreferencesContext';
import { STATIONS } from './stations';
import { nextUnit } from './UnitSwitch';

/** Keys are told by the sign they write, so that they work on every layout; none acts while something is typed. */
export const BY_SIGN = { useKey: true, preventDefault: true } as const;

/** The keys that work at every station of a job. */
export function useJobKeys() {
  const [helpOpen, setHelpOpen] = useState(false);
  const { state, dispatch, axle, setAxle } = useJob();
  const { unit, choose } = usePreferences();
  const navigate = useNavigate();
  useHotkeys(
    STATIONS.map(({ key }) => key),
    (event) => {
      const station = STATIONS.find(({ key }) => key === event.key);
      if (station) void navigate(`/jobs/${state.server.id}/${station.path}`);
    },
    BY_SIGN,
    [navigate, state.server.id],
  );
  useHotkeys('u', () => choose({ unit: nextUnit(unit) }), BY_SIGN, [unit, choose]);
  useHotkeys('a', () => setAxle(axle === 'front' ? 'rear' : 'front'), BY_SIGN, [axle, setAxle]);
  useHotkeys('mod+z', () => dispatch({ type: 'step', step: 'undo' }), { preventDefault: true });
  useHotkeys('mod+shift+z', () => dispatch({ type: 'step', step: 'redo' }), { preventDefault: true });
  useHotkeys('shift+?', () => setHelpOpen(true), BY_SIGN);
  return { helpOpen, setHelpOpen };
}
