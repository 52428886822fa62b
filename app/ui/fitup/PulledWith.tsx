import { markOf, wasOverdue, type InstrumentMark, type ShopInstrument } from '#core/instrument';
import type { TorqueRow } from '#core/fitting';
import { Choice } from '../controls/Choice';
import { useInstruments } from '../../instruments/InstrumentsContext';
import { useDraft } from '../brakes/useDraft';

/** The torque wrench of the shop that is in hand; null where it has none by name, or none was chosen. */
export function useShopWrench(): {
  wrenches: readonly ShopInstrument[];
  wrench: ShopInstrument | null;
  choose(id: string | null): void;
} {
  const { known } = useInstruments();
  const [chosen, choose] = useDraft<string | null>('torque-wrench');
  const wrenches = known.filter(({ kind }) => kind === 'torque-wrench');
  return { wrenches, wrench: wrenches.find(({ id }) => id === chosen) ?? null, choose };
}

interface PulledWithProps extends ReturnType<typeof useShopWrench> {
  rows: readonly TorqueRow[];
}

/** Which wrench it is pulled with, and was; one whose calibration has run out says so. */
export function PulledWith({ wrenches, wrench, choose, rows }: PulledWithProps) {
  const used = new Map(
    rows.flatMap(({ shopInstrument, takenAt }) =>
      shopInstrument ? [[shopInstrument.name, { shopInstrument, takenAt }]] : [],
    ),
  );
  return (
    <>
      {wrenches.length > 0 && (
        <label className="field">
          <span className="label">Pulled with</span>
          <Choice
            value={wrench?.id ?? ''}
            onChange={(id) => choose(id === '' ? null : id)}
            style={{ width: '100%' }}
            options={[
              { value: '', label: 'a torque wrench' },
              ...wrenches.map((one) => ({ value: one.id, label: wrenchText(markOf(one), new Date().toISOString()) })),
            ]}
          />
        </label>
      )}
      {used.size > 0 && (
        <p className="soft">
          Pulled with{' '}
          {[...used.values()].map(({ shopInstrument, takenAt }) => wrenchText(shopInstrument, takenAt)).join('; ')}.
        </p>
      )}
    </>
  );
}

const wrenchText = (mark: InstrumentMark, at: string): string => {
  const when = mark.calibratedOn ? `, calibrated ${mark.calibratedOn}` : '';
  return wasOverdue(mark, at) ? `${mark.name}, calibration overdue since ${mark.dueOn}` : `${mark.name}${when}`;
};
