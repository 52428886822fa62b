import type { AxleReport } from '#core/evaluate';
import type { Column } from '../table/columns';

/** A column of an axle's figures, sorted by size; what is not known stands as a dash, before the least. */
export const figureColumn = <Row extends { figures: AxleReport }>(
  title: string,
  of: (figures: AxleReport) => number | null,
  show: (value: number) => string,
): Column<Row> => ({
  title,
  key: title,
  align: 'right',
  sorter: (one, other) => (of(one.figures) ?? -Infinity) - (of(other.figures) ?? -Infinity),
  render: ({ figures }) => {
    const value = of(figures);
    return <span className="figure">{value === null ? '—' : show(value)}</span>;
  },
});
