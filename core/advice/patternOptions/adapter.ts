import { fasteningOf, leastEngagementMm, POCKET_SPARE_MM, threadOrNull } from '#core/fastener';
import { patternName } from '#core/hub';
import type { SetupAxle, StackPart } from '#core/job';
import { diameterFigure } from '#core/units';
import { shopLimits, worstVerdict } from '#core/verdict';
import { roomOf, way, type Case, WHEELS_AN_AXLE } from './case';
import type { PatternOption } from './option';

export function adapter(one: Case): PatternOption {
  const { words, hub, wheel, choices, candidate } = one;
  const vehicleHub = one.job.vehicle[one.axle]?.hub;
  const fastener = vehicleHub?.fastener ?? {};
  const studs = fastener.kind === 'stud' ? (fastener.lengthMm ?? null) : null;
  const thread = threadOrNull(fastener.thread);
  const kept = choices.adapterKept ?? null;
  const [bore, lip] = [vehicleHub?.boreMm, candidate.wheel?.boreMm];
  const fitted = (thicknessMm: number): SetupAxle => {
    const ordered: StackPart = {
      kind: 'bolt-on',
      thicknessMm,
      toLugCount: wheel.lugCount,
      toBoltCircleMm: wheel.boltCircleMm,
      ...(bore == null ? {} : { innerBoreMm: bore }),
      ...(lip == null ? {} : { outerLipMm: lip }),
    };
    return { ...candidate, stack: [...(candidate.stack ?? []), kept?.piece ?? ordered] };
  };
  // How the studs stand behind any adapter says from which thickness on they hide.
  const hides = studs === null ? null : fasteningOf(fastener, fitted(0), shopLimits(one.job.house)).thinnestAdapterMm;
  const thickness = kept ? (kept.piece.thicknessMm ?? null) : (choices.adapterMm ?? hides);
  const lines = [`${patternName(hub)} to ${patternName(wheel)}`];
  if (hides !== null)
    lines.push(`at ${words.length(hides)} or more, studs of ${words.length(studs!)} need neither pockets nor trimming`);
  if (studs !== null && thread) {
    const least = leastEngagementMm(thread.diameterMm, shopLimits(one.job.house).engagementRatio);
    lines.push(`lug seat no thicker than ${words.length(studs - least)}: then ${thread.name} still holds`);
  }
  if (thickness === null) {
    lines.push('enter its thickness: stud length is not known');
    return way({
      one,
      kind: 'adapter',
      title: 'Adapter',
      verdict: 'unknown',
      lines,
      candidate: null,
      price: 'adapterEach',
      caution: ADAPTER_CAUTION,
    });
  }
  const made = fitted(thickness);
  lines.push(`moves the wheel out by ${words.length(thickness)}`);
  if (kept) lines.push(`from the shelf: ${kept.name}`);
  else if (bore != null && lip != null)
    lines.push(`order: bore ${diameterFigure(bore)} mm, lip ${diameterFigure(lip)} mm`);
  const { studProudMm: proud, verdict: held } = fasteningOf(fastener, made, shopLimits(one.job.house));
  if (proud !== null && proud > 0 && held !== 'ok')
    lines.push(
      `studs stick out ${words.length(proud)}: trim them, or wheel pockets of ${words.length(proud + POCKET_SPARE_MM)}`,
    );
  const room = roomOf(one, made);
  lines.push(...room.lines);
  const verdict = worstVerdict([room.verdict, held, 'caution']);
  const title = `Adapter, ${words.length(thickness)}`;
  const found = way({
    one,
    kind: 'adapter',
    title,
    verdict,
    lines,
    candidate: made,
    price: 'adapterEach',
    caution: ADAPTER_CAUTION,
  });
  return kept?.priceEach == null ? found : { ...found, cost: kept.priceEach * WHEELS_AN_AXLE };
}

const ADAPTER_CAUTION = 'Two rows of fasteners, each with its own torque. Retorque both after 50 to 100 km.';
