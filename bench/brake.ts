import Flatten from '@flatten-js/core';
import { brakeRoom, stackToClearMm, type AxialPoint, type InnerFace } from '#core/brake';
import { medianMicroseconds } from './measure';
import type { Bench } from './report';

const LIMITS = { spokeMm: 2, barrelMm: 3 };

/** A brake of 64 corners in a wheel of 2 × 32 points, against the same distances by flatten-js, piece by piece. */
export function measureBrake(): Bench {
  const outline: AxialPoint[] = Array.from({ length: 64 }, (_, index) => {
    const t = (2 * Math.PI * index) / 64;
    return { a: -5 + 36 * Math.cos(t), r: 132 + 36 * Math.sin(t) };
  });
  const line = (of: (t: number) => AxialPoint) => Array.from({ length: 32 }, (_, index) => of(index / 31));
  const face: InnerFace = {
    barrel: line((t) => ({ a: -140 + 165 * t, r: 200 - 14 * Math.sin(Math.PI * t) })),
    spoke: line((t) => ({ a: 26 + 20 * Math.sin(Math.PI * t), r: 196 - 116 * t })),
  };
  const pieces = (points: readonly AxialPoint[], closed: boolean) =>
    points.slice(0, closed ? undefined : -1).map((from, index) => {
      const to = points[(index + 1) % points.length]!;
      return Flatten.segment(Flatten.point(from.a, from.r), Flatten.point(to.a, to.r));
    });
  const byFlatten = () => {
    let least = Infinity;
    for (const part of [face.barrel!, face.spoke!])
      for (const one of pieces(outline, true))
        for (const other of pieces(part, false)) least = Math.min(least, one.distanceTo(other)[0]);
    return least;
  };
  const own = medianMicroseconds(() => brakeRoom(outline, face, 0), { callsARound: 20, rounds: 15 });
  const reference = medianMicroseconds(byFlatten, { callsARound: 1, rounds: 7 });
  const search = medianMicroseconds(() => stackToClearMm(outline, face, { ...LIMITS, spokeMm: 14 }), {
    callsARound: 2,
    rounds: 9,
  });
  return {
    title: 'brake room: 64 corners in 2 × 32 points',
    figures: [
      { what: 'distances and their places', values: [own], unit: 'µs' },
      { what: 'the same pieces by flatten-js', values: [reference], unit: 'µs', note: 'without places or overlap' },
      { what: 'ratio flatten-js / own', values: [reference / own], digits: 1 },
      { what: 'thinnest stack that clears', values: [search], unit: 'µs' },
      { what: 'ratio thinnest stack / distances', values: [search / own], digits: 1 },
    ],
  };
}
