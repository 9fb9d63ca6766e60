import { Button, Input } from 'antd';
import { useState } from 'react';
import type { JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { Picks } from '../quantity/Picks';
import { usePerson } from '../session/session';

const OFFICE = ['office', 'lead', 'admin'];

/** Out of the usual order: hold, skip with a reason, go back, leave the shop. Nothing recorded is ever lost by it. */
export function RoutingStep({ job }: { job: JobView }) {
  const id = job.identity;
  const person = usePerson();
  const change = useChange(id.tag);
  const post = (path: string, body: unknown) => change.mutate({ method: 'POST', path, body });
  return (
    <>
      <div className="head">
        <h1>Out of the usual order</h1>
        <span className="soft">nothing recorded is lost by it</span>
      </div>
      <ErrorNotice error={change.error} />
      {id.left ? (
        <section className="panel">
          <h2>It has left the shop</h2>
          <p>{id.left.how}</p>
          {OFFICE.includes(person.role) && (
            <Button onClick={() => post('come-back', {})}>It is back in the shop</Button>
          )}
        </section>
      ) : (
        <>
          <Hold job={job} post={post} busy={change.isPending} />
          <table className="quiet routing">
            <thead>
              <tr>
                <th>station</th>
                <th>skip it, or go back to it</th>
              </tr>
            </thead>
            <tbody>
              {job.stations.map((s) => (
                <tr key={s.station}>
                  <td>
                    <b>{s.name}</b>
                    {s.skipped && <div className="small soft">skipped: {s.skipped}</div>}
                  </td>
                  <td>
                    <StationMoves
                      key={`${s.station} ${s.skipped ?? ''}`}
                      name={s.name}
                      skipped={s.skipped !== null}
                      skip={(reason) => post('skip', { station: s.station, reason })}
                      takeUp={() => post('take-up', { station: s.station, reason: '' })}
                      back={(reason) => post('send-back', { station: s.station, reason })}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {OFFICE.includes(person.role) && (
            <Leave
              heldBy={job.departure.heldBy}
              leave={(how, readyForService) => post('leave', { how, readyForService })}
            />
          )}
        </>
      )}
    </>
  );
}

type Post = (path: string, body: unknown) => void;

function Hold({ job, post, busy }: { job: JobView; post: Post; busy: boolean }) {
  const waiting = job.identity.waiting;
  const [what, setWhat] = useState<'parts' | 'customer'>('parts');
  const [reason, setReason] = useState('');
  if (waiting) {
    return (
      <section className="panel">
        <h2>Waits for {waiting.what === 'parts' ? 'parts' : 'the customer'}</h2>
        <p>{waiting.reason}</p>
        <Button type="primary" loading={busy} onClick={() => post('resume', {})}>
          It waits no longer
        </Button>
      </section>
    );
  }
  return (
    <form
      className="panel"
      onSubmit={(e) => {
        e.preventDefault();
        post('hold', { what, reason });
        setReason('');
      }}
    >
      <h2>Put it on hold</h2>
      <Picks
        label="It waits for"
        value={what}
        options={[
          ['parts', 'Parts'],
          ['customer', 'The customer’s answer'],
        ]}
        onPick={setWhat}
      />
      <div className="actions" style={{ flexWrap: 'nowrap' }}>
        <Input
          aria-label="What exactly it waits for"
          placeholder="what exactly: seal 45 × 62 ordered Tuesday"
          maxLength={300}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
        <Button htmlType="submit" loading={busy} disabled={!reason.trim()}>
          Hold
        </Button>
      </div>
    </form>
  );
}

function StationMoves({
  name,
  skipped,
  skip,
  takeUp,
  back,
}: {
  name: string;
  skipped: boolean;
  skip: (reason: string) => void;
  takeUp: () => void;
  back: (reason: string) => void;
}) {
  const [reason, setReason] = useState('');
  if (skipped) {
    return <Button onClick={takeUp}>Take {name} up after all</Button>;
  }
  return (
    <div className="actions" style={{ margin: 0, flexWrap: 'nowrap' }}>
      <Input
        aria-label={`Reason, ${name}`}
        placeholder="reason"
        maxLength={300}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button disabled={!reason.trim()} onClick={() => skip(reason)}>
        Skip
      </Button>
      <Button
        disabled={!reason.trim()}
        onClick={() => {
          back(reason);
          setReason('');
        }}
      >
        Go back
      </Button>
    </div>
  );
}

/** It goes as it is, or as ready for service where nothing keeps it from being called that. */
function Leave({
  heldBy,
  leave,
}: {
  heldBy: string[];
  leave: (how: string, readyForService: boolean) => void;
}) {
  const [how, setHow] = useState('');
  const [ready, setReady] = useState<'as-it-is' | 'ready'>('as-it-is');
  return (
    <form
      className="panel"
      style={{ marginTop: 18 }}
      onSubmit={(e) => {
        e.preventDefault();
        leave(how, ready === 'ready');
      }}
    >
      <h2>It leaves the shop</h2>
      {heldBy.length > 0 ? (
        <>
          <p>It can only go as it is, not proved. What keeps it from being called ready for service:</p>
          <ul>
            {heldBy.map((h) => (
              <li key={h}>{h}</li>
            ))}
          </ul>
        </>
      ) : (
        <Picks
          label="It goes"
          value={ready}
          options={[
            ['as-it-is', 'As it is, not proved'],
            ['ready', 'Ready for service'],
          ]}
          onPick={setReady}
        />
      )}
      <div className="actions" style={{ flexWrap: 'nowrap' }}>
        <Input
          aria-label="How it leaves"
          placeholder="sent back as it was · to the certified repairer · scrapped, customer informed"
          maxLength={300}
          value={how}
          onChange={(e) => setHow(e.target.value)}
        />
        <Button htmlType="submit" disabled={!how.trim()}>
          It has left
        </Button>
      </div>
    </form>
  );
}

/** That a job waits or has left, above its work. */
export function RoutingNotice({ job }: { job: JobView }) {
  const { waiting, left } = job.identity;
  if (!waiting && !left) {
    return null;
  }
  return (
    <div className="notice" style={{ borderColor: 'var(--brass)', background: 'var(--edge)' }}>
      <div>
        <b>
          {left
            ? `Left the shop: ${left.how}`
            : `Waits for ${waiting?.what === 'parts' ? 'parts' : 'the customer'}: ${waiting?.reason ?? ''}`}
        </b>
      </div>
    </div>
  );
}
