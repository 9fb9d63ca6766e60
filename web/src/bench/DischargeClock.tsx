import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { Refusal } from '../api/http';
import type { Discharge, JobView } from '../api/types';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { clock, plain } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';

/** Seconds the server counted, ticking on here; when they are over the job is read again. */
function useCountdown(discharge: Discharge | null, tag: string): number {
  const client = useQueryClient();
  const left = discharge?.secondsLeft ?? 0;
  const [now, setNow] = useState(left);
  useEffect(() => {
    const end = Date.now() + left * 1000;
    setNow(left);
    if (left <= 0) {
      return;
    }
    const timer = setInterval(() => {
      const rest = (end - Date.now()) / 1000;
      setNow(Math.max(0, rest));
      if (rest <= 0) {
        clearInterval(timer);
        void client.invalidateQueries({ queryKey: ['job', tag] });
      }
    }, 250);
    return () => clearInterval(timer);
  }, [left, tag, client]);
  return now;
}

/** How long the leads must stay grounded, and the proof that ends it early. */
export function DischargeClock({ job }: { job: JobView }) {
  const left = useCountdown(job.discharge, job.identity.tag);
  const [residual, setResidual] = useState('');
  const prove = useChange(job.identity.tag, () => setResidual(''));
  const problems = prove.error instanceof Refusal ? prove.error.problems : [];
  if (!job.discharge || left <= 0) {
    return null;
  }
  return (
    <section className="panel" style={{ marginTop: 14 }} aria-label="Discharge clock">
      <h3>Discharge: leads stay grounded</h3>
      <span className="big" role="timer">
        {clock(left)}
      </span>
      <p className="soft small">
        four times the {plain(job.discharge.appliedSeconds, 3)} s under voltage, never under a minute
      </p>
      <details>
        <summary>Prove it instead</summary>
        <ErrorNotice error={prove.error} hide={['residualVoltageV']} />
        <p className="small">
          After a minute grounded: lift the ground for a minute, measure what is left, put the ground back.
        </p>
        <div style={{ maxWidth: 300 }}>
          <TypedField
            label="Left after a minute"
            unit="V"
            value={residual}
            problem={at(problems, 'residualVoltageV')}
            onChange={setResidual}
          />
        </div>
        <Button
          onClick={() =>
            prove.mutate({ method: 'POST', path: 'discharge-proof', body: { residualVoltageV: residual } })
          }
        >
          Record the proof
        </Button>
      </details>
    </section>
  );
}
