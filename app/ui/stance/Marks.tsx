import { labelPlace, LETTERS_PX, type SeenMark } from './seenMarks';

/** The figures on the picture, each with the line that it is the length of. */
export const Marks = ({ seen }: { seen: readonly SeenMark[] }) => (
  <svg className="stance-marks" aria-hidden>
    {seen.map((mark) => {
      const { x, y, anchor } = labelPlace(mark);
      return (
        <g key={mark.key} data-mark={mark.key} textAnchor={anchor}>
          <line x1={mark.from[0]} y1={mark.from[1]} x2={mark.to[0]} y2={mark.to[1]} />
          <text x={x} y={mark.beside ? y - LETTERS_PX : y}>
            {mark.text}
          </text>
          {mark.beside && (
            <text className="mark-beside" x={x} y={y}>
              {mark.beside}
            </text>
          )}
        </g>
      );
    })}
  </svg>
);
