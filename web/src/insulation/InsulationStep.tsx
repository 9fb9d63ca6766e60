import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { InsulationCurve, JobView } from '../api/types';
import { DischargeClock } from '../bench/DischargeClock';
import { Earlier } from '../bench/Earlier';
import { Overrule } from '../bench/Overrule';
import { FileLinks } from '../bench/TestFile';
import { NextStep } from '../job/NextStep';
import { Worked } from '../bench/Worked';
import { megohm, moment, plain } from '../quantity/figures';
import { Arithmetic } from '../verdict/Arithmetic';
import { originOf, Standing } from '../verdict/Standing';
import { InsulationEntry } from './InsulationEntry';
import { InsulationFigures } from './InsulationFigures';
import { Loading } from '../ui/Loading';

const AbsorptionChart = lazy(() => import('./AbsorptionChart').then((m) => ({ default: m.AbsorptionChart })));

/** Insulation to frame: readings over time, both schools, and how long the leads stay grounded. */
export function InsulationStep({ job }: { job: JobView }) {
  const [again, setAgain] = useState(false);
  const done = job.bench.insulation;
  if (!done || again) {
    return <InsulationEntry job={job} finished={() => setAgain(false)} />;
  }
  const temperature = done.test.windingTemperatureC;
  return (
    <>
      <div className="head">
        <h1>Insulation to frame</h1>
        <span className="soft">
          all leads together · winding {plain(temperature, 3)} °C · {done.done.by}, {moment(done.done.at)}
          {originOf(done.standing)}
        </span>
      </div>
      <div className="readings">
        <Readings curve={done.curve} />
        <Suspense fallback={<Loading />}>
          <AbsorptionChart curve={done.curve} />
        </Suspense>
      </div>
      <Standing standing={done.standing}>
        <NextStep job={job} here="bench/insulation" />
        <Button onClick={() => setAgain(true)}>Test again</Button>
      </Standing>
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

function Readings({ curve }: { curve: InsulationCurve }) {
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th>after</th>
          <th className="n">reading</th>
        </tr>
      </thead>
      <tbody>
        {curve.points.map((p, n) => (
          <tr key={p.x} style={p.x === 60 ? { fontWeight: 600 } : {}}>
            <td className="figure">{p.x < 60 ? `${p.x} s` : `${plain(p.x / 60)} min`}</td>
            <td className="n">
              {curve.overRange[n] && '≥ '}
              {megohm(p.y)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
