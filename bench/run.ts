// Prints how fast the computation is, as ratios against references measured in the same run.
import { existsSync } from 'node:fs';
import { measureBrake } from './brake';
import { measureEvaluate } from './evaluate';
import { measureFind } from './find';
import { measureLive } from './live';
import { measureNudge } from './nudge';
import { measureSweep } from './sweep';
import { measureWindow } from './window';

measureEvaluate();
measureBrake();
measureSweep();
measureWindow();
await measureFind();
if (existsSync('build/server/index.js')) {
  await measureLive();
  await measureNudge();
} else console.log('\nlive, nudge: build the application first (npm run build) to measure them');
