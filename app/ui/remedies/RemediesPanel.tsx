import type { SetupReport } from '#core/evaluate';
import type { AxleRemedies, Proposal, ShortPart, Tried } from '#core/advice/remedies';
import { priceInForce, type AxleName, type Setup } from '#core/job';
import { formatNumber } from '#core/units';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { usePutSetup } from '../../job/usePutSetup';
import { useAsked } from '../../job/useAsked';
import { useLengths } from '../../preferences/PreferencesContext';
import { AskedStatus } from '../parts/AskedStatus';
import { Swept } from '../parts/Swept';
import './remedies.css';
import '../parts/partsTable.css';

/**
 * What would make a setup fit on an axle: the cheapest sets, and part by part how much must go, where, and each way to
 * it.
 */
export function RemediesPanel({ setup, axle, report }: { setup: Setup; axle: AxleName; report: SetupReport }) {
  const { job } = useDocument();
  const { unit } = useLengths();
  const asked = useAsked<AxleRemedies>({
    ask: (work, call, progress) => work.remedies(call, { job: { ...job, setups: [] }, setup, axle, unit }, progress),
    of: `${setup.id} ${axle}`,
    about: [job.vehicle, job.brief, job.house, setup, axle, unit],
    byItself: true,
  });
  const found = asked.value;
  return (
    <section className="remedies" aria-label="Remedies" aria-busy={asked.name === 'running'}>
      {asked.name !== 'done' && (
        <p className="soft">
          Tries every modification the brief and shop defaults allow, and sweeps each.
          <AskedStatus asked={asked} doing="Trying remedies" again="Look again" />
        </p>
      )}
      <Swept isStale={found !== null && !asked.isCurrent}>
        {found?.clears && (
          <p className="is-ok remedies-word">The {axle} axle keeps every clearance limit: nothing to modify.</p>
        )}
        {found && !found.clears && (
          <>
            <p>
              <b>Short:</b> {found.short.map(({ label }) => label.toLowerCase()).join(', ')}.
            </p>
            <h2 className="label">What makes it fit</h2>
            {found.proposals.length > 0 && (
              <p className="soft">
                The cheapest that clear, out of {found.tried} sets tried: the lift and every spacer allowed, alone and
                together, then other offsets; each with the gentlest modifications that go far enough, swept again.
              </p>
            )}
            {found.proposals.map((proposal, at) => (
              <ProposalCard
                key={proposal.remedies.map(({ words }) => words).join()}
                proposal={proposal}
                first={at === 0}
                axle={axle}
                setup={setup}
                isCurrent={asked.isCurrent}
              />
            ))}
            {found.proposals.length === 0 && (
              <div className="remedies-stuck">
                <p>Nothing allowed makes it fit.</p>
                <ul>
                  {found.stuck.map((reason) => (
                    <li key={reason}>{reason}</li>
                  ))}
                </ul>
              </div>
            )}
            {found.parts.map((part) => (
              <PartLadder key={part.id} part={part} />
            ))}
            {found.parts.length === 0 && report[axle].obstacles.length > 0 && (
              <p className="soft">No nearby part is short of clearance; what is short is at the wheel itself.</p>
            )}
          </>
        )}
      </Swept>
      <p className="assumed-note">
        Reach, time and order of modifications are common practice, no source. The test fit on the car decides.
        Structural cuts go to a qualified body shop.
      </p>
    </section>
  );
}

function useMoney() {
  const { job } = useDocument();
  const currency = priceInForce('currency', job) ?? '';
  return (cost: number | null) =>
    cost === null ? 'a price is missing' : cost === 0 ? 'costs nothing' : `${currency} ${formatNumber(cost, 2)}`.trim();
}

const minutesText = (minutes: number): string =>
  minutes === 0 ? 'no labor' : minutes < 90 ? `${formatNumber(minutes, 0)} min` : `${formatNumber(minutes / 60)} h`;

function ProposalCard({
  proposal,
  first,
  axle,
  setup,
  isCurrent,
}: {
  proposal: Proposal;
  first: boolean;
  axle: AxleName;
  setup: Setup;
  /** Of this setup as it is now: what is from before makes none. */
  isCurrent: boolean;
}) {
  const put = usePutSetup();
  const lengths = useLengths();
  const money = useMoney();
  const { remedies, minutes, cost, withinBudget, structural, worse, cautions, leastMarginMm, heldBy } = proposal;
  const lostText = ({ label, byMm }: (typeof worse)[number]): string =>
    `${label.toLowerCase()}${byMm === null ? '' : ` (${lengths.text(byMm)})`}`;
  const moved = remedies.some(({ remedy }) => remedy.kind !== 'work');
  const make = () =>
    put({
      setup: proposal.setup,
      label: `${setup.label || setup.id.toUpperCase()}, ${remedies.map(({ words }) => words).join(', ')}`,
      after: setup.id,
    });
  return (
    <article className="proposal" aria-label={first ? 'Cheapest of those that clear' : 'With another wheel'}>
      <ol>
        {remedies.map(({ words, effort }) => (
          <li key={words}>
            <span>{words}</span>
            <span className="figure soft">{minutesText(effort.minutes)}</span>
          </li>
        ))}
      </ol>
      <p className="figure proposal-sum">
        {minutesText(minutes)} · {money(cost)}
        {withinBudget === true && <span className="is-ok"> within the budget</span>}
        {withinBudget === false && <span className="is-fail"> over the budget</span>}
      </p>
      <p className="soft">
        {leastMarginMm !== null && `Leaves ${lengths.text(leastMarginMm)} to spare at ${heldBy!.toLowerCase()}. `}
        {worse.length > 0 && `Less clearance at ${worse.map(lostText).join(', ')}.`}
      </p>
      {structural && <p className="is-fail">A structural cut: only by a qualified body shop.</p>}
      {cautions.map((caution) => (
        <p key={caution} className="caution-note">
          {caution}
        </p>
      ))}
      {proposal.aftercare.length > 0 && <p className="soft">Afterwards: {proposal.aftercare.join('; ')}.</p>}
      {moved && (
        <Button size="small" disabled={!isCurrent} onClick={make} aria-label={`As a setup: ${axle}`}>
          As a setup
        </Button>
      )}
    </article>
  );
}

function PartLadder({ part }: { part: ShortPart }) {
  const lengths = useLengths();
  return (
    <section className="part-ladder" aria-label={part.label}>
      <h2 className="label">{part.label}</h2>
      <p>
        <b className="figure">{lengths.text(part.patch?.depthMm ?? part.needMm)}</b> must go, {part.where}.
      </p>
      {part.ladder.length === 0 && (
        <p className="soft">It cannot be modified, and no stack, offset or lift tried clears it.</p>
      )}
      <table className="parts-table" aria-label={`Modifications at ${part.label}`}>
        <thead>
          <tr>
            <th scope="col">Modification</th>
            <th scope="col">left</th>
            <th scope="col">takes</th>
          </tr>
        </thead>
        <tbody>
          {part.ladder.map((way) => (
            <LadderRow key={way.words} way={way} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function LadderRow({ way }: { way: Tried }) {
  const lengths = useLengths();
  const money = useMoney();
  return (
    <tr data-allowed={way.allowed}>
      <td>
        {way.words}
        <small className="soft">
          {[
            way.allowed ? null : 'not allowed by the brief',
            way.enough ? null : 'not enough',
            way.structural ? 'structural: a qualified shop' : null,
            way.aftercare,
            way.worse.length > 0
              ? `less clearance at ${way.worse.map(({ label }) => label.toLowerCase()).join(', ')}`
              : null,
          ]
            .filter(Boolean)
            .join(' · ')}
        </small>
      </td>
      <td className={`figure is-${way.verdict}`}>
        {way.clearanceMm === null ? 'off' : lengths.figure(way.clearanceMm)}
      </td>
      <td className="figure ladder-takes">
        {minutesText(way.minutes)}
        <small className="soft">{way.minutes > 0 ? money(way.cost) : ''}</small>
      </td>
    </tr>
  );
}
