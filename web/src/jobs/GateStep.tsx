import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { JobView } from '../api/types';
import { Trouble } from '../forms/Trouble';
import { useShown } from '../quantity/units';
import { usePerson } from '../shell/session';
import { Mark } from '../verdict/Mark';
import { useChange } from './useJob';

const STATES = {
  shut: 'Power: shut',
  'test-power': 'Power: test power only, reduced or current-limited, guarded',
  open: 'Power: open',
} as const;

/** Why the gate stands where it stands, and what opens it. */
export function GateStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const person = usePerson();
  const lead = person.role === 'lead' || person.role === 'admin';
  return (
    <>
      <div className="head">
        <h1>{STATES[job.gate.state]}</h1>
        <span className="soft">computed from the record, never ticked</span>
      </div>
      <p style={{ marginBottom: 12 }}>{job.gate.leads.sentence}.</p>
      <Reasons
        title="What holds it"
        none="Nothing holds it."
        tag={tag}
        rows={job.gate.holding}
        mayArgue={lead}
      />
      {job.gate.waived.map((w) => (
        <p key={w.reason.code} className="caution">
          Opened by {w.by} against “{w.reason.sentence}”: {w.why}. A new figure asks again.
        </p>
      ))}
      <h2 style={{ margin: '26px 0 8px' }}>High voltage: {job.highVoltage.open ? 'open' : 'shut'}</h2>
      <Reasons
        title="What holds it"
        none="Withstand and surge may be applied."
        tag={tag}
        rows={job.highVoltage.holding}
      />
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
  mayArgue = false,
}: {
  title: string;
  none: string;
  tag: string;
  rows: JobView['gate']['holding'];
  /** A lead hand may argue a limit in writing. */
  mayArgue?: boolean;
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
          <th>Opens with</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={r.code}>
            <td style={{ width: 30 }}>
              <Mark verdict="stop" />
            </td>
            <td>
              <b>{shown(r.sentence)}</b>
              {r.never && <div className="small soft">nobody may open the gate against this</div>}
              {mayArgue && r.disputable && <Argue tag={tag} code={r.code} />}
            </td>
            <td>
              <Link to={`/jobs/${tag}/${r.step}`}>{r.opens}</Link>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** A lead hand's written reason against a limit; both stand in the record and in the report. */
function Argue({ tag, code }: { tag: string; code: string }) {
  const [reason, setReason] = useState('');
  const open = useChange(tag);
  return (
    <div>
      <div className="actions" style={{ margin: '6px 0 0', flexWrap: 'nowrap' }}>
        <Input
          aria-label="Why the limit need not hold here"
          placeholder="only a limit is in dispute: why it need not hold here"
          maxLength={300}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
        <Button
          disabled={!reason.trim()}
          loading={open.isPending}
          onClick={() => open.mutate({ method: 'POST', path: 'gate', body: { code, reason } })}
        >
          Open against it
        </Button>
      </div>
      <Trouble error={open.error} />
    </div>
  );
}
