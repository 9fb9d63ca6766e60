import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { FittingStep, JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { FindingPhotos } from '../photos/Photos';
import { Findings } from '../verdict/Findings';
import { Mark } from '../verdict/Mark';
import './teardown.css';

/** The log of parts the other way round: what goes on next, with what to mind. */
export function TogetherStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const change = useChange(tag);
  const reading = job.apart.log;
  if (!reading || reading.reassembly.length === 0) {
    return (
      <>
        <div className="head">
          <h1>Reassembly</h1>
        </div>
        <p className="caution">
          Nothing is logged off.{' '}
          <Link to={`/jobs/${tag}/teardown/parts`}>Log the parts as they come off</Link>, and this list makes
          itself.
        </p>
      </>
    );
  }
  const next = reading.reassembly.find((s) => !s.refit);
  const act = (step: FittingStep, action: string, reason = '') =>
    change.mutate({ method: 'POST', path: `parts/${step.id}`, body: { action, reason } });
  return (
    <>
      <div className="head">
        <h1>Reassembly</h1>
        <span className="soft">
          last off, first on · {reading.reassembly.length - reading.off} of {reading.reassembly.length} back
        </span>
      </div>
      <ErrorNotice error={change.error} />
      {reading.together && <Findings findings={[reading.together]} />}
      <p className="caution">
        Clean faces, marks in line, bolts crosswise; turn the shaft by hand after each round. Hoist over 25
        kg; fingers out of the register.
      </p>
      <ol className="parts" aria-label="Reassembly list">
        {reading.reassembly.map((s, n) => (
          <Step
            key={s.id}
            tag={tag}
            step={s}
            place={n + 1}
            next={s === next}
            busy={change.isPending}
            act={act}
          />
        ))}
      </ol>
    </>
  );
}

function Step({
  tag,
  step,
  place,
  next,
  busy,
  act,
}: {
  tag: string;
  step: FittingStep;
  place: number;
  next: boolean;
  busy: boolean;
  act: (step: FittingStep, action: string, reason?: string) => void;
}) {
  const [why, setWhy] = useState<string>();
  const done = step.refit;
  return (
    <li className={next ? 'fitting here' : 'fitting'}>
      <div className="part">
        <Mark verdict={done ? (done.leftOut ? 'watch' : 'holds') : step.replace ? 'stop' : 'unproven'} />
        <div className="grow">
          <b>
            {place}. {step.label}
          </b>{' '}
          {step.small && <b className="lose">small</b>}{' '}
          {step.replace && !done && <b className="lose">fit a new one</b>}
          <FindingPhotos tag={tag} finding={`part ${step.id}`} />
          {step.details && <div className="small">{step.details}</div>}
          {step.mind && !done && <div className="soft small">{step.mind}</div>}
          {done && (
            <div className="soft small">
              {done.leftOut ? `stays out: ${done.leftOut}` : 'back on'}, {done.by}
            </div>
          )}
        </div>
        {done ? (
          <Button type="text" disabled={busy} onClick={() => act(step, 'off')}>
            off again
          </Button>
        ) : why === undefined ? (
          <span className="picks">
            <Button
              type={next ? 'primary' : 'default'}
              disabled={busy}
              aria-label={`${step.label}: back on`}
              onClick={() => act(step, 'refit')}
            >
              Back on
            </Button>
            <Button type="text" onClick={() => setWhy('')}>
              stays out …
            </Button>
          </span>
        ) : (
          <span className="picks">
            <Input
              autoFocus
              style={{ width: 220 }}
              aria-label="Why it stays out"
              placeholder="why it stays out"
              value={why}
              onChange={(e) => setWhy(e.target.value)}
            />
            <Button disabled={!why.trim() || busy} onClick={() => act(step, 'leave-out', why)}>
              Stays out
            </Button>
          </span>
        )}
      </div>
    </li>
  );
}
