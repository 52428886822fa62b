import { useId, useState } from 'react';
import { threadOrNull } from '#core/fastener';
import {
  boltCircleMm,
  centersMm,
  countFault,
  kindOf,
  LEAST_LUGS,
  MOST_LUGS,
  needsStud,
  stepsOf,
  type PatternReading,
} from '#core/hub';
import { formatNumber } from '#core/units';
import type { Instrument } from '#core/uncertainty';
import { Button } from '../controls/Button';
import { Choice } from '../controls/Choice';
import { DeleteOutlined } from '../controls/icons';
import { Segments } from '../controls/Segments';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { HubFace, type Face } from './HubFace';
import { PatternResult } from './PatternResult';
import { pairName } from './pairName';
import { ToolSelect } from '../help/ToolSelect';
import type { Tool } from '../help/useTool';
import { usePair } from './usePair';
import './hub.css';

export interface PatternFinderProps {
  /** Names its fields across the job. */
  name: string;
  of: string;
  face: Face;
  readings: readonly PatternReading[];
  setReadings(readings: PatternReading[]): void;
  setLugCount(lugCount: number): void;
  /** The circle that stands as the pattern's own. */
  takenMm: number | null;
  /** Takes a circle as the pattern's own. */
  take(circleMm: number): void;
  tool: Tool;
}

const FROM: readonly (readonly [PatternReading['from'], string])[] = [
  ['centres', 'center to center'],
  ['same-edge', 'same edge to same edge'],
  ['outer-edges', 'outer edges'],
  ['inner-edges', 'inner edges'],
  ['center-to-far-edge', 'center to far edge'],
];
const TOOLS: readonly (Instrument | null)[] = ['steel-rule', 'caliper', 'tape'];
const isForStuds = ({ taken }: Tool['options'][number]): boolean => TOOLS.includes(taken.instrument);
const COUNTS = Array.from({ length: MOST_LUGS - LEAST_LUGS + 1 }, (_, index) => index + LEAST_LUGS).map((value) => ({
  value,
  label: String(value),
}));

/**
 * Finds a bolt pattern from any pair of studs or holes that can be reached: choose two, say how the rule lay, give the
 * reading.
 */
export function PatternFinder(props: PatternFinderProps) {
  const { name, of, face, readings, setReadings, setLugCount, takenMm, take, tool } = props;
  const lengths = useLengths();
  const id = useId();
  const n = face.lugCount;
  const { pair, steps, sameTwice, choose } = usePair(n);
  const [refused, setRefused] = useState<string | null>(null);
  const [from, setFrom] = useState<PatternReading['from']>('centres');
  const [ownStud, setOwnStud] = useState<number | null>(null);
  const studMm = ownStud ?? (face.kind === 'stud' ? (threadOrNull(face.thread)?.diameterMm ?? null) : null);
  const edges = needsStud(from);
  const missing = edges && studMm === null;
  const word = face.kind === 'stud' ? 'stud' : 'hole';
  const add = (valueMm: number | null) => {
    if (valueMm === null || n === null || steps === 0 || missing) return;
    const reading: PatternReading = {
      ...kindOf(n, steps),
      from,
      valueMm,
      ...(edges ? { studDiameterMm: studMm } : {}),
      ...tool.taken,
    };
    setReadings([...readings, reading]);
  };
  const drawnPairs = readings.flatMap((reading): [number, number][] => {
    const apart = n === null ? null : stepsOrNull(reading, n);
    return apart === null ? [] : [[0, apart]];
  });
  return (
    <div className="finder">
      <HubFace face={face} name={of} pair={pair} read={drawnPairs} choose={choose} />
      <div className="finder-ask">
        <div className="field">
          <span className="label" id={`${id}count`}>
            {face.kind === 'stud' ? 'Studs or bolts' : 'Holes'}
          </span>
          <Segments
            aria-labelledby={`${id}count`}
            size="small"
            options={COUNTS}
            value={n ?? -1}
            onChange={(count) => {
              const fault = countFault(readings, Number(count));
              setRefused(fault);
              if (fault === null) setLugCount(Number(count));
            }}
          />
        </div>
        {refused !== null && (
          <p className="field-fault" role="alert">
            {refused}
          </p>
        )}
        {n === null ? (
          <p className="soft finder-hint">Set the lug count, then click the two studs you can reach.</p>
        ) : (
          <>
            <p className="finder-pair" aria-live="polite">
              {steps === 0 ? (
                <>
                  from {word} <b>{pair![0] + 1}</b> to …
                </>
              ) : (
                <>
                  {word} <b>{pair![0] + 1}</b> to <b>{pair![1] + 1}</b>{' '}
                  <span className="soft">{pairName(kindOf(n, steps))}</span>
                </>
              )}
            </p>
            {sameTwice && (
              <p className="field-fault" role="alert">
                both ends are the same {word}: choose two
              </p>
            )}
            <div className="field">
              <label className="label" htmlFor={`${id}from`}>
                Measured
              </label>
              <Choice
                id={`${id}from`}
                value={from}
                onChange={setFrom}
                style={{ width: '10.75rem' }}
                options={FROM.map(([value, label]) => ({ value, label }))}
              />
            </div>
            {edges && (
              <LengthField
                name={`${name}/studDiameterMm`}
                value={studMm}
                commit={setOwnStud}
                label={`${word === 'stud' ? 'Stud' : 'Hole'} diameter`}
                range="studDiameterMm"
                width={4}
              />
            )}
            <div className="field">
              <label className="label" htmlFor={`${id}tool`}>
                Tool
              </label>
              <ToolSelect id={`${id}tool`} tool={{ ...tool, options: tool.options.filter(isForStuds) }} />
            </div>
            <LengthField
              name={`${name}/reading`}
              value={null}
              commit={add}
              label="Reading, then Enter"
              range="chordMm"
              check={(mm) => askFault({ valueMm: mm, steps, missing, word, from, studMm })}
              width={5}
            />
          </>
        )}
      </div>
      {tool.kind === 'tape' && n !== null && (
        <p className="caution-note finder-note">
          A tape is a poor choice here: ±1.5 mm, its hook moves and it sags, while some patterns lie 0.7 mm apart. A
          steel rule reads to half a millimeter, a caliper to a tenth.
        </p>
      )}
      {readings.length > 0 && n !== null && (
        <div className="finder-found">
          <ul className="finder-readings" aria-label="Stud readings">
            {readings.map((reading, index) => {
              const apart = stepsOrNull(reading, n);
              return (
                <li key={index}>
                  <span>{pairName(reading)}</span>
                  <span className="figure">{lengths.text(reading.valueMm)}</span>
                  <span className="soft">{FROM.find(([from_]) => from_ === reading.from)![1]}</span>
                  <span className="figure soft">
                    {apart === null
                      ? `not with ${n}`
                      : `⌀ ${formatNumber(boltCircleMm(centersMm(reading), n, apart), 2)} mm`}
                  </span>
                  <Button
                    kind="text"
                    size="small"
                    aria-label={`Delete reading ${index + 1}`}
                    icon={<DeleteOutlined />}
                    onClick={() => setReadings(readings.filter((_, other) => other !== index))}
                  />
                </li>
              );
            })}
          </ul>
          <PatternResult lugCount={n} readings={readings} taken={takenMm} take={take} />
        </div>
      )}
    </div>
  );
}

function stepsOrNull(reading: PatternReading, lugCount: number): number | null {
  try {
    return stepsOf(reading, lugCount);
  } catch {
    return null;
  }
}

/** Why a reading cannot be taken as it stands. */
function askFault({
  valueMm,
  steps,
  missing,
  word,
  from,
  studMm,
}: {
  valueMm: number;
  steps: number;
  missing: boolean;
  word: string;
  from: PatternReading['from'];
  studMm: number | null;
}): string | null {
  if (steps === 0) return `choose the second ${word} first`;
  if (missing) return `give the ${word} diameter first`;
  if (from === 'outer-edges' && studMm !== null && valueMm <= studMm) return `is no longer than the ${word} is thick`;
  if (from === 'center-to-far-edge' && studMm !== null && valueMm <= studMm / 2)
    return `is no longer than half the ${word} is thick`;
  return null;
}
