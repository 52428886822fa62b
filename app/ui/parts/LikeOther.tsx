import { useHotkeys } from 'react-hotkeys-hook';
import { axleLikeOther, leftLikeRight, type Edit } from '#core/job';
import { Button } from '../controls/Button';
import { SwapOutlined } from '../controls/icons';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { BY_SIGN } from '../frame/useJobKeys';

/**
 * Fills what this axle lacks of hub, wheel and tire as on the other; on the left side the gaps as on the right. What
 * was given stays. Nothing where nothing would change.
 */
export function LikeOther({ gaps = false }: { gaps?: boolean }) {
  const { job, edit } = useDocument();
  const { axle, side } = useSelection();
  const left = gaps && side === 'left';
  const edits: Edit[] = left ? leftLikeRight(job, axle) : axleLikeOther(job, axle);
  const fill = () => {
    if (edits.length > 0) edit(...edits);
  };
  useHotkeys('=', fill, BY_SIGN, [fill]);
  if (edits.length === 0) return null;
  const words = left ? 'Left as right' : axle === 'rear' ? 'Rear as front' : 'Front as rear';
  const what = left ? 'Gaps of the right side' : 'Hub, wheel, tire and spacer of the other axle';
  return (
    <Button icon={<SwapOutlined />} onClick={fill} title={`${what}, where nothing is given yet (=)`}>
      {words}
    </Button>
  );
}
