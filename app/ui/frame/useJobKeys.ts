import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { useSaves } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useDialog } from '../../job/useSight';
import { usePreferences } from '../../preferences/PreferencesContext';
import { STATIONS } from './stations';
import { nextUnit } from './nextUnit';

/** Whether a key press is text for a field: then no key acts. A switch that has the focus takes none. */
function isTyping({ target }: KeyboardEvent): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !['radio', 'checkbox', 'button', 'file'].includes(target.type);
  return target.isContentEditable || target.closest('textarea, select, [role=dialog]') !== null;
}

/** Keys act wherever nothing is typed. */
export const WHERE_NOTHING_IS_TYPED = { enableOnFormTags: true, ignoreEventWhen: isTyping } as const;
/** Keys are told by the sign they write, so that they work on every layout. */
export const BY_SIGN = { useKey: true, preventDefault: true, ...WHERE_NOTHING_IS_TYPED } as const;

/** The keys that work at every station of a job. */
export function useJobKeys() {
  const help = useDialog('keys');
  const { dispatch } = useSaves();
  const { axle, setAxle, addressOf } = useSelection();
  const { unit, choose } = usePreferences();
  const navigate = useNavigate();
  useHotkeys(
    STATIONS.map(({ key }) => key),
    (event) => {
      const station = STATIONS.find(({ key }) => key === event.key);
      if (station) void navigate(addressOf(station.path));
    },
    BY_SIGN,
    [navigate, addressOf],
  );
  useHotkeys('u', () => choose({ unit: nextUnit(unit) }), BY_SIGN, [unit, choose]);
  useHotkeys('a', () => setAxle(axle === 'front' ? 'rear' : 'front'), BY_SIGN, [axle, setAxle]);
  useHotkeys('mod+z', () => dispatch({ type: 'step', step: 'undo' }), {
    preventDefault: true,
    ...WHERE_NOTHING_IS_TYPED,
  });
  useHotkeys('mod+shift+z', () => dispatch({ type: 'step', step: 'redo' }), {
    preventDefault: true,
    ...WHERE_NOTHING_IS_TYPED,
  });
  useHotkeys('shift+?', help.open, BY_SIGN, [help.open]);
  return help;
}
