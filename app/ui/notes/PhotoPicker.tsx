import { Button } from '../controls/Button';
import { FileButton } from '../parts/FileButton';
import { CameraOutlined } from '../controls/icons';
import type { Uploads } from './useUploads';
import './notes.css';

interface PhotoPickerProps {
  uploads: Uploads;
  /** Several at once. */
  multiple: boolean;
  children: string;
}

/** Chooses photos and sends them; what is refused says why, and may be tried again. */
export const PhotoPicker = ({ uploads, multiple, children }: PhotoPickerProps) => (
  <div className="photo-picker">
    <FileButton
      label="Photos"
      accept="image/jpeg,image/png"
      busy={uploads.isSending}
      multiple={multiple}
      icon={<CameraOutlined />}
      take={(_, files) => uploads.add(files)}
    >
      {children}
    </FileButton>
    <ul aria-label="Chosen photos" className="photo-list">
      {uploads.all
        .filter(({ state }) => state !== 'kept')
        .map((upload) => (
          <li key={upload.key}>
            {upload.state === 'sending' ? (
              <span role="status">{upload.name} is being sent</span>
            ) : (
              <>
                <span role="alert" className="photo-fault">
                  {upload.name} {upload.fault}
                </span>
                <Button size="small" onClick={() => uploads.again(upload)}>
                  Try again
                </Button>
                <Button size="small" onClick={() => uploads.drop(upload)}>
                  Leave it out
                </Button>
              </>
            )}
          </li>
        ))}
    </ul>
  </div>
);
