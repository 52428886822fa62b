import type { AxleName, Setup } from '#core/job';
import { itemName } from '#core/shelf';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useShelfState } from '../../job/ShelfContext';
import { spacersFor } from '../hardware/spacersFor';

interface ThinnestProps {
  axle: AxleName;
  setup: Setup;
  /** Of the stack in all. */
  leastMm: number;
}

/** The thinnest spacer of the shelf that clears, leaves the wheel centered and held, and goes on the hub. */
export function Thinnest({ axle, setup, leastMm }: ThinnestProps) {
  const { job, edit } = useDocument();
  const { items: shelf, come } = useShelfState();
  const { item, thinner, stack } = spacersFor({ job, setup, axle, shelf, leastMm, mostMm: null });
  const use = () => edit({ op: 'set', path: ['setups', setup.id, axle, 'stack'], value: stack });
  const stands = setup[axle]?.stack?.some(
    ({ kind, thicknessMm }) => kind === 'slip-on' && thicknessMm === item?.thicknessMm,
  );
  return (
    <>
      {item && (
        <p>
          Thinnest on the shelf that clears: <b>{itemName(item)}</b>{' '}
          {stands ? (
            <span className="soft">in use</span>
          ) : (
            <Button size="small" onClick={use}>
              Use it {setup.id.toUpperCase()}
            </Button>
          )}
        </p>
      )}
      {thinner && <p className="soft">{itemName(thinner)} is thinner, but leaves the wheel short of lip or thread.</p>}
      {come && !item && !thinner && <p className="soft">No spacer on the shelf is thick enough and fits this hub.</p>}
    </>
  );
}
