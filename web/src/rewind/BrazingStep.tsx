import { Button, Input } from 'antd';
import { useState } from 'react';
import type { JobView } from '../api/types';
import { useSheet } from '../job/sheet';
import { useChange } from '../job/useJob';
import { momentOf } from '../quantity/figures';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import { readJoints, writeJoints } from '../winding/joints';
import { held, Holds } from './Holds';
import './rewind.css';

/** The joints of the diagram as a check-list, each brazed once; what was really joined is proved when it is entered. */
export function BrazingStep({ job }: { job: JobView }) {
  const change = useChange(job.identity.tag);
  const list = job.rewind.brazing;
  const shut = held(job, 'rewind/brazing');
  const tap = (act: string, place: string) =>
    change.mutate({ method: 'POST', path: 'hands', body: { act, place } });
  return (
    <>
      <div className="head">
        <h1>Brazing</h1>
        <span className="soft">
          {list ? `${list.done} of ${list.joints.length} joints brazed` : 'no diagram of the new winding yet'}
        </span>
      </div>
      <p className="caution">
        Flame and fume: extractor on, wet cloth on the neighbours, fire blanket at hand. Sleeve on before the
        joint, pulled over when it is cold.
      </p>
      <Holds job={job} step="rewind/brazing" />
      <ErrorNotice error={change.error} />
      {list && (
        <>
          <Judged judgement={list.judgement} />
          <ol className="parts brazing" aria-label="Joints to braze">
            {list.joints.map((j) => (
              <li key={j.place} className={j.place === list.next ? 'fitting here' : 'fitting'}>
                <div className="part">
                  <Mark verdict={j.done ? 'holds' : 'unproven'} />
                  <div className="grow figure">
                    <b>{j.leads.join(' ')}</b> {j.terminals.join(' · ')}
                    {j.done && (
                      <div className="soft small">
                        {j.done.by}, {momentOf(j.done.at)}
                      </div>
                    )}
                  </div>
                  {j.done ? (
                    <Button
                      type="text"
                      disabled={shut || change.isPending}
                      onClick={() => tap('joint-opened', j.place)}
                    >
                      opened again
                    </Button>
                  ) : (
                    <Button
                      className="large"
                      type={j.place === list.next ? 'primary' : 'default'}
                      disabled={shut || change.isPending}
                      aria-label={`Brazed: ${j.place}`}
                      onClick={() => tap('joint-brazed', j.place)}
                    >
                      Brazed
                    </Button>
                  )}
                </div>
              </li>
            ))}
          </ol>
          <AsBrazed job={job} joints={list.joints.map((j) => j.place.split(' '))} />
        </>
      )}
    </>
  );
}

/** What was really joined, where it is not as the list has it. */
function AsBrazed({ job, joints }: { job: JobView; joints: string[][] }) {
  const scheme = (job.sheets['connection']?.typed['scheme'] as string | undefined) ?? 'three-lead';
  const sheet = useSheet<{ scheme: string; joints: string[][] }>(
    job,
    'brazed',
    { scheme, joints: [] },
    () => undefined,
  );
  const [text, setText] = useState(writeJoints(sheet.value.joints));
  return (
    <details open={sheet.value.joints.length > 0}>
      <summary>Enter what was really joined, and have it proved</summary>
      <ErrorNotice error={sheet.keep.error} />
      <Input.TextArea
        aria-label="Joints as brazed"
        autoSize={{ minRows: 6, maxRows: 16 }}
        style={{ fontFamily: 'var(--mono)', maxWidth: 420 }}
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          sheet.set({ joints: readJoints(e.target.value) });
        }}
      />
      <div className="actions">
        <Button
          onClick={() => {
            setText(writeJoints(joints));
            sheet.set({ joints });
          }}
        >
          Start from the list
        </Button>
        <Button
          type="primary"
          disabled={!sheet.dirty}
          loading={sheet.keep.isPending}
          onClick={() => sheet.save()}
        >
          Keep and prove it
        </Button>
      </div>
    </details>
  );
}
