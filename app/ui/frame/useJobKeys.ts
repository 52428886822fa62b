import { useHotkeys } from 'react-hotkeys-hook';
import { useLocation, useNavigate } from 'react-router';
import { useDispatch } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useDialog } from '../../job/useSight';
import { usePreferences } from '../../preferences/PreferencesContext';
import { STATIONS } from './stations';
import { nextUnit } from './nextUnit';

/**
 * Whether a key press is not for us: it is text for a field, a dialog stands before the station, or single keys are
 * switched off. A word that is chosen keeps the keys acting; a tick does not.
 */
export function isTyping({ target, ctrlKey, metaKey }: KeyboardEvent): boolean {
  if (document.querySelector('dialog[open]')) return true;
  if (document.documentElement.dataset.keys === 'off' && !ctrlKey && !metaKey) return true;
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !['radio', 'range', 'button', 'file'].includes(target.type);
  return target.isContentEditable || target.closest('textarea, select') !== null;
}

/** Keys act wherever nothing is typed. */
export const WHERE_NOTHING_IS_TYPED = { enableOnFormTags: true, ignoreEventWhen: isTyping } as const;
/** Keys are told by the sign they write, so that they work on every layout. */
export const BY_SIGN = { useKey: true, preventDefault: true, ...WHERE_NOTHING_IS_TYPED } as const;

/** The keys that work at every station of a job; one that leads elsewhere says so before it goes. */
export function useJobKeys(leave: (to: string) => void) {
  const help = useDialog('keys');
  const dispatch = useDispatch();
  const { axle, setAxle, addressOf } = useSelection();
  const { unit, choose } = usePreferences();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  useHotkeys(
    STATIONS.map(({ key }) => key),
    (event) => {
      const station = STATIONS.find(({ key }) => key === event.key);
      if (!station || pathname.endsWith(`/${station.path}`)) return;
      const address = addressOf(station.path);
      leave(address.split('?')[0]!);
      void navigate(address);
    },
    BY_SIGN,
    [navigate, addressOf, leave, pathname],
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
