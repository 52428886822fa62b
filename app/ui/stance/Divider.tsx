import type { KeyboardEvent, PointerEvent } from 'react';
import './stance.css';

interface DividerProps {
  /** As a share of the width. */
  at: number;
  move(at: number): void;
  /** What is seen on either side. */
  left: string;
  right: string;
}

const STEP = 0.02;
const LARGE_STEP = 0.1;
const within = (at: number): number => Math.min(1, Math.max(0, at));

/** What parts the picture in two: dragged, or moved by the arrow keys. */
export function Divider({ at, move, left, right }: DividerProps) {
  const drag = (event: PointerEvent<HTMLElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const { left: from, width } = event.currentTarget.parentElement!.getBoundingClientRect();
    move(within((event.clientX - from) / width));
  };
  const press = (event: KeyboardEvent) => {
    const to = {
      ArrowLeft: at - STEP,
      ArrowRight: at + STEP,
      PageDown: at - LARGE_STEP,
      PageUp: at + LARGE_STEP,
      Home: 0,
      End: 1,
    }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    move(within(to));
  };
  return (
    <>
      <span className="stance-side stance-left" aria-hidden>
        {left}
      </span>
      <span className="stance-side stance-right" aria-hidden>
        {right}
      </span>
      <div
        className="stance-divider"
        style={{ left: `${at * 100}%` }}
        role="slider"
        tabIndex={0}
        aria-label={`Divider between ${left} and ${right}`}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(at * 100)}
        aria-valuetext={`${Math.round(at * 100)} % of the picture shows ${left}`}
        onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
        onPointerMove={drag}
        onKeyDown={press}
      />
    </>
  );
}
