import { makesOfSize, type Make } from '#core/advice';
import { useMemo } from 'react';
import type { AxleName, Setup } from '#core/job';
import { Check } from '../controls/Check';
import { useDocument } from '../../job/DocumentContext';
import { useShelfState } from '../../job/ShelfContext';
import { useLengths } from '../../preferences/PreferencesContext';
import './tire.css';

/** The makes kept of this size beside the size by arithmetic: what each one's own dimensions do in this room. */
export function MakesTable({ setup, axle }: { setup: Setup; axle: AxleName }) {
  const { job, edit } = useDocument();
  const { items: shelf, come } = useShelfState();
  const lengths = useLengths();
  const makes = useMemo(() => makesOfSize({ job, setup, axle, items: shelf }), [job, setup, axle, shelf]);
  const size = setup[axle]?.tire?.size;
  if (size === undefined) return null;
  if (makes.length === 1)
    return come && <p className="makes-none soft">No make of {size} on the shelf: nominal dimensions are used.</p>;
  const used = setup[axle]?.tire?.label;
  const kept = new Set(makes.filter(({ ofSize }) => !ofSize).map(({ name }): string | undefined => name));
  const take = ({ tire, ofSize }: Make) =>
    edit({ op: 'set', path: ['setups', setup.id, axle, 'tire'], value: ofSize ? { size } : tire });
  return (
    <div className="makes">
      <table>
        <caption className="label">Makes of {size} on the shelf, each by its own dimensions</caption>
        <thead>
          <tr>
            {['On it', 'Section', 'Diameter', 'Tread', 'Poke', 'Inner clearance', 'Fender clearance'].map((name) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {makes.map((make) => {
            const { tire, pokeMm, inboardGapMm, archGapMm } = make.figures;
            return (
              <tr key={make.name}>
                <th scope="row">
                  <Check
                    type="radio"
                    checked={make.ofSize ? !kept.has(used) : used === make.name}
                    onChange={() => take(make)}
                  >
                    {make.ofSize ? 'nominal size' : make.short}
                  </Check>
                </th>
                <td className="figure">{lengths.figure(tire.sectionWidthMm)}</td>
                <td className="figure">{lengths.figure(tire.overallDiameterMm)}</td>
                <td className="figure">{lengths.figure(tire.treadWidthMm)}</td>
                <td className="figure">{lengths.figure(pokeMm, true)}</td>
                <td className="figure">{lengths.figure(inboardGapMm)}</td>
                <td className="figure">{lengths.figure(archGapMm)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
