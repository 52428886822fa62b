import { memo, useState } from 'react';
import { Button } from '../controls/Button';
import { useSaves } from '../../job/DocumentContext';
import { Dialog } from '../controls/Dialog';
import { MobileOutlined } from '../controls/icons';
import { Tip } from '../controls/Tip';
import { Joining } from './Joining';
import { othersText } from './othersText';
import { CommandFaults, useShopCommand } from './useShopCommand';

/** Leads a phone straight into the walk round this car. */
export const PhoneButton = memo(({ jobId }: { jobId: string }) => {
  const [isOpen, setOpen] = useState(false);
  const { send, answer } = useShopCommand();
  const ask = () => send({ intent: 'join', job: jobId });
  return (
    <>
      <Tip title="Measure with a phone">
        <Button
          kind="text"
          aria-label="Measure with a phone"
          icon={<MobileOutlined />}
          onClick={() => {
            setOpen(true);
            ask();
          }}
        />
      </Tip>
      {isOpen && (
        <Dialog title="Measure with a phone" onCancel={() => setOpen(false)} footer={null}>
          <p className="soft">
            One reading at a time, on the phone in the hand; what it saves shows here at once. Phone and this machine
            must be on one network; no internet is needed.
          </p>
          <CommandFaults answer={answer} />
          {answer?.join && <Joining key={answer.join.ways[0]?.address} {...answer.join} again={ask} />}
          <OpenElsewhere />
        </Dialog>
      )}
    </>
  );
});
PhoneButton.displayName = 'PhoneButton';

function OpenElsewhere() {
  const { others } = useSaves();
  return others.length > 0 && <p role="status">Also open on: {othersText(others)}.</p>;
}
