import { useState } from 'react';
import { useDocument } from '../../job/DocumentContext';
import { PhotoThumb } from './PhotoThumb';
import { PhotoViewer } from './PhotoViewer';
import './notes.css';

/** Photos in a row, each opens large. */
export function Photos({ ids }: { ids: readonly string[] }) {
  const { job } = useDocument();
  const [shown, show] = useState<number | null>(null);
  const photos = ids.map((id) => {
    const { name, widthPx, heightPx } = job.photos?.find((one) => one.id === id) ?? {};
    return { id, name: name ?? id, widthPx, heightPx };
  });
  if (photos.length === 0) return null;
  return (
    <span className="photo-row">
      {photos.map(({ id, name }, at) => (
        <PhotoThumb key={id} id={id} name={name} open={() => show(at)} />
      ))}
      {shown !== null && photos[shown] && (
        <PhotoViewer photos={photos} at={shown} show={show} close={() => show(null)} />
      )}
    </span>
  );
}
