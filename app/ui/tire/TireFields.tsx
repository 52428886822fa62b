import type { AxleReport } from '#core/evaluate';
import { readLoadRange, readSpeedRating, serviceOf } from '#core/load';
import type { AxleName, Setup, Wheel } from '#core/job';
import { itemName, tireFromShelf } from '#core/shelf';
import { readTireSize, usualLoadedRadiusMm, type Tire } from '#core/tire';
import { Check } from '../controls/Check';
import { FindChoice } from '../controls/FindChoice';
import { useDocument } from '../../job/DocumentContext';
import { useShelf } from '../../job/ShelfContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { MeasureField } from '../fields/MeasureField';
import { NumberField, RimField } from '../fields/NumberField';
import { MarkingField, TextField, TireSizeField } from '../fields/TextField';
import { tireSizeEdits } from '../sheet/tireSizeEdits';
import { useEditAt } from '../parts/useEditAt';
import { useFieldOver } from '../parts/useFieldOver';

/**
 * Everything of a setup's tire besides its place: what it is made to carry, its own dimensions, weights, and the dual
 * spacer.
 */
export function TireFields({ setup, axle, figures }: { setup: Setup; axle: AxleName; figures: AxleReport }) {
  const lengths = useLengths();
  const { job, edit } = useDocument();
  const editAt = useEditAt();
  const shelf = useShelf();
  const base = ['setups', setup.id, axle];
  const { tire = {}, wheel = {}, dualSpacerMm } = setup[axle] ?? {};
  const dual = job.vehicle[axle]?.dual ?? false;
  // What stands behind the size shows as what an empty field means.
  const marked = serviceOf(tire.size === undefined ? null : readTireSize(tire.size), {});
  const fieldOver = useFieldOver();
  const over = <T,>(path: string[], value: T | null | undefined) => fieldOver([...base, ...path], value);
  const of = <K extends keyof Tire>(key: K) => over(['tire', key], tire[key]);
  const ofWheel = <K extends keyof Wheel>(key: K) => over(['wheel', key], wheel[key]);
  const hint = (value: number | string | null) => (value === null ? '—' : String(value));
  const kept = shelf.filter(({ kind }) => kind === 'tire');
  return (
    <>
      <section className="field-group" aria-label="Tire">
        <h2 className="label">Tire</h2>
        <div className="field-wrap">
          <TireSizeField
            {...of('size')}
            commit={(size) => (size === null ? of('size').commit(null) : edit(...tireSizeEdits({ base, wheel, size })))}
            label="Tire size"
            width={18}
            placeholder="205/55R16"
          />
          <NumberField
            {...of('loadIndex')}
            label="Load index"
            range="loadIndex"
            whole
            width={3}
            placeholder={hint(marked.loadIndex)}
          />
          {(dual || tire.loadIndexDual != null || marked.loadIndexDual !== null) && (
            <NumberField
              {...of('loadIndexDual')}
              label="Load index, dual"
              range="loadIndex"
              whole
              width={3}
              placeholder={hint(marked.loadIndexDual)}
            />
          )}
          <MarkingField
            {...of('speed')}
            read={readSpeedRating}
            label="Speed rating"
            width={3}
            placeholder={hint(marked.speed)}
          />
          <MarkingField
            {...of('loadRange')}
            read={readLoadRange}
            label="Load range"
            width={3}
            placeholder={hint(marked.loadRange)}
          />
          <Check
            checked={tire.snow ?? false}
            onChange={({ target }) => editAt([...base, 'tire', 'snow'], target.checked ? true : null)}
          >
            Marked M+S or for severe snow
          </Check>
          <TextField {...of('label')} label="Make and model" width={20} placeholder="any" />
        </div>
        <FindChoice
          aria-label="Take a tire from the shelf"
          placeholder="Take a tire from the shelf …"
          empty="No tires are kept yet: add them on the shelf."
          style={{ width: '16.25rem' }}
          options={kept.map((item, at) => ({ value: at, label: `${itemName(item)}, ${item.size}` }))}
          take={(at) => edit({ op: 'set', path: [...base, 'tire'], value: tireFromShelf(kept[at]!) })}
        />
      </section>
      <section className="field-group" aria-label="Its own dimensions">
        <h2 className="label">Its own dimensions</h2>
        <div className="field-wrap">
          <LengthField
            {...of('sectionWidthMm')}
            label="Section width"
            range="sectionWidthMm"
            width={6}
            placeholder={lengths.figure(figures.tire.sectionWidthMm)}
          />
          <RimField {...of('testRimIn')} label="On a test rim of" range="rimWidthIn" width={4} placeholder="this" />
          <LengthField
            {...of('overallDiameterMm')}
            label="Overall diameter"
            range="overallDiameterMm"
            width={6}
            placeholder={lengths.figure(figures.tire.overallDiameterMm)}
          />
          <LengthField
            {...of('staticLoadedRadiusMm')}
            label="Static loaded radius"
            range="staticLoadedRadiusMm"
            width={6}
            placeholder={
              figures.tire.overallDiameterMm === null
                ? '—'
                : lengths.figure(usualLoadedRadiusMm(figures.tire.overallDiameterMm))
            }
          />
          <LengthField
            {...of('treadWidthMm')}
            label="Tread width"
            range="treadWidthMm"
            width={6}
            placeholder={lengths.figure(figures.tire.treadWidthMm)}
          />
          {dual && (
            <LengthField
              {...of('minDualSpacingMm')}
              label="Least dual spacing, maker's"
              range="minDualSpacingMm"
              width={6}
            />
          )}
        </div>
        <p className="soft">
          Gray figures follow from the size; a measured figure, or one from the maker&apos;s table, wins over them.
        </p>
      </section>
      <section className="field-group" aria-label="Wheel and weights">
        <h2 className="label">Wheel and weights</h2>
        <div className="field-wrap">
          <MeasureField {...ofWheel('ratingKg')} label="Wheel rating" quantity="mass" range="ratingKg" width={6} />
          <MeasureField {...ofWheel('massKg')} label="Wheel weight" quantity="mass" range="massKg" width={5} />
          <MeasureField {...of('massKg')} label="Tire weight" quantity="mass" range="massKg" width={5} />
          {dual && (
            <LengthField
              {...over(['dualSpacerMm'], dualSpacerMm)}
              label="Spacer between the discs"
              range="thicknessMm"
              width={5}
              placeholder="none"
            />
          )}
        </div>
      </section>
      <p className="caution-note">
        Load ratings never go down. Pressure is the plate&apos;s or the tire maker&apos;s: figures here are estimates.
      </p>
    </>
  );
}
