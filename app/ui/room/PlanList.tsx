import type { PlanItem } from '#core/advice';
import type { ObstacleKind, Obstacle } from '#core/sweep';
import { DeedChoice } from '../controls/DeedChoice';
import { CheckOutlined } from '../controls/icons';
import { useLengths } from '../../preferences/PreferencesContext';
import { PlanPicture } from './PlanPicture';
import { draftFromPlan, draftOfKind, KIND_NAMES, type PartDraft } from './partDraft';
import './room.css';

interface PlanListProps {
  plan: readonly PlanItem[];
  /** The number each part bears on the drawings. */
  numbers: Readonly<Record<string, number>>;
  /** The parts of this corner that the plan does not name. */
  others: readonly Obstacle[];
  chosen: string | null;
  /** Kinds whose reading was begun, and the one of them in hand. */
  begun: readonly (ObstacleKind | undefined)[];
  inHand: ObstacleKind | undefined;
  choose(id: string): void;
  begin(draft: PartDraft): void;
}

/**
 * What is worth reading at this corner, in the order of a walk round it, each with its picture; and what else was read.
 */
export function PlanList({ plan, numbers, others, chosen, begun, inHand, choose, begin }: PlanListProps) {
  const lengths = useLengths();
  const unplanned = begun.flatMap((kind) =>
    kind && !plan.some((item) => item.kind === kind && item.readId === null) ? [kind] : [],
  );
  const left = plan.filter(({ readId }) => readId === null).length;
  const why = ({ furtherMm, toward }: PlanItem) =>
    furtherMm === null
      ? ''
      : `${lengths.text(furtherMm)} ${{ out: 'further out', in: 'further in', up: 'taller or lower' }[toward]}`;
  return (
    <section aria-label="Measuring plan">
      <h2 className="label">
        Worth measuring here <span className="soft">{left === 0 ? 'all measured' : `${left} left`}</span>
      </h2>
      <ol className="plan-list">
        {plan.map((item) => (
          <li key={item.kind}>
            <button
              type="button"
              aria-pressed={item.readId === null ? inHand === item.kind : item.readId === chosen}
              onClick={() => (item.readId === null ? begin(draftFromPlan(item)) : choose(item.readId))}
            >
              <PlanPicture item={item} />
              <span>
                <b>{KIND_NAMES[item.kind]}</b>
                <small>
                  {item.readId !== null ? 'read' : begun.includes(item.kind) ? 'begun, its gap is missing' : item.where}
                </small>
                {item.readId === null && <small className="figure">{why(item)}</small>}
              </span>
              {item.readId !== null && <Read number={numbers[item.readId]} />}
            </button>
          </li>
        ))}
        {unplanned.map((kind) => (
          <li key={`begun ${kind}`}>
            <button type="button" aria-pressed={inHand === kind} onClick={() => begin(draftOfKind(kind))}>
              <span />
              <span>
                <b>{KIND_NAMES[kind]}</b>
                <small>begun, its gap is missing</small>
              </span>
            </button>
          </li>
        ))}
        {others.map(({ id, label }) => (
          <li key={id}>
            <button type="button" aria-pressed={id === chosen} onClick={() => choose(id)}>
              <span />
              <span>
                <b>{label ?? id}</b>
                <small>extra</small>
              </span>
              <Read number={numbers[id]} />
            </button>
          </li>
        ))}
      </ol>
      <DeedChoice<ObstacleKind>
        aria-label="Add another part"
        placeholder="Add another part …"
        style={{ width: '100%' }}
        options={Object.entries(KIND_NAMES).map(([value, label]) => ({ value: value as ObstacleKind, label }))}
        onChange={(kind) => begin(draftOfKind(kind))}
      />
    </section>
  );
}

const Read = ({ number }: { number: number | undefined }) => (
  <span className="plan-read figure">
    {number}
    <CheckOutlined aria-label="read" />
  </span>
);
