import { Button } from 'antd';
import { useState } from 'react';
import { Refusal } from '../api/http';
import type { JobView, TestPreview } from '../api/types';
import { at, usePreview, whileTyping } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { moment } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { usePerson } from '../session/session';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import { RepeatReason } from './RepeatReason';

/** Before anything: locked out and proved dead by name, and a tester that proves itself. */
export function DeadStep({ job }: { job: JobView }) {
  return (
    <>
      <div className="head">
        <h1>Lockout and tester check</h1>
      </div>
      <LockOut job={job} />
      <Tester job={job} />
    </>
  );
}

function LockOut({ job }: { job: JobView }) {
  const person = usePerson();
  const [means, setMeans] = useState('');
  const keep = useChange(job.identity.tag, () => setMeans(''));
  const end = useChange(job.identity.tag);
  const done = job.bench.lockedOut;
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  return (
    <form
      className="panel"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({ method: 'POST', path: 'lock-out', body: { means } });
      }}
    >
      <h2>Locked out, proved dead</h2>
      <p className="caution">
        Leads off the supply and the drive, capacitors discharged, dead shown by two means on every lead. A
        drive holds its charge for minutes. Local codes come first.
      </p>
      {done && (
        <p style={{ display: 'flex', gap: 10, alignItems: 'center' }}>
          <Mark verdict="holds" /> {done.by}, {moment(done.at)}: {done.detail}
          <Button onClick={() => end.mutate({ method: 'POST', path: 'lock-out/end', body: {} })}>
            Lock-out taken off
          </Button>
        </p>
      )}
      {!done && <p className="soft">{job.gate.leads.sentence}.</p>}
      <ErrorNotice error={keep.error ?? end.error} hide={['means']} />
      <TypedField
        words
        label={done ? 'Again, by which two means' : 'By which two means'}
        hint="two-pole tester and meter, dead on all leads"
        value={means}
        problem={at(refused, 'means')}
        onChange={setMeans}
      />
      <Button type={done ? 'default' : 'primary'} htmlType="submit" loading={keep.isPending}>
        Record it as {person.displayName}
      </Button>
    </form>
  );
}

function Tester({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const done = job.bench.testerProof;
  const [typed, setTyped] = useState({ rangeMegohm: '20 G', apartOverRange: '', togetherMegohm: '' });
  const [because, setBecause] = useState('');
  const keep = useChange(tag, () => setTyped({ ...typed, apartOverRange: '', togetherMegohm: '' }));
  const body = { ...typed, apartOverRange: typed.apartOverRange === 'yes' };
  const ready = typed.apartOverRange !== '' && typed.togetherMegohm.trim() !== '';
  const preview = usePreview<TestPreview>(
    `/api/jobs/${tag}/tests/tester-proof/preview`,
    { typed: body },
    ready,
  );
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  const problems = [...whileTyping(preview?.problems), ...refused];
  const judgement = preview?.proof ?? done?.judgement;
  return (
    <form
      className="panel"
      style={{ marginTop: 16 }}
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({
          method: 'POST',
          path: 'tests/tester-proof',
          body: { typed: body, because },
        });
      }}
    >
      <h2>Insulation tester proved</h2>
      <p className="soft small">Each day, before it is believed. A broken lead reads like a perfect motor.</p>
      {judgement && <Judged judgement={judgement} />}
      <ErrorNotice error={keep.error} hide={['togetherMegohm', 'rangeMegohm', 'because']} />
      <div className="grid3">
        <TypedField
          label="Its range ends at"
          unit="MΩ"
          value={typed.rangeMegohm}
          shown={preview?.shown['rangeMegohm']}
          problem={at(problems, 'rangeMegohm')}
          onChange={(rangeMegohm) => setTyped({ ...typed, rangeMegohm })}
        />
        <Picks
          label="Leads apart"
          value={typed.apartOverRange}
          options={[
            ['yes', 'over range'],
            ['no', 'reads a figure'],
          ]}
          onPick={(apartOverRange) => setTyped({ ...typed, apartOverRange })}
        />
        <TypedField
          label="Leads together"
          unit="MΩ"
          hint="0"
          value={typed.togetherMegohm}
          shown={preview?.shown['togetherMegohm']}
          problem={at(problems, 'togetherMegohm')}
          onChange={(togetherMegohm) => setTyped({ ...typed, togetherMegohm })}
        />
      </div>
      <RepeatReason
        needed={done !== null}
        value={because}
        problem={at(refused, 'because')}
        onChange={setBecause}
      />
      <Button
        type={done ? 'default' : 'primary'}
        htmlType="submit"
        disabled={!ready}
        loading={keep.isPending}
      >
        {done ? 'Prove it again' : 'Keep the proof'}
      </Button>
    </form>
  );
}
