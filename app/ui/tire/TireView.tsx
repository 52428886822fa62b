import { useMemo } from 'react';
import { fitCandidate, fitPresent, type SetupReport } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { extensionMm } from '#core/dual';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useDialog } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';
import { later } from '../parts/later';
import { MakesTable } from './MakesTable';
import { TireFields } from './TireFields';
import { TireSection } from './TireSection';
import './tire.css';

const SizesDialog = later(() => import('./SizesDialog').then((module) => module.SizesDialog));

interface TireViewProps {
  setup: Setup;
  axle: AxleName;
  report: SetupReport;
}

/**
 * Everything the tire decides: its section on the rim, the makes of its size, what it carries, and other tire sizes
 * instead.
 */
export function TireView({ setup, axle, report }: TireViewProps) {
  const { job } = useDocument();
  const lengths = useLengths();
  const sizes = useDialog('sizes');
  const fitted = useMemo(() => fitCandidate(job.vehicle, axle, setup[axle]), [job.vehicle, axle, setup]);
  const figures = report[axle];
  return (
    <div className="inner-view tire-view">
      <div className="tire-left">
        <TireSection
          fitted={fitted}
          report={figures}
          description={
            `Tire section of setup ${setup.id.toUpperCase()}, ${axle}: section` +
            ` ${lengths.text(figures.tire.sectionWidthMm)}, tread` +
            ` ${lengths.text(figures.tire.treadWidthMm)}` +
            (fitted.dual ? `, gap between duals ${lengths.text(figures.dualGapMm)}` : '')
          }
        />
        <MakesTable setup={setup} axle={axle} />
      </div>
      <form
        className="inner-fields"
        aria-label={`Tire of setup ${setup.id.toUpperCase()}, ${axle}`}
        onSubmit={(event) => event.preventDefault()}
      >
        <Button className="tire-sizes" onClick={sizes.open}>
          Other tire sizes <kbd>S</kbd>
        </Button>
        <Extension setup={setup} axle={axle} />
        <TireFields key={`${setup.id}${axle}`} setup={setup} axle={axle} figures={figures} />
      </form>
      {sizes.isOpen && <SizesDialog setup={setup} axle={axle} close={sizes.close} />}
    </div>
  );
}

/** On a car with dual rear wheels, the hub extension that carries a wheel of more offset at the front. */
function Extension({ setup, axle }: { setup: Setup; axle: AxleName }) {
  const { job, edit } = useDocument();
  const lengths = useLengths();
  if (axle !== 'front' || !job.vehicle.rear?.dual) return null;
  const wheel = fitCandidate(job.vehicle, 'front', setup.front);
  const now = fitPresent(job.vehicle, 'front').effectiveOffsetMm;
  if (wheel.effectiveOffsetMm === null || now === null) return null;
  const needed = extensionMm(wheel.effectiveOffsetMm, now);
  if (needed === null) return null;
  const { lugCount, boltCircleMm, boreMm } = setup.front?.wheel ?? {};
  const piece = {
    kind: 'bolt-on' as const,
    label: 'Front hub extension',
    thicknessMm: Math.round(needed * 10) / 10,
    ...(lugCount == null ? {} : { toLugCount: lugCount }),
    ...(boltCircleMm == null ? {} : { toBoltCircleMm: boltCircleMm }),
    ...(boreMm == null ? {} : { outerLipMm: boreMm }),
  };
  return (
    <div className="advice">
      <span>
        This wheel sits {lengths.text(needed)} further in than now. A front hub extension of that thickness, in the
        wheel&apos;s pattern, puts it where the present one is.
      </span>
      <Button
        size="small"
        onClick={() =>
          edit({
            op: 'set',
            path: ['setups', setup.id, 'front', 'stack'],
            value: [...(setup.front?.stack ?? []), piece],
          })
        }
      >
        Add the extension
      </Button>
    </div>
  );
}
