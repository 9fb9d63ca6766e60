import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { GateReason, JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useShown } from '../quantity/units';
import { usePerson } from '../session/session';
import { Mark } from '../verdict/Mark';
import { GATE_WORDS } from '../job/gateWords';
import { useChange } from '../job/useJob';

/** Why energising stands where it stands, and what lifts what holds it. */
export function GateStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const person = usePerson();
  const lead = person.role === 'lead' || person.role === 'admin';
  const shown = useShown();
  return (
    <>
      <div className="head">
        <h1>{GATE_WORDS[job.gate.state]}</h1>
        <span className="soft">computed from the record, never ticked</span>
      </div>
      {job.gate.demonstration && (
        <p className="caution">
          <b>Demonstration.</b> Simulated instruments are on in this shop. Nothing here permits a customer’s
          motor to be put on power.
        </p>
      )}
      <p style={{ marginBottom: 12 }}>{job.gate.leads.sentence}.</p>
      <Reasons title="What holds it" none="Nothing holds it." tag={tag} rows={job.gate.holding} lead={lead} />
      {job.gate.waived.map((w) => (
        <p key={w.reason.code} className="caution">
          Waived by {w.by}: “{shown(w.reason.sentence)}”, {w.why}. A new figure asks again.
        </p>
      ))}
      <h2 style={{ margin: '26px 0 8px' }}>
        High voltage {job.highVoltage.permitted ? 'permitted' : 'blocked'}
      </h2>
      <Reasons
        title="What holds it"
        none="Withstand and surge may be applied."
        tag={tag}
        rows={job.highVoltage.holding}
        lead={false}
      />
      {job.plateChanges.length > 0 && (
        <>
          <h2 style={{ margin: '26px 0 8px' }}>Who changed what it is judged by</h2>
          <ul>
            {job.plateChanges.map((change) => (
              <li key={change}>{shown(change)}</li>
            ))}
          </ul>
        </>
      )}
      <p className="caution">
        Lock out and prove dead before a lead is touched; ground every winding after a test. Local codes, the
        test equipment’s instructions and licensed practice come first.
      </p>
    </>
  );
}

function Reasons({
  title,
  none,
  tag,
  rows,
  lead,
}: {
  title: string;
  none: string;
  tag: string;
  rows: GateReason[];
  /** A lead hand may waive a limit, and settle a contradiction, in writing. */
  lead: boolean;
}) {
  const shown = useShown();
  if (rows.length === 0) {
    return <p>{none}</p>;
  }
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th aria-label="verdict" />
          <th>{title}</th>
          <th>Lifted by</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => {
          const writing = inWriting(r);
          return (
            <tr key={r.code + r.sentence}>
              <td style={{ width: 30 }}>
                <Mark verdict={r.hold === 'blocked' ? 'stop' : 'watch'} />
              </td>
              <td>
                <b>{shown(r.sentence)}</b>
                <div className="small soft">
                  {r.hold === 'test-power-only' && 'leaves test power · '}
                  {r.waivable ? 'missed by a little: a lead hand may waive it' : 'nobody may waive it'} ·{' '}
                  {r.source}
                </div>
                {lead && writing && <InWriting tag={tag} {...writing} />}
                {(r.code === 'shaft-unknown' || r.code === 'shaft-binds') && (
                  <ShaftTurned tag={tag} bound={r.code === 'shaft-binds'} lead={lead} />
                )}
              </td>
              <td>
                {r.step && r.step !== 'gate' ? (
                  <Link to={`/jobs/${tag}/${r.step}`}>{r.liftedBy}</Link>
                ) : (
                  r.liftedBy
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

type Writing = {
  path: string;
  about: { code?: string; sentence?: string; step?: string };
  label: string;
  button: string;
};

/** What a lead hand may write against a reason, where it may be written against. */
function inWriting(r: GateReason): Writing | undefined {
  if (r.waivable) {
    return {
      path: 'gate',
      about: { code: r.code },
      label: 'Why this figure may be waived here',
      button: 'Waive it',
    };
  }
  switch (r.code) {
    case 'readings-disagree':
      return {
        path: 'misread',
        about: { step: r.step },
        label: 'What was misread in the test that stopped',
        button: 'It was misread',
      };
    case 'plate-stop':
      return {
        path: 'plate-stamped',
        about: {},
        label: 'Why the plate is believed; it is photographed',
        button: 'It is stamped so',
      };
    case 'contradiction':
      return {
        path: 'settle',
        about: { sentence: r.sentence },
        label: 'How this was settled',
        button: 'Settle it',
      };
    default:
      return undefined;
  }
}

/** What turning the shaft by hand showed, now. Where it was bound, freeing it is work on record, or a lead hand's reason. */
function ShaftTurned({ tag, bound, lead }: { tag: string; bound: boolean; lead: boolean }) {
  const [reason, setReason] = useState('');
  const write = useChange(tag);
  const say = (shaft: string) => write.mutate({ method: 'POST', path: 'shaft', body: { shaft, reason } });
  return (
    <div>
      <p className="small caution">Locked out. Turn it by hand only, fingers off keyway and fan.</p>
      <div className="actions" style={{ margin: '6px 0 0' }}>
        {bound && lead && (
          <Input
            aria-label="What freed it"
            placeholder="What freed it"
            maxLength={300}
            style={{ maxWidth: 260 }}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
        )}
        <Button loading={write.isPending} onClick={() => say('free')}>
          It turns freely
        </Button>
        <Button onClick={() => say('play')}>It turns, with play</Button>
        {!bound && <Button onClick={() => say('binds')}>It binds</Button>}
      </div>
      <ErrorNotice error={write.error} />
    </div>
  );
}

/** A lead hand's written reason; it stands in the record and in the report. */
function InWriting({ tag, path, about, label, button }: { tag: string } & Writing) {
  const [reason, setReason] = useState('');
  const write = useChange(tag);
  return (
    <div>
      <div className="actions" style={{ margin: '6px 0 0', flexWrap: 'nowrap' }}>
        <Input
          aria-label={label}
          placeholder={label}
          maxLength={300}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
        <Button
          disabled={!reason.trim()}
          loading={write.isPending}
          onClick={() => write.mutate({ method: 'POST', path, body: { ...about, reason } })}
        >
          {button}
        </Button>
      </div>
      <ErrorNotice error={write.error} />
    </div>
  );
}
