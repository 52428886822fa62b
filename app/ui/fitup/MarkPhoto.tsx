import type { Mark } from '#core/fitting';
import type { Photo } from '#core/note';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { photoOfMark } from '../notes/noteEdits';
import { PhotoPicker } from '../notes/PhotoPicker';
import { useUploads } from '../notes/useUploads';
import './fitup.css';

interface MarkPhotoProps {
  mark: Mark;
  /** Where the job keeps it. */
  place: readonly string[];
}

/** Gives a mark a photo, another one, or none. */
export function MarkPhoto({ mark, place }: MarkPhotoProps) {
  const { job, edit } = useDocument();
  const put = (photo: Photo | null) => edit(...photoOfMark(job, place, photo));
  const uploads = useUploads(put);
  return (
    <div className="mark-photo">
      <PhotoPicker uploads={uploads} multiple={false}>
        {mark.photo ? 'Another photo' : 'Add a photo'}
      </PhotoPicker>
      {mark.photo && <Button onClick={() => put(null)}>Take the photo off</Button>}
    </div>
  );
}
