import { useState } from 'react';
import { useFetcher } from 'react-router';
import { Button } from '../controls/Button';
import { useSaves } from '../../job/DocumentContext';
import { movedWords } from './movedWords';
import { RULE_CHANGES } from './ruleChanges';
import './ledger.css';

/** Said in the ledger, once, until somebody has seen it. */
export function RulesNotice() {
  const { state } = useSaves();
  const fetcher = useFetcher();
  const [seen, setSeen] = useState(false);
  const [open, setOpen] = useState(false);
  const moved = state.server.rulesMoved;
  if (!moved || seen) return null;
  const see = () => {
    setSeen(true);
    void fetcher.submit(
      { intent: 'rules-seen' },
      { method: 'post', action: `/jobs/${state.server.id}`, encType: 'application/json' },
    );
  };
  return (
    <div className="rules-notice" role="status">
      <p>{movedWords(moved)}</p>
      {open && (
        <ul>
          {RULE_CHANGES.map((change) => (
            <li key={change}>{change}</li>
          ))}
        </ul>
      )}
      <Button size="small" onClick={() => setOpen(!open)} aria-expanded={open}>
        {open ? 'Close the list' : 'What changed'}
      </Button>
      <Button size="small" onClick={see}>
        Seen
      </Button>
    </div>
  );
}
