import { useCallback, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Button } from '../controls/Button';
import { UnorderedListOutlined } from '../controls/icons';
import { useSight } from '../../job/useSight';
import { BY_SIGN } from '../frame/useJobKeys';
import { Tip } from '../controls/Tip';

/**
 * Whether the fields stand on the drawing or in a list beside it, with the button and the key that change it; without
 * the button where the drawing says that it has no room for them.
 */
export function useListSwitch() {
  const [where, put] = useSight('fields', ['drawing', 'list']);
  const [isCrowded, setCrowded] = useState(false);
  const asList = where === 'list';
  const swap = useCallback(() => put(asList ? 'drawing' : 'list'), [put, asList]);
  useHotkeys('f', swap, BY_SIGN, [swap]);
  const listButton = useMemo(
    () => (
      <Tip title="Fields as a list (F)">
        <Button icon={<UnorderedListOutlined />} aria-pressed={asList} onClick={swap}>
          List
        </Button>
      </Tip>
    ),
    [asList, swap],
  );
  return { asList, setCrowded, listButton: isCrowded ? null : listButton };
}
