import { useHotkeys } from 'react-hotkeys-hook';
import { CORNER_NAMES, OUTER_CORNERS, placeOfCorner, stepState, type Corner, type Fitting } from '#core/fitting';
import type { FittingStep } from '#core/sheet';
import { capital } from '#core/text';
import { cornerSight } from '../../job/sight';
import { useSelection } from '../../job/SelectionContext';
import { BY_SIGN } from '../frame/useJobKeys';
import { doneOf } from './fittingEdits';
import './fitup.css';

interface CornerMapProps {
  fitting: Fitting;
  steps: readonly FittingStep[];
  corner: Corner;
}

/** The car from above, its nose up: each corner with its setup and how far it is. One is chosen by a press, A or L. */
export function CornerMap({ fitting, steps, corner }: CornerMapProps) {
  const { change, side, setSide } = useSelection();
  useHotkeys('l', () => setSide(side === 'right' ? 'left' : 'right'), BY_SIGN, [side, setSide]);
  return (
    <div className="corner-map" role="group" aria-label="Corners">
      <svg viewBox="0 0 100 160" aria-hidden className="corner-map-car" preserveAspectRatio="none">
        <path d="M30,8Q50,0 70,8Q78,30 76,60V120Q76,146 66,154H34Q24,146 24,120V60Q22,30 30,8Z" />
        <path d="M33,52Q50,44 67,52L63,72H37ZM36,124H64L67,138Q50,144 33,138Z" />
      </svg>
      {OUTER_CORNERS.map((one) => {
        const fitted = fitting.corners[one];
        const own = steps.filter((step) => step.corner === one);
        const left = own.filter((step) => stepState(doneOf(fitting, step)) === 'open').length;
        const { axle, side: of } = placeOfCorner(one);
        return (
          <button
            key={one}
            type="button"
            className={`corner-wheel corner-${axle}-${of}`}
            aria-pressed={one === corner}
            onClick={() => change(cornerSight({ axle, side: of }))}
          >
            <span>{capital(CORNER_NAMES[one])}</span>
            {fitted ? (
              <small>
                <b className="figure">{fitted.setup.toUpperCase()}</b>{' '}
                <span className="figure">{own.length === 0 ? '—' : `${own.length - left}/${own.length}`}</span>
              </small>
            ) : (
              <small>as it was</small>
            )}
          </button>
        );
      })}
    </div>
  );
}
