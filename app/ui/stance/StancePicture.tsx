import { lazy, Suspense, useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { SetupReport } from '#core/evaluate';
import type { CornerPlaces, StanceBody, StanceScene } from '#core/stance';
import { Button } from '../controls/Button';
import { useSelection } from '../../job/SelectionContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { useTheme } from '../../preferences/useTheme';
import { useSize } from '../drawing/useSize';
import { useOnClient } from '../controls/useOnClient';
import { cameraOf } from './cameras';
import { Divider } from './Divider';
import { Marks } from './Marks';
import { marksOf } from './figureMarks';
import type { PictureHand } from './picture/SceneCanvas';
import { PictureBoundary } from './PictureBoundary';
import { pictureKeys } from './pictureKeys';
import { isSameSeen, type SeenMark } from './seenMarks';
import type { BodyLook, Figures, StanceView } from './sights';
import './stance.css';

// Drawing in three dimensions is as much script as all the rest: it comes with this picture alone.
const SceneCanvas = lazy(() => import('./picture/SceneCanvas').then((module) => ({ default: module.SceneCanvas })));

interface StancePictureProps {
  scene: StanceScene;
  report: SetupReport;
  view: StanceView;
  body: BodyLook;
  figures: Figures;
  isFlush: boolean;
  /** What is seen beside, by its name; on the other side of a divider, or laid over. */
  beside: { bodies: readonly StanceBody[]; name: string; isDivided: boolean } | null;
  besideReport: { report: SetupReport; name: string } | null;
  /** What the setup in hand is called. */
  name: string;
  /** What the picture shows, in a line; and where it is told in sentences. */
  words: string;
  describedBy: string;
  /** How often the camera was put back. */
  reset: number;
  putBack(): void;
  /** Takes what makes a file of the picture; null while there is none. */
  take(png: ((words: readonly string[]) => Promise<Blob>) | null): void;
}

/** The picture with its figures, turned by hand and by keys. */
export function StancePicture(props: StancePictureProps) {
  const { scene, report, view, body, figures, isFlush, beside, besideReport, name, words, reset, putBack, take } =
    props;
  const { axle, side } = useSelection();
  const theme = useTheme();
  const lengths = useLengths();
  const [moved, setMoved] = useState<number | null>(null);
  const [seen, setSeen] = useState<readonly SeenMark[]>([]);
  const [isDrawn, setDrawn] = useState(false);
  const shown = useRef(seen);
  const hand = useRef<PictureHand | null>(null);
  const { ref, size } = useSize<HTMLDivElement>({ width: 860, height: 560 });
  const isOnClient = useOnClient(() => true, false);
  const { wheelbaseMm } = scene;
  const aspect = size.width / size.height;
  const corner = scene.corners.find((one) => one.axle === axle && one.side === side);
  // Only what a view is of moves the camera: not a wheel that is steered.
  const [x, z] = [Math.round(corner?.hub[0] ?? 0), Math.round(corner?.hub[2] ?? 800)];
  const camera = useMemo(
    () => cameraOf(view, { axle, side, x, z }, { wheelbaseMm, aspect }),
    [view, axle, side, x, z, wheelbaseMm, aspect],
  );
  const marks = useMemo(() => {
    if (figures === 'off') return [];
    const all = figures === 'all' ? { axle, side } : null;
    return marksOf({ report, corners: scene.corners, all, beside: besideReport, name, text: lengths.text });
  }, [figures, report, scene.corners, axle, side, besideReport, name, lengths.text]);
  const flush = useMemo<readonly CornerPlaces[]>(
    () => (isFlush ? scene.corners.filter((one) => one.side === side) : []),
    [isFlush, scene.corners, side],
  );
  const showMarks = useCallback((next: readonly SeenMark[]) => {
    if (isSameSeen(shown.current, next)) return;
    shown.current = next;
    setSeen(next);
  }, []);
  const takeHand = useCallback(
    (taken: PictureHand | null) => {
      hand.current = taken;
      setDrawn(taken !== null);
      take(taken && ((lines) => taken.png(shown.current, lines)));
    },
    [take],
  );
  const press = (event: KeyboardEvent) => {
    const act = hand.current && pictureKeys(event, hand.current, putBack);
    if (!act) return;
    event.preventDefault();
    event.stopPropagation();
    act();
  };
  const isDivided = beside?.isDivided ?? false;
  // Until somebody moves it, it goes through the wheel in hand: one half of it is either's.
  const divider =
    moved ??
    shareOf(
      seen.find(({ key }) => key === `${axle}-${side}-poke`),
      size.width,
    );
  return (
    <div
      className="stance-picture"
      ref={ref}
      role="group"
      tabIndex={0}
      aria-label={`${words}. ${KEYS}`}
      aria-describedby={props.describedBy}
      data-drawn={isDrawn}
      onKeyDown={press}
    >
      {isOnClient && (
        <PictureBoundary>
          <Suspense fallback={<p className="stance-coming soft">The picture is on its way …</p>}>
            <SceneCanvas
              theme={theme}
              camera={camera}
              reset={reset}
              bodies={scene.bodies}
              beside={beside?.bodies ?? null}
              divider={isDivided ? divider : null}
              corners={scene.corners}
              flush={flush}
              wheelbaseMm={wheelbaseMm}
              body={body}
              marks={marks}
              showMarks={showMarks}
              take={takeHand}
            />
          </Suspense>
        </PictureBoundary>
      )}
      <Marks seen={seen} widthPx={size.width} />
      {beside && isDivided && <Divider at={divider} move={setMoved} left={name} right={beside.name} />}
      {beside && !isDivided && (
        <span className="stance-side stance-right">
          <i className="stance-ghost" aria-hidden /> {beside.name} laid over
        </span>
      )}
      <Button className="stance-reset" size="small" onClick={putBack}>
        Reset view
      </Button>
    </div>
  );
}

/** Where a mark is across the picture, as a share of its width; its middle where it is not seen, or at an edge. */
function shareOf(mark: SeenMark | undefined, width: number): number {
  const share = mark ? mark.from[0] / width : 0.5;
  return share > NEAR_EDGE && share < 1 - NEAR_EDGE ? share : 0.5;
}

const NEAR_EDGE = 0.1;

const KEYS =
  'Arrow keys turn it, with Shift they move it, plus and minus bring it nearer or further, Home puts it back.';
