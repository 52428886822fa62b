import { useState } from 'react';
import { useFetcher } from 'react-router';
import { faceIsOf, familyFace, type InnerFace, type SpokeFamily } from '#core/brake';
import type { AxleName } from '#core/job';
import { itemName } from '#core/shelf';
import { offsetFigure, rimFigure } from '#core/units';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';
import { Button } from '../controls/Button';
import { DeedChoice } from '../controls/DeedChoice';
import { DeleteOutlined } from '../controls/icons';
import { Segments } from '../controls/Segments';
import { useDocument } from '../../job/DocumentContext';
import { useReplaceItem, useShelf } from '../../job/ShelfContext';
import { useEditAt } from '../parts/useEditAt';
import { WordSwitch } from '../parts/WordSwitch';
import type { ShelfAnswer } from '../shelf/shelfCommands';
import { DepthRows } from './DepthRows';
import { DrawingDialog } from './DrawingDialog';
import { ShapeFiles } from './ShapeFiles';
import { STORE, wheelPath, type Subject } from './subjects';
import './brakes.css';

type Way = 'depths' | 'family';
const WAYS: readonly (readonly [Way, string])[] = [
  ['depths', 'Straightedge'],
  ['family', 'By spoke family'],
];
const FAMILIES: { value: SpokeFamily; label: string }[] = [
  { value: 'flat', label: 'flat' },
  { value: 'curved', label: 'curved' },
  { value: 'domed', label: 'domed' },
  { value: 'deep', label: 'deep' },
];

/** Gives a wheel on the shelf its face: at hand at once, and saved; what the shelf says against it is told. */
function useStoreFace() {
  const fetcher = useFetcher<ShelfAnswer>();
  const shelf = useShelf();
  const replace = useReplaceItem();
  const answer = fetcher.state === 'idle' ? fetcher.data : undefined;
  return {
    fault: answer?.faults[0]?.message ?? null,
    done: answer?.item ? itemName(answer.item) : null,
    save(name: string, innerFace: InnerFace | null) {
      const item = shelf.find((one) => one.kind === 'wheel' && itemName(one) === name);
      // What is typed next must build on this, not on what the shelf had before their answer.
      if (item) replace({ ...item, innerFace: innerFace ?? undefined });
      void fetcher.submit(JSON.parse(JSON.stringify({ intent: 'face', name, innerFace })), {
        method: 'post',
        action: '/shelf',
        encType: 'application/json',
      });
    },
  };
}

/** The inside of a wheel: from depths under a straightedge, by the family of its spokes, or from a drawing. */
export function FacePanel({ axle, subject, files }: { axle: AxleName; subject: Subject; files: string }) {
  const { job } = useDocument();
  const editAt = useEditAt();
  const shelf = useShelf();
  const storeFace = useStoreFace();
  const [drawing, setDrawing] = useState(false);
  const { wheel } = subject;
  const face = wheel.innerFace ?? {};
  const [way, setWay] = useState<Way>(face.origin === 'family' ? 'family' : 'depths');
  const flangeMm = job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM;
  const offsetMm = wheelOffsetMm(wheel, flangeMm);
  const { rimWidthIn, rimDiameterIn } = wheel;
  const known = offsetMm !== null && rimWidthIn != null && rimDiameterIn != null;
  const path = wheelPath(subject, axle);
  const others = faceIsOf(face, rimWidthIn ?? null, offsetMm) === false;
  // A figure that is edited becomes a reading of this wheel: nothing assumed, and no other wheel's, may stand in its
  // place.
  const measured = face.origin === 'family' || others ? {} : face;
  const isMeasured = measured.barrel !== undefined || measured.spoke !== undefined;
  const take = (next: InnerFace | null) => {
    const read =
      next === null || offsetMm === null || rimWidthIn == null ? next : { ...next, readOn: { rimWidthIn, offsetMm } };
    if (path) editAt([...path, 'innerFace'], read);
    else storeFace.save(subject.key.slice(STORE.length), read);
  };
  const alike = shelf.filter(
    (item) =>
      item.kind === 'wheel' &&
      item.rimWidthIn === rimWidthIn &&
      item.offsetMm === offsetMm &&
      item.rimDiameterIn === rimDiameterIn,
  );
  return (
    <>
      <form className="brake-form" aria-label="Inner face of the wheel" onSubmit={(event) => event.preventDefault()}>
        <p className="soft brake-hint">{originWords(face, others)}</p>
        <div className="brake-tools">
          <WordSwitch<Way>
            label="How the face is given"
            tip="Measured, or assumed by spoke family"
            options={WAYS}
            value={way}
            choose={setWay}
          />
          <Button size="small" onClick={() => setDrawing(true)}>
            From a drawing …
          </Button>
        </div>
        {way === 'depths' ? (
          known ? (
            <DepthRows
              key={subject.key}
              name={`face/${subject.key}/${axle}`}
              face={measured}
              rimWidthIn={rimWidthIn}
              offsetMm={offsetMm}
              flangeMm={flangeMm}
              take={take}
            />
          ) : (
            <p className="soft">
              Depths are laid out from the back flange: rim width and offset of the wheel are needed first.
            </p>
          )
        ) : (
          <div className="field">
            <span className="label" id="face-family">
              Spokes seen from behind <em className="assumed">assumed</em>
            </span>
            <Segments<SpokeFamily | ''>
              aria-labelledby="face-family"
              options={FAMILIES}
              value={face.origin === 'family' ? (face.family ?? '') : ''}
              disabled={!known || isMeasured}
              onChange={(family) =>
                family !== '' && known && take(familyFace(family, { rimDiameterIn, rimWidthIn, offsetMm, flangeMm }))
              }
            />
            <p className="soft brake-hint">
              {isMeasured
                ? 'This wheel is measured: delete its inner face before assuming another.'
                : known
                  ? 'A usual shape for this rim, width and offset. Wheels with all three alike differ inside: measure' +
                    ' before anything is bought.'
                  : 'Rim diameter, width and offset of the wheel are needed first.'}
            </p>
          </div>
        )}
        {(face.barrel ?? face.spoke) && (
          <div className="brake-tools">
            {path && <ShapeFiles href={`${files}&of=${encodeURIComponent(subject.key)}`} />}
            <Button size="small" icon={<DeleteOutlined />} onClick={() => take(null)}>
              Delete the inner face
            </Button>
          </div>
        )}
        {path && !others && (face.barrel ?? face.spoke) && alike.length > 0 && (
          <DeedChoice
            aria-label="Save this face to a wheel on the shelf"
            placeholder="save it to a wheel on the shelf"
            style={{ width: '100%' }}
            options={alike.map((item) => ({ value: itemName(item), label: itemName(item) }))}
            onChange={(name) => storeFace.save(name, face)}
          />
        )}
        {storeFace.fault && (
          <p className="field-fault" role="alert">
            {storeFace.fault}
          </p>
        )}
        {storeFace.done && (
          <p className="soft" role="status">
            Saved to {storeFace.done}.
          </p>
        )}
      </form>
      {drawing && (
        <DrawingDialog
          of="face"
          axle={axle}
          face={measured}
          takeFace={(next) => take({ ...next, origin: 'file' })}
          close={() => setDrawing(false)}
        />
      )}
    </>
  );
}

function originWords({ origin, family, barrel, spoke, readOn }: InnerFace, others: boolean): string {
  if (!barrel && !spoke) return 'The inside of this wheel is not measured yet.';
  if (others) {
    const other = `${rimFigure(readOn!.rimWidthIn)} in ${offsetFigure(readOn!.offsetMm)}`;
    return `Measured on another wheel, ${other}: measure this one.`;
  }
  if (origin === 'family') return `Assumed: the ${family ?? 'usual'} family, not measured.`;
  const how =
    origin === 'straightedge' ? 'Measured with a straightedge' : origin === 'file' ? 'From a drawing' : 'Typed';
  const missing = !barrel ? '; the barrel is missing' : !spoke ? '; the spokes are missing' : '';
  return `${how}${missing}.`;
}
