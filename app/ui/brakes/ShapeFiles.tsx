import { Button } from '../controls/Button';
import { DownloadOutlined } from '../controls/icons';

/** A shape as a drawing in true millimeters, to keep or send. */
export const ShapeFiles = ({ href }: { href: string }) => (
  <>
    {(['svg', 'dxf'] as const).map((format) => (
      <Button key={format} size="small" icon={<DownloadOutlined />} href={`${href}&format=${format}`}>
        {format.toUpperCase()}
      </Button>
    ))}
  </>
);
