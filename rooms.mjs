/**
 * The rooms of the house, floor by floor from the ground up, each with what lies there: a room may use those of its
 * own floor and below, never one above. The fence in `npm test` (.dependency-cruiser.mjs) and the map in README.md
 * (`npm run map`) read this list.
 */
export const FLOORS = [
  {
    'core/errors': 'what the domain throws, with the place it concerns',
    'core/text': 'how words begin',
    'core/kept': 'what is worked out once for each thing',
    'core/progress': 'long work as steps that tell the share done and can be stopped',
  },
  {
    'core/units': 'lengths, measures and numbers, read and written in the unit of the reader',
    'core/uncertainty': 'what instruments are good for, ± and chances, draws',
    'core/instrument': 'the shop’s own measuring instruments: their calibration, and the lines that they send',
    'core/print': 'whether a print came out to scale',
  },
  {
    'core/kinematics': 'points and placements in space as a wheel steers and travels',
    'core/suspension': 'how wheels move by kind of suspension, lifts, the steering axis',
    'core/tire': 'tire sizes, their dimensions, approved rims, growth in service',
    'core/wheel': 'offset, backspacing and overall width',
    'core/verdict': 'verdicts, limits, and the rules that a shop may choose between',
    'core/position': 'where a wheel stands across the car, and what that changes',
    'core/dual': 'dual wheels: their spacing, and which places a wheel serves',
    'core/mass': 'weight and rotating inertia',
  },
  {
    'core/stack': 'spacers, adapters and hub rings: thickness, effective offset, trial spacers',
    'core/centering': 'what centers a wheel on its hub, face by face',
    'core/fastener': 'threads, engagement, lug seats and holes, tightening order',
    'core/brake': 'outlines of brakes, inner faces of wheels, the room between them',
    'core/section': 'the half section of tire and rim, and distances to it',
    'core/load': 'load indices, speed ratings, load ranges and pressures',
    'core/gearing': 'speedometer and engine speed',
    'core/sensor': 'tire-pressure sensors',
    'core/spare': 'the spare in its well and under its hold-down',
  },
  {
    'core/hub': 'bolt patterns: from readings, known ones, redrilling',
    'core/sweep': 'parts around a wheel in space, and every pose it takes past them',
  },
  {
    'core/fitting': 'what was put on the car and found there, against what had been predicted',
    'core/note': 'what was written down beside the work, and its photos',
    'core/remedy': 'what can be done at a part, and what must go where',
    'core/window': 'which offsets a part keeps out',
  },
  { 'core/job': 'a job as its file keeps it, made of the records of the rooms; edits; the terms it is judged by' },
  {
    'core/shelf': 'what the shop keeps, and what of it goes on a car',
    'core/cost': 'what a setup costs, line by line, in whole coins',
    'core/order': 'what is to be had for a setup, by the figures that identify it, and what the shelf has of it',
  },
  { 'core/evaluate': 'from readings to verdicts: figures and checks by matter, every check in CHECKS' },
  {
    'core/advice': 'remedies, window, sizes, makes, options for another pattern, measuring plan, sensitivity',
    'core/sheet': 'what is done at the car to put a setup on it, each step with why it is there',
    'core/calibration': 'how far off a shop was, and what that makes of its ±',
    'core/find': 'of all wheels, tires and stacks those that fit best, and why the others do not',
    'core/stance': 'the car with a setup on it in three dimensions, as plain triangles',
    'core/alike': 'cars of one kind: how far they differ, and what of one is taken over for another',
    'core/standing': 'what a job waits for, and what other rules make of it',
  },
  {
    'core/customer': 'setups as options of a customer, told in plain words',
  },
  {
    formats: 'job files, every field in FIELDS, drawings in and out, papers, the shelf as CSV, scenes as glTF',
  },
  {
    cli: 'the evaluate command',
    server: 'Express host, database, migrations, jobs with their edits and history, shelf, shop defaults',
  },
  { app: 'the pages: routes, the job on the table, the worker, everything on screen' },
];

/** The names of the rooms on each floor. */
export const ROOMS = FLOORS.map((floor) => Object.keys(floor));
