import { useState, type KeyboardEvent } from 'react';
import { Button } from '../controls/Button';
import { Dialog } from '../controls/Dialog';
import { LeftOutlined, RightOutlined } from '../controls/icons';
import { MissingPhoto } from './PhotoThumb';
import './notes.css';

interface ShownPhoto {
  id: string;
  name: string;
  widthPx: number | undefined;
  heightPx: number | undefined;
}

interface PhotoViewerProps {
  photos: readonly ShownPhoto[];
  at: number;
  show(at: number): void;
  close(): void;
}

/** One photo, as large as the window; the others of its note by arrow keys. */
export function PhotoViewer({ photos, at, show, close }: PhotoViewerProps) {
  const photo = photos[at]!;
  const [missing, setMissing] = useState<string | null>(null);
  const step = (by: number) => {
    if (photos[at + by]) show(at + by);
  };
  const press = ({ key }: KeyboardEvent) => {
    if (key === 'ArrowLeft') step(-1);
    if (key === 'ArrowRight') step(1);
  };
  return (
    <Dialog
      title={photo.name}
      width="min(96vw, 70rem)"
      onCancel={close}
      footer={
        <span className="photo-tools">
          {photos.length > 1 && (
            <>
              <Button icon={<LeftOutlined />} disabled={at === 0} onClick={() => step(-1)}>
                Previous
              </Button>
              <span className="figure">
                {at + 1} of {photos.length}
              </span>
              <Button icon={<RightOutlined />} disabled={at === photos.length - 1} onClick={() => step(1)}>
                Next
              </Button>
            </>
          )}
          <Button href={`/photos/${photo.id}.jpg`} download={`${photo.id}.jpg`}>
            Save a copy
          </Button>
        </span>
      }
    >
      <div className="photo-large" role="presentation" onKeyDown={press}>
        {missing === photo.id ? (
          <MissingPhoto name={photo.name} />
        ) : (
          <img
            src={`/photos/${photo.id}.jpg`}
            alt={`Photo ${photo.name}`}
            width={photo.widthPx}
            height={photo.heightPx}
            onError={() => setMissing(photo.id)}
          />
        )}
      </div>
    </Dialog>
  );
}
