import { useEffect, useRef, useState } from 'react';
import './notes.css';

interface PhotoThumbProps {
  id: string;
  /** How its file was called. */
  name: string;
  /** Shows it large; left out where that is not offered. */
  open?: () => void;
}

/** A photo, small; one whose file is missing is named. */
export function PhotoThumb({ id, name, open }: PhotoThumbProps) {
  const [isMissing, setMissing] = useState(false);
  const image = useRef<HTMLImageElement>(null);
  useEffect(() => {
    // It may have failed before the page was alive.
    const { complete, naturalWidth } = image.current ?? {};
    if (complete && naturalWidth === 0) setMissing(true);
  }, []);
  if (isMissing) return <MissingPhoto name={name} />;
  const picture = (
    <img
      ref={image}
      src={`/photos/${id}-small.jpg`}
      alt={open ? '' : `Photo ${name}`}
      loading="lazy"
      onError={() => setMissing(true)}
    />
  );
  return open ? (
    <button type="button" className="photo-thumb" aria-label={`Photo ${name}`} title={name} onClick={open}>
      {picture}
    </button>
  ) : (
    <span className="photo-thumb" title={name}>
      {picture}
    </span>
  );
}

/** Says which photo is not there. */
export const MissingPhoto = ({ name }: { name: string }) => (
  <span className="photo-missing">The file of photo {name} is missing on the server.</span>
);
