import { UnorderedListOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { BY_SIGN } from '../frame/useJobKeys';

/** Whether the fields stand on the drawing or in a list beside it, with the button and the key that change it. */
export function useListSwitch() {
  const [asList, setAsList] = useState(false);
  useHotkeys('f', () => setAsList(!asList), BY_SIGN, [asList]);
  const listButton = useMemo(
    () => (
      <Button
        icon={<UnorderedListOutlined />}
        aria-pressed={asList}
        title="Fields as a list (F)"
        onClick={() => setAsList(!asList)}
      >
        List
      </Button>
    ),
    [asList],
  );
  return { asList, listButton };
}
