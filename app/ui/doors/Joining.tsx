import { useEffect, useState } from 'react';
import type { WaysIn } from '#server/doors/waysIn';
import { Button } from '../controls/Button';
import { Choice } from '../controls/Choice';
import './doors.css';

/** The code to point a phone's camera at; where there are several networks, the one that the phone is on is chosen. */
export function Joining({ ways, openMs, again }: WaysIn & { again(): void }) {
  const [chosen, choose] = useState(ways[0]!.host);
  const [isOver, setOver] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setOver(true), openMs);
    return () => clearTimeout(timer);
  }, [openMs]);
  if (isOver)
    return (
      <div className="joining">
        <p role="status">This code is older than five minutes.</p>
        <Button onClick={again}>Show a new one</Button>
      </div>
    );
  const { size, path, address } = ways.find(({ host }) => host === chosen) ?? ways[0]!;
  return (
    <div className="joining">
      <svg viewBox={`0 0 ${size} ${size}`} role="img" aria-label="QR code: the way in for one device">
        <path d={path} fill="#000" />
      </svg>
      <p role="status">
        Scan it with the phone&apos;s camera within five minutes; it lets one device in. Or open this address:
      </p>
      <code className="figure">{address}</code>
      {ways.length > 1 && (
        <label>
          <span className="label">The phone does not get there? Another network of this machine:</span>
          <Choice
            value={chosen}
            onChange={choose}
            options={ways.map(({ host }) => ({ value: host, label: host }))}
            style={{ width: '100%' }}
          />
        </label>
      )}
    </div>
  );
}
