import { useHotkeys } from 'react-hotkeys-hook';
import { Button } from '../ui/controls/Button';
import { PlusOutlined } from '../ui/controls/icons';
import { useRaisedReport } from '../job/ReportsContext';
import { BY_SIGN } from '../ui/frame/useJobKeys';
import { RaisedSetup } from '../ui/setups/RaisedSetup';
import { useSetupSteps } from '../ui/tray/useSetupSteps';
import { Tray } from '../ui/tray/Tray';
import { useSetupActions } from '../ui/tray/useSetupActions';

/** Builds candidates: the section with the present car behind it, every figure beside it, the setups below. */
export default function SetupsPage() {
  const raised = useRaisedReport();
  const actions = useSetupActions();
  useSetupSteps();
  useHotkeys('n', actions.add, BY_SIGN, [actions]);
  useHotkeys('d', actions.double, BY_SIGN, [actions]);
  return (
    <div className="setups-station">
      {raised ? (
        <RaisedSetup {...raised} />
      ) : (
        <div className="empty-station">
          <h1>No setup yet</h1>
          <p>
            A setup is a wheel, a tire and the stack behind them, front and rear. It starts from what is on the car now;
            change it from there.
          </p>
          <Button kind="primary" icon={<PlusOutlined />} onClick={actions.add}>
            First setup
          </Button>
        </div>
      )}
      <Tray actions={actions} />
    </div>
  );
}
