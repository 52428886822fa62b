import { labelPlaces, LETTERS_PX, type SeenMark } from './seenMarks';
import './stance.css';

/** The figures on the picture, each with the line that it is the length of. */
export function Marks({ seen, widthPx }: { seen: readonly SeenMark[]; widthPx: number }) {
  const places = labelPlaces(seen, widthPx);
  return (
    <svg className="stance-marks" aria-hidden>
      {seen.map(({ key, from, to, text, beside }) => {
        const place = places.get(key);
        return (
          <g key={key} data-mark={key}>
            <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} />
            {place && (
              <g textAnchor={place.anchor}>
                <text x={place.x} y={beside ? place.y - LETTERS_PX : place.y}>
                  {text}
                </text>
                {beside && (
                  <text className="mark-beside" x={place.x} y={place.y}>
                    {beside}
                  </text>
                )}
              </g>
            )}
          </g>
        );
      })}
    </svg>
  );
}
