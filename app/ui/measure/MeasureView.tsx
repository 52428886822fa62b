import { useId, useRef } from 'react';
import { poseWords } from '#core/evaluate';
import { capital } from '#core/text';
import { takenTogether } from '#core/uncertainty';
import { wordsIn, type Words } from '#core/units';
import { Button } from '../controls/Button';
import { Menu } from '../controls/Menu';
import { useReports } from '../../job/ReportsContext';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { Picture } from '../help/Picture';
import { ToolSelect } from '../help/ToolSelect';
import { useNotePad } from '../notes/NotePad';
import { CameraOutlined } from '../controls/icons';
import { ToStation } from '../parts/ToStation';
import { ReachPicture } from '../brakes/ReachPicture';
import { PlanPicture } from '../room/PlanPicture';
import { ENTRIES } from './entries';
import { Keypad } from './Keypad';
import { MeasureSection } from './MeasureSection';
import { placeOf, useMeasure, type Measure } from './useMeasure';
import { useWakeLock } from './useWakeLock';
import type { WalkCard } from './cards/card';
import { stillOpen } from './walk';
import { WalkList } from './WalkList';
import './measure.css';

const REASONS = ['cannot reach', 'needs another tool'] as const;

/** One reading at a time, in large figures: what the hand at the car needs, and nothing else. */
export function MeasureView() {
  const measure = useMeasure();
  const { walk, card, at, takes, text, fault, put } = measure;
  const lengths = useLengths();
  const { write } = useNotePad();
  const input = useRef<HTMLInputElement>(null);
  const faultId = useId();
  useWakeLock();
  const kind = ENTRIES[card.entry];
  const keys = kind.keys(lengths.units, card.range);
  const pose = poseText(card, wordsIn(lengths.units));
  const shown = card.value === null ? null : kind.show(card.value, lengths.units);
  return (
    <div className="measure">
      <section className="measure-card" aria-label={`${card.title}, ${placeText(card)}`}>
        <header>
          <span className="measure-place">
            {placeText(card)} · {at + 1} of {walk.length}
          </span>
          <ToStation station={card.station}>Done</ToStation>
          <h1>{card.title}</h1>
        </header>
        <p className="measure-where">{card.help.where}</p>
        {pose && <p className="measure-pose">{pose}</p>}
        {card.expected && <p className="measure-pose">{capital(card.expected)}.</p>}
        <div className="measure-how">
          <div className="measure-picture">
            <CardPicture card={card} />
          </div>
          <div>
            {card.help.tool && <p>{card.help.tool}</p>}
            {card.help.mistake && <p>Watch out: {card.help.mistake}</p>}
          </div>
        </div>
        <form
          className="measure-entry"
          onSubmit={(event) => {
            event.preventDefault();
            measure.next();
            input.current?.focus();
          }}
        >
          <label>
            <span className="visually-hidden">
              {card.title} {kind.sign(lengths.units)}
            </span>
            <input
              ref={input}
              key={card.id}
              autoFocus
              className="figure"
              inputMode={keys === 'text' ? 'text' : 'none'}
              autoComplete="off"
              value={text}
              placeholder={shown ?? (card.like === null ? '—' : kind.show(card.like, lengths.units))}
              aria-invalid={fault !== null}
              aria-describedby={fault === null ? undefined : faultId}
              onChange={({ target }) => put(target.value)}
            />
            <span className="measure-sign">{kind.sign(lengths.units)}</span>
          </label>
          <Button kind="primary" type="submit" className="measure-next">
            {text === '' && takes.length === 0 ? 'Next' : 'Take it'}
          </Button>
        </form>
        {fault !== null && (
          <p id={faultId} className="measure-fault" role="alert">
            {fault}
          </p>
        )}
        {takes.length > 0 && <Button onClick={measure.dropTakes}>Drop the takes</Button>}
        <p className="measure-before" role="status">
          {beforeText(measure, shown, lengths)}
        </p>
        <Keypad keys={keys} text={text} put={put} />
        <div className="measure-tools">
          <Button onClick={measure.back} disabled={at === 0}>
            Back
          </Button>
          <Button onClick={measure.again} disabled={text === '' || card.entry === 'size' || measure.plusMinus === null}>
            Take again
          </Button>
          <Menu
            label="Skip this reading"
            lines={[
              { key: 'later', label: 'Later', onClick: () => measure.skip(null) },
              ...REASONS.map((reason) => ({
                key: reason,
                label: `Skip: ${reason}`,
                onClick: () => measure.skip(reason),
              })),
            ]}
            button={(opens) => <Button {...opens}>Skip …</Button>}
          />
          <Button icon={<CameraOutlined />} onClick={() => write({ ...placeOf(card), reading: card.title })}>
            Note …
          </Button>
          <ToolSelect tool={measure.tool} label="Taken with" />
        </div>
      </section>
      <aside className="measure-side" aria-label="The walk">
        <OpenText walk={walk} />
        <ReadAgain measure={measure} />
        <MeasureSection axle={card.axle} side={card.side ?? 'right'} />
        <WalkList measure={measure} />
      </aside>
    </div>
  );
}

/** Where the rule goes. */
function CardPicture({ card: { plan, help, title, run } }: { card: WalkCard }) {
  if (plan) return <PlanPicture item={plan} />;
  if (run !== undefined) return <ReachPicture />;
  return help.picture && <Picture name={help.picture} title={title} />;
}

/** Whose reading it is. */
const placeText = ({ axle, side }: WalkCard): string =>
  `${axle === 'front' ? 'Front' : 'Rear'}${side ? ` ${side}` : ' axle'}`;

const LOCKS = {
  out: 'Steer to the lock at which the leading edge of this wheel stands out.',
  in: 'Steer to the lock at which the leading edge of this wheel turns in.',
} as const;

/** The pose to set before it is read; null where the car stands as it is. */
function poseText({ plan, pose }: WalkCard, words: Words): string | null {
  if (plan?.lock && plan.steerDeg !== 0) return LOCKS[plan.lock];
  const set = { steerDeg: pose.steerDeg ?? 0, travelMm: pose.travelMm ?? 0 };
  return set.steerDeg === 0 && set.travelMm === 0 ? null : `${capital(poseWords(set, words))}.`;
}

/** What is there already, and what is being taken. */
function beforeText({ card, takes, plusMinus }: Measure, shown: string | null, lengths: Lengths): string {
  if (takes.length > 0) {
    const { mean, plusMinus: sure, spread } = takenTogether(takes, plusMinus ?? 0);
    const counted = `${takes.length} ${takes.length === 1 ? 'take' : 'takes'}`;
    return takes.length === 1
      ? `${counted}: ${lengths.text(mean)}. Read it once more.`
      : `${counted}: mean ${lengths.text(mean)} ${lengths.plusMinus(sure)}, spread ${lengths.figure(spread)}`;
  }
  const sign = ENTRIES[card.entry].sign(lengths.units);
  if (shown !== null) return `Now ${shown} ${sign}`.trim() + (card.fromJob ? `, taken over from ${card.fromJob}` : '');
  return card.like === null ? 'Not measured yet' : `As on the right: ${lengths.text(card.like)}`;
}

function OpenText({ walk }: { walk: readonly WalkCard[] }) {
  const { needed, worth, takenOver } = stillOpen(walk);
  const more = worth === 0 ? '' : `, ${worth} more worth taking`;
  const others =
    takenOver === 0
      ? ''
      : ` ${takenOver} ${takenOver === 1 ? 'is' : 'are'} from another car: measure again on this one.`;
  return (
    <p className="measure-open" role="status">
      {needed === 0
        ? `Everything a verdict waits for is measured${more}.${others}`
        : `${needed} ${needed === 1 ? 'reading' : 'readings'} left before a verdict is whole${more}.${others}`}
    </p>
  );
}

/** Readings that cannot all be true, each leading back to its card. */
function ReadAgain({ measure: { walk, choose } }: { measure: Measure }) {
  const { vehicle } = useReports();
  const found = (['front', 'rear'] as const).flatMap((axle) =>
    vehicle[axle].contradictions.map((one) => ({
      ...one,
      axle,
      card: walk.find(({ plan, axle: of }) => of === axle && plan?.readId === one.id),
    })),
  );
  if (found.length === 0) return null;
  return (
    <section className="measure-again" role="alert" aria-label="Measure again">
      <h2 className="label">Measure again</h2>
      <ul>
        {found.map(({ id, axle, kind, label, text, card }) => (
          <li key={`${axle} ${id} ${kind}`}>
            <p>
              <b>
                {label}, {axle}:
              </b>{' '}
              {text}
            </p>
            {card && <Button onClick={() => choose(card)}>Read it again</Button>}
          </li>
        ))}
      </ul>
    </section>
  );
}
