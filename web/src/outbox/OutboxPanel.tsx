import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { usePerson } from '../session/session';
import { moment } from '../quantity/figures';
import { discard, type Waiting } from './outbox';
import { useOutbox } from './useOutbox';

/** Whether everything is sent, and what waits where it is not. */
export function OutboxPanel() {
  const { username } = usePerson();
  const entries = useOutbox();
  const [open, setOpen] = useState(false);
  const refused = entries.filter((e) => e.refused && e.username === username).length;
  if (entries.length === 0) {
    return <span>everything sent</span>;
  }
  return (
    <>
      <button type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        {refused > 0 ? `${refused} refused by the server` : `${entries.length} waiting for the server`}
      </button>
      {open && (
        <div className="turn panel" role="dialog" aria-label="Waiting for the server">
          <h2>Waiting for the server</h2>
          <p className="soft small">
            Kept on this tablet. Each is sent by itself, under the name of whoever wrote it, while they are
            signed in.
          </p>
          <ul className="waiting">
            {entries.map((e) => (
              <li key={e.key}>
                <Line entry={e} own={e.username === username} />
              </li>
            ))}
          </ul>
          <div className="actions">
            <Button onClick={() => setOpen(false)}>Close</Button>
          </div>
        </div>
      )}
    </>
  );
}

function Line({ entry, own }: { entry: Waiting; own: boolean }) {
  return (
    <>
      <b>{entry.label}</b>{' '}
      <span className="soft">
        {entry.displayName}, {moment(new Date(entry.at).toISOString())}
        {!own && ' · waits until they sign in here'}
      </span>
      {entry.refused && (
        <p className="wrong">
          Refused: {entry.refused}. <Link to={entry.page}>Put it right there</Link>, then discard this one.{' '}
          {own && (
            <button type="button" className="linklike" onClick={() => void discard(entry.key)}>
              discard it
            </button>
          )}
        </p>
      )}
    </>
  );
}
