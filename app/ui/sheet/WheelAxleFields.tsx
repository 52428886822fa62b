import { useState } from 'react';
import type { BackspacingConvention } from '#core/wheel';
import { Segments } from '../controls/Segments';
import { LengthField, OffsetField } from '../fields/LengthField';
import { RimField } from '../fields/NumberField';
import { TireSizeField } from '../fields/TextField';
import { Reading } from '../help/Reading';
import type { useAxleFields } from './useAxleFields';

type AxleFields = ReturnType<typeof useAxleFields>;

/** Rim diameter and width as one figure, the way it is said. */
export function RimPair({ fields, bare = false }: { fields: AxleFields; bare?: boolean }) {
  return (
    <div className="sheet-pair">
      <Reading of="baseline.wheel.rimDiameterIn">
        <RimField {...fields.rimDiameter} label="Rim diameter" range="rimDiameterIn" width={3} bare={bare} />
      </Reading>
      <span aria-hidden className="soft pair-sign">
        ×
      </span>
      <Reading of="baseline.wheel.rimWidthIn">
        <RimField {...fields.rimWidth} label="Rim width" range="rimWidthIn" width={4} bare={bare} />
      </Reading>
    </div>
  );
}

/** A backspacing in the convention of one's choice; typing one makes the wheel "given by backspacing". */
export function BackspacingField({ fields, onSheet = false }: { fields: AxleFields; onSheet?: boolean }) {
  const [convention, setConvention] = useState<BackspacingConvention>('overall');
  return (
    <div className="sheet-pair">
      <LengthField
        key={convention}
        {...fields.backspacing(convention)}
        label={onSheet ? 'Backspacing' : `Backspacing, ${convention}`}
        range="backspacingMm"
        width={6}
      />
      <Segments<BackspacingConvention>
        aria-label="Meaning of backspacing"
        size="small"
        options={[
          { value: 'overall', label: 'overall', title: 'to the back of the flange: what a rule reads' },
          { value: 'nominal', label: 'nominal', title: 'to the bead seat: arithmetic on the nominal width' },
        ]}
        value={convention}
        onChange={setConvention}
      />
    </div>
  );
}

const MEASURED = [
  ['sectionWidth', 'sectionWidthMm', 'Section width'],
  ['overallDiameter', 'overallDiameterMm', 'Overall diameter'],
  ['treadWidth', 'treadWidthMm', 'Tread width'],
] as const;

/** Dimensions of a tire that win over those computed from its size. */
export const MeasuredTire = ({ fields }: { fields: AxleFields }) =>
  MEASURED.map(([field, key, name]) => (
    <Reading key={key} of={`baseline.tire.${key}`}>
      <LengthField
        {...fields[field]}
        label={`${name}, measured or listed`}
        range={key}
        placeholder="computed"
        width={8}
      />
    </Reading>
  ));

/** The same fields as a list, for those who prefer one and for assistive tools. */
export function WheelTireList({ fields }: { fields: AxleFields }) {
  return (
    <>
      <RimPair fields={fields} />
      <OffsetField {...fields.offset} label="Offset" width={6} />
      <BackspacingField fields={fields} />
      <TireSizeField {...fields.tireSize} label="Tire size" width={20} placeholder="205/55R16" />
      <MeasuredTire fields={fields} />
    </>
  );
}
