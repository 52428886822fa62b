import { Button } from 'antd';
import type { Mark } from '#core/fitting';
import type { Photo } from '#core/note';
import { useDocument } from '../../job/DocumentContext';
import { photoOfMark } from '../notes/noteEdits';
import { PhotoPicker } from '../notes/PhotoPicker';
import { Photos } from '../notes/Photos';
import { useUploads } from '../notes/useUploads';

interface MarkPhotoProps {
  mark: Mark;
  /** Where the job keeps it. */
  place: readonly string[];
}

/** The photo of a mark: one, taken anew or taken away. */
export function MarkPhoto({ mark, place }: MarkPhotoProps) {
  const { job, edit } = useDocument();
  const put = (photo: Photo | null) => edit(...photoOfMark(job, place, photo));
  const uploads = useUploads(put);
  return (
    <div className="mark-photo">
      <Photos ids={mark.photo ? [mark.photo] : []} />
      <PhotoPicker uploads={uploads} multiple={false}>
        {mark.photo ? 'Another photo' : 'Add a photo'}
      </PhotoPicker>
      {mark.photo && <Button onClick={() => put(null)}>Take the photo off</Button>}
    </div>
  );
}
