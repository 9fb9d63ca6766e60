import { Button, Checkbox } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { Refusal } from '../api/http';
import type { JobView } from '../api/types';
import { Because } from '../bench/Because';
import { DischargeClock } from '../bench/DischargeClock';
import { at } from '../forms/look';
import { Trouble } from '../forms/Trouble';
import { StandIn } from '../instruments/StandIn';
import { NextWay } from '../jobs/NextWay';
import { useChange } from '../jobs/useJob';
import { hertz, moment, plain } from '../quantity/figures';
import { ManyPicks, Picks } from '../quantity/Picks';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';

const SurgeChart = lazy(() => import('./SurgeChart').then((m) => ({ default: m.SurgeChart })));

const STATES = [
  ['in-service', 'In service'],
  ['reconditioned', 'Reconditioned'],
  ['partly-rewound', 'Partly rewound'],
  ['new', 'New winding'],
] as const;

/** Surge comparison: three traces, three pairs, and who is the odd one. */
export function SurgeStep({ job }: { job: JobView }) {
  const [again, setAgain] = useState(false);
  const done = job.bench.surge;
  if (!done || again) {
    return <Entry job={job} finished={() => setAgain(false)} />;
  }
  return (
    <>
      <div className="head">
        <h1>Surge</h1>
        <span className="soft">
          one lead pulsed, the other two grounded · rotor {done.set.rotorFitted ? 'in' : 'out'} ·{' '}
          {done.done.by}, {moment(done.done.at)}
          {done.simulated && ' · simulated surge set'}
        </span>
      </div>
      <Suspense fallback={null}>
        <SurgeChart set={done.set} />
      </Suspense>
      <Judged judgement={done.outcome.judgement}>
        <NextWay job={job} here="bench/surge" />
        <Button onClick={() => setAgain(true)}>Surge again</Button>
      </Judged>
      <Pairs outcome={done.outcome} />
      <DischargeClock job={job} />
      {Object.entries(done.outcome.pairs).map(([pair, result]) => (
        <details key={pair}>
          <summary>Arithmetic of {pair.toUpperCase()}</summary>
          <Arithmetic steps={result.steps} open />
        </details>
      ))}
    </>
  );
}

function Pairs({ outcome }: { outcome: NonNullable<JobView['bench']['surge']>['outcome'] }) {
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th aria-label="verdict" />
          <th>pair</th>
          <th className="n">traces differ</th>
          <th className="n">limit</th>
          <th className="n">ring</th>
          <th className="n">shift</th>
          <th className="n">limit</th>
        </tr>
      </thead>
      <tbody>
        {Object.entries(outcome.pairs).map(([pair, r]) => (
          <tr key={pair}>
            <td style={{ width: 30 }}>
              <Mark verdict={r.verdict} />
            </td>
            <td>
              <b>{pair.toUpperCase()}</b>
            </td>
            <td className="n">{plain(r.differencePercent, 3)} %</td>
            <td className="n">{r.limitPercent} %</td>
            <td className="n">{r.ringFrequencyAHz === null ? '–' : hertz(r.ringFrequencyAHz)}</td>
            <td className="n">
              {r.frequencyShiftPercent === null ? '–' : `${plain(r.frequencyShiftPercent, 3)} %`}
            </td>
            <td className="n">{r.shiftLimitPercent} %</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Entry({ job, finished }: { job: JobView; finished: () => void }) {
  const tag = job.identity.tag;
  const [rotorFitted, setRotor] = useState(true);
  const [state, setState] = useState<(typeof STATES)[number][0]>('in-service');
  const [pace, setPace] = useState<'1' | '60'>('60');
  const [because, setBecause] = useState('');
  const repeat = job.bench.surge !== null;
  const surge = useChange(tag, finished);
  const isolate = useChange(tag);
  const refused = surge.error instanceof Refusal ? surge.error.problems : [];
  const shut = !job.highVoltage.open;
  return (
    <>
      <div className="head">
        <h1>Surge</h1>
        <span className="soft">one lead pulsed, the other two grounded, each in turn</span>
      </div>
      <p className="caution">
        High voltage. Clear the bench, stand off, nobody touches winding or frame until it is discharged and
        grounded. Local codes and the surge set’s instructions come first.
      </p>
      {job.bench.auxiliaries.length > 0 && (
        <ManyPicks
          label="Removed or shorted, each by name"
          options={job.bench.auxiliaries.map((a) => [a, a] as const)}
          values={job.bench.isolated}
          onChange={(names) => isolate.mutate({ method: 'POST', path: 'isolated', body: { names } })}
        />
      )}
      <Trouble error={surge.error ?? isolate.error} hide={['because']} />
      {shut && (
        <section className="judged" data-verdict="stop">
          <Mark verdict="stop" size={40} />
          <div>
            <h2>No high voltage yet</h2>
            {job.highVoltage.holding.map((r) => (
              <p key={r.code}>
                {r.sentence}. <Link to={`/jobs/${tag}/${r.step}`}>{r.opens}</Link>.
              </p>
            ))}
          </div>
          <span />
        </section>
      )}
      <Picks label="Winding is" value={state} options={STATES} onPick={setState} />
      <Checkbox checked={rotorFitted} onChange={(e) => setRotor(e.target.checked)}>
        Rotor is in
      </Checkbox>
      <div style={{ height: 14 }} />
      <Picks
        label="Clock of the simulated set"
        value={pace}
        options={[
          ['1', 'Real time'],
          ['60', '60 times'],
        ]}
        onPick={setPace}
      />
      <Because needed={repeat} value={because} problem={at(refused, 'because')} onChange={setBecause} />
      <div className="actions">
        <Button
          type="primary"
          disabled={shut}
          loading={surge.isPending}
          onClick={() =>
            surge.mutate({
              method: 'POST',
              path: 'instruments/surge-set',
              body: { rotorFitted, state, pace: Number(pace), because },
            })
          }
        >
          Surge the three phases
        </Button>
        {repeat && <Button onClick={finished}>Leave it as it was</Button>}
      </div>
      <DischargeClock job={job} />
      <StandIn job={job} />
    </>
  );
}
