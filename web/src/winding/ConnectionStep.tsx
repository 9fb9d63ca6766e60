import { Button, Input } from 'antd';
import { useState } from 'react';
import type { ConnectionAssessment, JobView, SheetPreview } from '../api/types';
import { SheetForm, words } from '../job/SheetForm';
import { useSheet } from '../job/sheet';
import { useGoOn } from '../job/useGoOn';
import { plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { usePreview } from '../ui/preview';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import { Drill } from './Drill';
import { readJoints, turnedRound, writeJoints } from './joints';
import './connection.css';

interface ConnectionText {
  scheme: string;
  joints: string[][];
}

const SCHEMES = [
  ['three-lead', '3 leads'],
  ['six-lead', '6 leads, wye or delta outside'],
  ['nine-lead', '9 leads, two voltages'],
  ['twelve-lead', '12 leads'],
  ['two-speed-variable-torque', 'Two speeds, variable torque'],
  ['two-speed-constant-torque', 'Two speeds, constant torque'],
  ['two-speed-constant-power', 'Two speeds, constant power'],
] as const;

/** How the groups are joined: the diagram that the winding data allow, and the joints as found held against it. */
export function ConnectionStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const goOn = useGoOn();
  const sheet = useSheet<ConnectionText>(
    job,
    'connection',
    { scheme: 'three-lead', joints: [] },
    (merged) => {
      goOn(`/jobs/${tag}/choose`, { state: { merged } });
    },
  );
  const v = sheet.value;
  const preview = usePreview<SheetPreview>(`/api/jobs/${tag}/sheets/connection/preview`, v, true);
  const assessed = preview?.connection ?? job.winding.connection;
  return (
    <SheetForm
      sheet={sheet}
      title="Connection"
      aside="seen from the connection end, numbers clockwise"
      keep="Keep it"
      correct="Correct it"
      label={words}
      shut={!job.opening.open}
    >
      {assessed && <Judged judgement={assessed.judgement} />}
      <Picks
        label="What leaves the winding"
        value={v.scheme}
        options={SCHEMES}
        onPick={(scheme) => sheet.set({ scheme })}
      />
      {assessed?.diagram && (
        <Diagram
          tag={tag}
          kept={sheet.written !== undefined && !sheet.dirty}
          assessed={assessed}
          drawings={preview?.drawings ?? null}
          found={v.joints.length > 0}
        />
      )}
      {assessed?.diagram && (
        <AsFound value={v} assessed={assessed} onChange={(joints) => sheet.set({ joints })} />
      )}
      {job.gate.demonstration && job.winding.connection?.diagram && <Drill tag={tag} />}
    </SheetForm>
  );
}

function Diagram({
  tag,
  kept,
  assessed,
  drawings,
  found,
}: {
  tag: string;
  kept: boolean;
  assessed: ConnectionAssessment;
  drawings: SheetPreview['drawings'];
  found: boolean;
}) {
  const [shown, setShown] = useState('diagram');
  const diagram = assessed.diagram;
  if (!diagram) {
    return null;
  }
  const asFound = shown === 'found' && found;
  const svg = asFound ? drawings?.found : drawings?.diagram;
  return (
    <div className="connection">
      <div>
        {found && (
          <Picks
            label="Drawn"
            value={asFound ? 'found' : 'diagram'}
            options={[
              ['diagram', 'As it is to be'],
              ['found', 'As found'],
            ]}
            onPick={setShown}
          />
        )}
        {svg && (
          <img
            alt={
              asFound ? 'Ring of groups with the joints as found' : 'Ring of groups with the joints to braze'
            }
            src={`data:image/svg+xml;utf8,${encodeURIComponent(svg)}`}
          />
        )}
        <p className="soft small">
          Phase A full line, B dashed, C dotted. An arrow goes the way the current goes. S start, F finish.
        </p>
      </div>
      <div>
        <h3>Leads</h3>
        <table className="quiet">
          <tbody>
            {diagram.connections.map((c) => (
              <tr key={c.name}>
                <td>
                  {c.name}, {c.poles} poles
                  <div className="soft small">
                    {c.parallelCircuits} in {c.connection}, turns {c.rotation}
                  </div>
                </td>
                <td className="figure">
                  {(['a', 'b', 'c'] as const).map((line) => (
                    <div key={line}>
                      {line}: {c.lines[line].join(' ')}
                    </div>
                  ))}
                  {c.joined.length > 0 && <div>joined: {c.joined.map((j) => j.join(' ')).join(' · ')}</div>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {assessed.speeds.length > 0 && (
          <table className="quiet" aria-label="Flux at both speeds">
            <thead>
              <tr>
                <th colSpan={2}>Flux at both speeds</th>
                <th className="n">gap</th>
                <th className="n">teeth</th>
                <th className="n">iron</th>
              </tr>
            </thead>
            <tbody>
              {assessed.speeds.map((s) => (
                <tr key={s.name}>
                  <td style={{ width: 26 }}>
                    <Mark verdict={s.verdict} size={16} />
                  </td>
                  <td>{s.name}</td>
                  {[s.gapT, s.toothT, s.coreT].map((t, n) => (
                    <td className="n" key={n}>
                      {plain(t, 3)} T
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        )}
        <h3>Joints to braze, {diagram.joints.length}</h3>
        <ol className="joints figure">
          {diagram.joints.map((j) => (
            <li key={j.join(' ')}>{j.join(' ')}</li>
          ))}
        </ol>
        {kept && (
          <a href={`/api/jobs/${tag}/connection.pdf`} target="_blank" rel="noreferrer">
            Print it on one page
          </a>
        )}
      </div>
    </div>
  );
}

function AsFound({
  value,
  assessed,
  onChange,
}: {
  value: ConnectionText;
  assessed: ConnectionAssessment;
  onChange: (joints: string[][]) => void;
}) {
  // What is being written may not be a list of joints yet: a line begun, a blank at its end.
  const [text, setText] = useState(writeJoints(value.joints));
  const turn = [...new Set(assessed.found.flatMap((f) => f.result.turnRound))];
  const write = (joints: string[][]) => {
    setText(writeJoints(joints));
    onChange(joints);
  };
  return (
    <section style={{ marginTop: 18 }}>
      <h2>Joints as found</h2>
      <p className="soft small">
        One joint a line: S3 is the start of group 3, F3 its finish, T1 a lead. Read them before a joint is
        cut.
      </p>
      <div className="connection">
        <Input.TextArea
          aria-label="Joints as found"
          autoSize={{ minRows: 6, maxRows: 18 }}
          style={{ fontFamily: 'var(--mono)' }}
          placeholder={'T1 S1\nF1 F4\nS4 S7'}
          value={readJoints(text).length === 0 && value.joints.length > 0 ? writeJoints(value.joints) : text}
          onChange={(e) => {
            setText(e.target.value);
            onChange(readJoints(e.target.value));
          }}
        />
        <div>
          <table className="quiet">
            <tbody>
              {assessed.found.map((f) => (
                <tr key={f.name}>
                  <td style={{ width: 30 }}>
                    <Mark verdict={f.result.verdict} />
                  </td>
                  <td>
                    {f.name}, {f.poles} poles: {f.result.judgement.headline}
                    <div className="soft small">{figures(f.result)}</div>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="actions">
            {value.joints.length === 0 && assessed.diagram && (
              <Button onClick={() => write(assessed.diagram?.joints ?? [])}>Start from the diagram</Button>
            )}
            {turn.map((group) => (
              <Button key={group} onClick={() => write(turnedRound(value.joints, group))}>
                Show it with group {group} turned round
              </Button>
            ))}
          </div>
        </div>
      </div>
    </section>
  );
}

type CheckResult = ConnectionAssessment['found'][number]['result'];

function figures(r: CheckResult): string {
  const told = [
    ['circulating', r.circulatingPercent],
    ['line voltages differ', r.lineVoltageUnbalancePercent],
    ['currents differ', r.currentUnbalancePercent],
    ['backward field', r.backwardPercent],
    ['distribution', r.distributionPercent],
  ] as const;
  return told
    .flatMap(([name, f]) => (f === null ? [] : [`${name} ${plain(f < 1e-6 ? 0 : f, 3)} %`]))
    .join(' · ');
}
