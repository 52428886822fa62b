import { readFileSync } from 'node:fs';
import { allChecks, evaluate, limitedBy, type Check } from '#core/evaluate';
import { setupTitle, wheelCode, type Job } from '#core/job';
import { formatLength, formatPlusMinus, lengthFigure, unitSign, unitsOf, type LengthUnit } from '#core/units';
import { checkWith } from '#support/check';
import type { Lengths } from '../preferences/PreferencesContext';
import { briefLine } from './frame/briefLine';
import { STATIONS } from './frame/stations';
import { nextUnit } from './frame/nextUnit';
import { checkName, limitText, marginText, valueFigure } from './checkWords';
import { faceText, stackLine, tireLine } from './words';

const inUnit = (unit: LengthUnit): Lengths => ({
  unit,
  units: unitsOf(unit),
  bare: unitSign(unit),
  sign: unitSign(unit),
  plusMinus: (mm) => formatPlusMinus(mm, unit),
  figure: (mm, plus) => (mm == null ? '—' : lengthFigure(mm, unit, plus)),
  text: (mm, plus) => (mm == null ? '—' : formatLength(mm, unit, plus)),
});
const mm = inUnit('mm');

test('a face is proud, inside or level, never "0.0 inside"', () => {
  expect([4.56, -8.73, 0, 0.04, -0.04, null].map((poke) => faceText(poke, mm))).toEqual([
    '4.6 poke',
    '8.7 tuck',
    'flush',
    'flush',
    'flush',
    '—',
  ]);
  expect(faceText(-8.74, inUnit('in16'))).toBe('3/8 tuck');
});

test('wheels, tires and stacks as the trade writes them', () => {
  expect(wheelCode({ wheel: { rimDiameterIn: 17, rimWidthIn: 7.5, offsetMm: 42 } }, null)).toBe('17 × 7.5 +42');
  expect(
    wheelCode(
      { wheel: { rimDiameterIn: 15, rimWidthIn: 8, backspacingMm: 114.3, backspacingConvention: 'overall' } },
      12.7,
    ),
  ).toBe('15 × 8 0');
  expect(wheelCode(undefined, null)).toBe('— × — —');
  expect(setupTitle({ id: 'a', label: 'Rain set' }, null)).toBe('Rain set');
  expect(setupTitle({ id: 'a', rear: { wheel: { rimDiameterIn: 13, rimWidthIn: 6, offsetMm: -4 } } }, null)).toBe(
    '13 × 6 −4',
  );
  expect(tireLine({ tire: { size: '205/55R16' } })).toBe('205/55R16');
  expect(tireLine({})).toBe('no tire yet');
  expect(stackLine({}, mm)).toBe('no stack');
  expect(stackLine({ stack: [{ kind: 'slip-on', thicknessMm: 5 }] }, inUnit('in'))).toBe('0.20 in slip-on');
  expect(
    stackLine(
      {
        stack: [
          { kind: 'slip-on', thicknessMm: 5 },
          { kind: 'bolt-on', thicknessMm: 20 },
        ],
      },
      mm,
    ),
  ).toBe('25.0 mm slip-on, bolt-on');
  expect(stackLine({ stack: [{ kind: 'bolt-on' }] }, mm)).toBe('bolt-on, thickness —');
});

test.each<[Partial<Check>, string, string, string]>([
  [{}, '10.0', 'limit 6.0', '4.0 mm to spare'],
  [{ value: 6, margin: 0 }, '6.0', 'limit 6.0', 'exactly at its limit'],
  [{ value: 2, margin: -4, verdict: 'caution' }, '2.0', 'limit 6.0', '4.0 mm short'],
  [{ value: -3, margin: -9, verdict: 'fail' }, '−3.0', 'limit 6.0', 'touches by 3.0 mm'],
  [{ value: null, margin: null, verdict: 'unknown' }, '—', 'limit 6.0', 'not known yet'],
  [{ code: 'fender', value: -8.7, limit: 0, margin: 8.7 }, '8.7 tuck', 'out to flush', '8.7 mm to spare'],
  [{ code: 'fender', value: 5, limit: 2, margin: -3, verdict: 'fail' }, '5.0 poke', 'out to 2.0 poke', '3.0 mm beyond'],
  [
    { code: 'fender', value: -30, limit: 0, margin: 30, verdict: 'caution' },
    '30.0 tuck',
    'out to flush',
    'short of the target',
  ],
  [
    { code: 'rim-width', unit: 'in', value: 8, limit: 7.5, margin: -0.5, verdict: 'caution' },
    '8',
    'rim limit 7.5',
    '0.5 in too wide',
  ],
  [
    { code: 'rim-width', unit: 'in', value: 5, limit: 5.5, margin: -0.5, verdict: 'caution' },
    '5',
    'rim limit 5.5',
    '0.5 in too narrow',
  ],
  [
    { code: 'diameter', unit: '%', value: 5, limit: 3, margin: -2, verdict: 'caution' },
    '+5.0',
    'limit ±3.0 %',
    '2.0 % over',
  ],
  [{ code: 'rim-diameter', unit: 'in', value: 17, limit: 17, margin: 0 }, '17', 'tire for 17 in', 'same diameter'],
  [
    { code: 'rim-diameter', unit: 'in', value: 17, limit: 16, margin: -1, verdict: 'fail' },
    '17',
    'tire for 16 in',
    'diameters differ',
  ],
  [{ code: 'diameter', unit: '%', value: 1.79, limit: 3, margin: 1.21 }, '+1.8', 'limit ±3.0 %', '1.2 % to spare'],
  [
    { code: 'rim-width', unit: 'in', value: null, limit: null, margin: null, verdict: 'unknown' },
    '—',
    'a reading is missing',
    'not known yet',
  ],
])('%j', (over, value, limit, margin) => {
  expect([valueFigure(checkWith(over), mm), limitText(checkWith(over), mm), marginText(checkWith(over), mm)]).toEqual([
    value,
    limit,
    margin,
  ]);
});

test('a check is named with its axle, one of the whole car without', () => {
  expect(checkName(checkWith({}))).toBe('Inner clearance, front');
  expect(checkName(checkWith({ axle: null }))).toBe('Inner clearance');
});

test('every check of the demo can be said in every unit', () => {
  for (const name of ['brindle-kite', 'orrin-haul', 'velder-two', 'pallas-tender']) {
    const job = JSON.parse(readFileSync(`demo/${name}.scoval.json`, 'utf8')) as Job;
    for (const report of evaluate(job).setups) {
      expect(limitedBy(report)).not.toBeNull();
      for (const unit of ['mm', 'in', 'in16', 'in32'] as const)
        for (const one of allChecks(report))
          for (const text of [
            valueFigure(one, inUnit(unit)),
            limitText(one, inUnit(unit)),
            marginText(one, inUnit(unit)),
          ])
            expect(text).not.toMatch(/undefined|NaN|null|^$/);
    }
  }
});

test.each([
  [{ pokeMm: { min: -8, max: 0 } }, 'target 8.0 tuck to flush'],
  [{ pokeMm: { min: -25, max: 10 } }, 'target 25.0 tuck to 10.0 poke'],
  [{ pokeMm: { max: 5 } }, 'target out to 5.0 poke'],
  [{ pokeMm: { min: -5 } }, 'target 5.0 tuck to flush'],
  [{}, 'no target yet: no poke'],
  [undefined, 'no target yet: no poke'],
])('the brief in a line: %j', (brief, line) => expect(briefLine(brief, mm)).toBe(line));

test('stations say what is missing', () => {
  const bare: Job = { format: 'scoval.job', version: 1, vehicle: {}, setups: [] };
  expect(STATIONS.map(({ key, name, state }) => [key, name, state(bare).text, state(bare).full])).toEqual([
    ['1', 'Hub', '0 of 16', false],
    ['2', 'Room', '0 of 14', false],
    ['3', 'Brakes', 'no outline', false],
    ['4', 'Brief', 'no target yet', false],
    ['5', 'Window', 'a setup first', false],
    ['6', 'Setups', 'none yet', false],
    ['7', 'Compare', '—', false],
    ['8', 'Sweep', 'at rest only', false],
    ['v', 'Stance', 'tire sizes first', false],
    ['9', 'Fit-up', 'not yet', false],
    ['0', 'Log', 'timeline', true],
  ]);
  const stateAt = (path: string, job: Job) => STATIONS.find((one) => one.path === path)!.state(job);
  const fitting = { id: 'f1', kind: 'final' as const, startedAt: '2026-03-02T08:40:00Z', corners: {} };
  const fitUp = (change: object) => stateAt('fit-up', { ...bare, fittings: [{ ...fitting, ...change }] });
  expect(fitUp({})).toEqual({ text: 'under way', full: false });
  expect(fitUp({ finishedAt: '2026-03-02T12:00:00Z' })).toEqual({ text: 'closed', full: false });
  expect(fitUp({ finishedAt: '2026-03-02T12:00:00Z', outcome: 'kept' })).toEqual({ text: 'kept', full: true });
  const brakes = (vehicle: Job['vehicle']) => STATIONS[2]!.state({ ...bare, vehicle });
  const drawn = { caliper: { outline: [] } };
  expect(brakes({ front: drawn })).toEqual({ text: 'front only', full: false });
  expect(brakes({ front: drawn, rear: drawn })).toEqual({ text: 'both axles', full: true });
  const sweep = (vehicle: Job['vehicle']) => stateAt('sweep', { ...bare, vehicle });
  const strut = { suspension: { kind: 'strut' as const } };
  expect(sweep({ front: strut })).toEqual({ text: 'front moves', full: false });
  expect(sweep({ front: strut, rear: { suspension: { kind: 'rear' } } })).toEqual({ text: 'both axles', full: true });
});

test('the unit key goes round', () => {
  expect((['mm', 'in', 'in16', 'in32'] as const).map(nextUnit)).toEqual(['in', 'in16', 'in32', 'mm']);
});

test('parts that do not go together say why', () => {
  const check = (code: string, value: number | null, verdict: Check['verdict']): Check => ({
    code,
    value,
    verdict,
    label: code,
    axle: 'front',
    limit: null,
    margin: null,
    unit: 'mm',
    probability: null,
    touchProbability: null,
    plusMinus: null,
    restsOn: null,
    working: [],
  });
  const mm = inUnit('mm');
  expect(marginText(check('pattern', 2, 'fail'), mm)).toBe('circles +2.00 mm apart');
  expect(marginText(check('pattern', 0, 'fail'), mm)).toBe('counts differ');
  expect(marginText(check('centring', 9.2, 'caution'), mm)).toBe('9.2 mm clearance');
  expect(marginText(check('centring', -0.4, 'fail'), mm)).toBe('bore 0.4 mm too small');
  expect(marginText(check('centring', 0, 'fail'), mm)).toBe('the lip does not reach it');
  expect(marginText(check('seat', null, 'fail'), mm)).toBe('forms differ');
  expect(marginText(check('bolt-lengths', 4, 'caution'), mm)).toBe('two lengths on this car');
  expect(marginText(check('seat', null, 'unknown'), mm)).toBe('not known yet');
  expect(valueFigure(check('pattern', 0, 'ok'), mm)).toBe('same');
  expect(valueFigure(check('seat', null, 'fail'), mm)).toBe('differs');
  expect(marginText({ ...check('fastening', 9, 'fail'), limit: 12, margin: -3 }, mm)).toBe('3.0 mm short');
  expect(marginText({ ...check('fastening', 26, 'fail'), limit: 12, margin: 14 }, mm)).toBe('does not hold');
  expect(limitText(check('centring', 0, 'ok'), mm)).toBe('bore less hub');
});
