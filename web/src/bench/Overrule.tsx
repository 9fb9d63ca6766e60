import { Button, Input } from 'antd';
import { useState } from 'react';
import type { JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { Picks } from '../quantity/Picks';
import { usePerson } from '../session/session';
import { moment } from '../quantity/figures';
import { Mark, verdictWord } from '../verdict/Mark';

const WORDS = [
  ['holds', 'Holds'],
  ['watch', 'Watch'],
  ['stop', 'Stop'],
] as const;

/** A lead hand's word over that of the limits, in writing; both stand in the record and in the report. */
export function Overrule({ job, step }: { job: JobView; step: string }) {
  const person = usePerson();
  const [verdict, setVerdict] = useState<(typeof WORDS)[number][0]>();
  const [reason, setReason] = useState('');
  const keep = useChange(job.identity.tag, () => {
    setReason('');
    setVerdict(undefined);
  });
  const said = job.bench.overruled.find((o) => o.step === step);
  const told = said && (
    <p className="caution">
      <Mark verdict={said.verdict} size={20} /> <b>{verdictWord(said.verdict)}</b> by {said.done.by},{' '}
      {moment(said.done.at)}, over the limits: {said.reason}. Both stand in the report.
    </p>
  );
  if (person.role !== 'lead' && person.role !== 'admin') {
    return told;
  }
  return (
    <>
      {told}
      <details>
        <summary>Overrule this verdict</summary>
        <p className="small soft">
          Both words stay on record and go into the report. Overruling can block energising and never permits
          it: a limit missed by a little is waived where energising is explained.
        </p>
        <Picks label="Your word" value={verdict} options={WORDS} onPick={setVerdict} />
        <div className="actions">
          <Input
            aria-label="Why you overrule it"
            placeholder="why: traces laid over last year’s, clips were cold …"
            maxLength={300}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
          <Button
            disabled={!verdict || !reason.trim()}
            loading={keep.isPending}
            onClick={() => keep.mutate({ method: 'POST', path: 'overrule', body: { step, verdict, reason } })}
          >
            Overrule
          </Button>
        </div>
        <ErrorNotice error={keep.error} />
      </details>
    </>
  );
}
