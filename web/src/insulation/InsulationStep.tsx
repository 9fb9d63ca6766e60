import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { JobView } from '../api/types';
import { DischargeClock } from '../bench/DischargeClock';
import { Earlier } from '../bench/Earlier';
import { Overrule } from '../bench/Overrule';
import { FileLinks } from '../bench/TestFile';
import { Trouble } from '../forms/Trouble';
import { NextWay } from '../jobs/NextWay';
import { useChange } from '../jobs/useJob';
import { megohm, moment, plain } from '../quantity/figures';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import type { Point } from './AbsorptionChart';
import { InsulationEntry } from './InsulationEntry';
import { InsulationFigures, leastHere, otherSchool } from './InsulationFigures';

const AbsorptionChart = lazy(() => import('./AbsorptionChart').then((m) => ({ default: m.AbsorptionChart })));

/** Insulation to frame: readings over time, both schools, and how long the leads stay grounded. */
export function InsulationStep({ job }: { job: JobView }) {
  const [again, setAgain] = useState(false);
  const done = job.bench.insulation;
  if (!done || again) {
    return <InsulationEntry job={job} finished={() => setAgain(false)} />;
  }
  const points = done.test.readings.map((r) => ({ ...r, overRange: r.overRange ?? false }));
  const temperature = done.test.windingTemperatureC;
  return (
    <>
      <div className="head">
        <h1>Insulation to frame</h1>
        <span className="soft">
          all leads together · {plain(done.result.standardTestVoltageLowV)} V · winding{' '}
          {plain(temperature, 3)} °C · {done.done.by}, {moment(done.done.at)}
          {done.simulated && ' · simulated tester'}
        </span>
      </div>
      <div className="readings">
        <Readings points={points} />
        <Suspense fallback={null}>
          <AbsorptionChart
            points={points}
            fit={done.fit?.curve ?? null}
            testV={done.result.standardTestVoltageLowV}
            least={leastHere(done.result)}
          />
        </Suspense>
      </div>
      <Judged judgement={done.standing} other={otherSchool(done.other)}>
        <NextWay job={job} here="bench/insulation" />
        <Button onClick={() => setAgain(true)}>Test again</Button>
      </Judged>
      <InsulationFigures result={done.result} fit={done.fit} />
      <DischargeClock job={job} />
      <Worked job={job} />
      <Earlier job={job} kind="insulation-resistance" />
      <FileLinks tag={job.identity.tag} kind="insulation-resistance" />
      <Overrule job={job} step="bench/insulation" />
      <Arithmetic steps={done.result.steps} />
    </>
  );
}

function Readings({ points }: { points: Point[] }) {
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th>after</th>
          <th className="n">reading</th>
        </tr>
      </thead>
      <tbody>
        {points.map((p) => (
          <tr key={p.seconds} style={p.seconds === 60 ? { fontWeight: 600 } : {}}>
            <td className="figure">{p.seconds < 60 ? `${p.seconds} s` : `${plain(p.seconds / 60)} min`}</td>
            <td className="n">
              {p.overRange && '≥ '}
              {megohm(p.megohm)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What was done to the winding since: it makes the test unproven again. */
function Worked({ job }: { job: JobView }) {
  const work = useChange(job.identity.tag);
  return (
    <details>
      <summary>Record what was done to the winding since</summary>
      <Trouble error={work.error} />
      <div className="picks">
        {['opened', 'washed', 'dried', 'dipped', 'reassembled'].map((w) => (
          <button
            key={w}
            type="button"
            className="pick"
            onClick={() => work.mutate({ method: 'POST', path: 'worked', body: { work: w } })}
          >
            {w}
          </button>
        ))}
      </div>
    </details>
  );
}
