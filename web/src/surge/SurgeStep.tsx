import { Button, Checkbox } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { Refusal } from '../api/http';
import type { JobView } from '../api/types';
import { TakenBefore } from '../bench/AskedGate';
import { RepeatReason } from '../bench/RepeatReason';
import { DischargeClock } from '../bench/DischargeClock';
import { Earlier } from '../bench/Earlier';
import { Isolated } from '../bench/Isolated';
import { Overrule } from '../bench/Overrule';
import { FileLinks, ReadFile } from '../bench/TestFile';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { SimulatedInstrumentPanel } from '../instruments/SimulatedInstrumentPanel';
import { NextStep } from '../job/NextStep';
import { useChange } from '../job/useJob';
import { hertz, moment, plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { Arithmetic } from '../verdict/Arithmetic';
import { TypedField } from '../quantity/TypedField';
import { originOf, Standing } from '../verdict/Standing';
import { Mark } from '../verdict/Mark';
import { Loading } from '../ui/Loading';
import { termLabel } from '../ui/terms';

const SurgeTraces = lazy(() => import('./SurgeTraces').then((m) => ({ default: m.SurgeTraces })));

type Outcome = NonNullable<JobView['bench']['surge']>['outcome'];

/** Surge comparison: three traces, three pairs, and who is the odd one. */
export function SurgeStep({ job, speed = 1 }: { job: JobView; speed?: number }) {
  const [again, setAgain] = useState(false);
  const step = speed === 1 ? 'bench/surge' : `bench/surge/${speed}`;
  const title = job.stations.flatMap((s) => s.steps).find((s) => s.step === step)?.name ?? 'Surge';
  const first = speed === 1 ? job.bench.surge : null;
  const other = speed === 1 ? undefined : job.bench.further[`surge-comparison/${speed}`];
  const done = first ?? (other && { ...other, rotorFitted: undefined, outcome: other.output as Outcome });
  if (!done || again) {
    return (
      <Entry
        job={job}
        speed={speed}
        title={title}
        repeat={done !== undefined}
        finished={() => setAgain(false)}
      />
    );
  }
  return (
    <>
      <div className="head">
        <h1>{title}</h1>
        <span className="soft">
          one lead pulsed, the other two grounded
          {done.rotorFitted !== undefined && ` · rotor ${done.rotorFitted ? 'in' : 'out'}`} · {done.done.by},{' '}
          {moment(done.done.at)}
          {originOf(done.standing)}
        </span>
      </div>
      <Suspense fallback={<Loading />}>
        <SurgeTraces job={job} speed={speed} takenAt={done.done.at} />
      </Suspense>
      <Standing standing={done.standing}>
        <NextStep job={job} here={step} />
        <Button onClick={() => setAgain(true)}>Surge again</Button>
      </Standing>
      <Pairs outcome={done.outcome} />
      <DischargeClock job={job} />
      <Earlier job={job} kind="surge-comparison" speed={speed} />
      <FileLinks tag={job.identity.tag} kind="surge-comparison" speed={speed} />
      <Overrule job={job} step={step} />
      {Object.entries(done.outcome.pairs).map(([pair, result]) => (
        <details key={pair}>
          <summary>Arithmetic of {pair.toUpperCase()}</summary>
          <Arithmetic steps={result.steps} open />
        </details>
      ))}
    </>
  );
}

function Pairs({ outcome }: { outcome: Outcome }) {
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

function Entry({
  job,
  speed,
  title,
  repeat,
  finished,
}: {
  job: JobView;
  speed: number;
  title: string;
  repeat: boolean;
  finished: () => void;
}) {
  const tag = job.identity.tag;
  const [rotorFitted, setRotor] = useState(true);
  const [angle, setAngle] = useState('');
  const [volts, setVolts] = useState('');
  const [takenBefore, setTakenBefore] = useState('');
  const [pace, setPace] = useState<'1' | '60'>('60');
  const [because, setBecause] = useState('');
  const surge = useChange(tag, finished);
  const refused = surge.error instanceof Refusal ? surge.error.problems : [];
  const blocked = !job.highVoltage.permitted;
  return (
    <>
      <div className="head">
        <h1>{title}</h1>
        <span className="soft">one lead pulsed, the other two grounded, each in turn</span>
      </div>
      <p className="caution">
        High voltage. Clear the bench, stand off, nobody touches winding or frame until it is discharged and
        grounded. Local codes and the surge set’s instructions come first.
      </p>
      {job.bench.auxiliaries.length > 0 && <Isolated job={job} />}
      <ErrorNotice error={surge.error} hide={['because']} />
      {blocked && (
        <section className="judged" data-verdict="stop">
          <Mark verdict="stop" size={40} />
          <div>
            <h2>High voltage blocked</h2>
            {job.highVoltage.holding.map((r) => (
              <p key={r.code}>
                {r.sentence}. <Link to={`/jobs/${tag}/${r.step}`}>{r.liftedBy}</Link>.
              </p>
            ))}
          </div>
          <span />
        </section>
      )}
      <p className="soft">
        Level for a winding that is {termLabel(job.windingState.state)}, by the work on record.
      </p>
      <Checkbox checked={rotorFitted} onChange={(e) => setRotor(e.target.checked)}>
        Rotor is in
      </Checkbox>
      {rotorFitted && (
        <TypedField
          label="Shaft stands at"
          unit="°"
          hint="from any mark; four positions over a pole pitch tell the rotor from the winding"
          value={angle}
          problem={at(refused, 'typed.rotorAngleDegrees')}
          onChange={setAngle}
        />
      )}
      <TypedField
        label="Peak voltage of a test read from a file"
        unit="V"
        value={volts}
        problem={at(refused, 'appliedVoltageV')}
        onChange={setVolts}
      />
      <TakenBefore needed={blocked} value={takenBefore} onChange={setTakenBefore} />
      {job.gate.demonstration && (
        <Picks
          label="Clock of the simulated set"
          value={pace}
          options={[
            ['1', 'Real time'],
            ['60', '60 times'],
          ]}
          onPick={setPace}
        />
      )}
      <RepeatReason needed={repeat} value={because} problem={at(refused, 'because')} onChange={setBecause} />
      <div className="actions">
        {job.gate.demonstration && (
          <Button
            type="primary"
            disabled={blocked}
            loading={surge.isPending}
            onClick={() =>
              surge.mutate({
                method: 'POST',
                path: 'instruments/surge-set',
                body: {
                  rotorFitted,
                  rotorAngleDegrees: rotorFitted ? angle : '',
                  pace: Number(pace),
                  because,
                  speed,
                },
              })
            }
          >
            Surge the three phases
          </Button>
        )}
        <ReadFile
          tag={tag}
          kind="surge-comparison"
          onRead={(typed) =>
            surge.mutate({
              method: 'POST',
              path: 'tests/surge-comparison',
              body: {
                typed: rotorFitted && angle.trim() ? { ...typed, rotorAngleDegrees: angle } : typed,
                appliedVoltageV: volts,
                because,
                speed,
                takenBefore,
              },
            })
          }
        />
        {repeat && <Button onClick={finished}>Leave it as it was</Button>}
      </div>
      <DischargeClock job={job} />
      {job.gate.demonstration && <SimulatedInstrumentPanel job={job} />}
    </>
  );
}
