import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { JobView, Step, TestKind } from '../api/types';
import { NextStep } from '../job/NextStep';
import { moment } from '../quantity/figures';
import { Arithmetic } from '../verdict/Arithmetic';
import { originOf, Standing } from '../verdict/Standing';
import { Earlier } from './Earlier';
import { Output } from '../worksheets/Output';
import { DischargeClock } from './DischargeClock';
import { Overrule } from './Overrule';
import { SheetTestEntry } from './SheetTestEntry';
import { meanMm } from './meanMm';
import { FileLinks } from './TestFile';
import { Loading } from '../ui/Loading';

const TestChart = lazy(() => import('./TestChart').then((m) => ({ default: m.TestChart })));

/** A bench test by its worksheet: readings in, judgement at once, superseded with a reason when taken again. */
export function SheetTestStep({
  job,
  test,
  speed,
  step,
}: {
  job: JobView;
  test: TestKind;
  speed: number;
  step: string;
}) {
  const kind = test.kind;
  const done = job.bench.further[speed === 1 ? kind : `${kind}/${speed}`];
  const [again, setAgain] = useState(false);
  const named = job.stations.flatMap((s) => s.steps).find((s) => s.step === step)?.name;
  const title = named ?? test.label;
  if (!done || again) {
    return (
      <SheetTestEntry
        job={job}
        speed={speed}
        test={test}
        title={title}
        repeat={done !== undefined}
        finished={() => setAgain(false)}
      />
    );
  }
  const output = done.output as Record<string, unknown> & { steps?: Step[] };
  return (
    <>
      <div className="head">
        <h1>{title}</h1>
        <span className="soft">
          {done.done.by}, {moment(done.done.at)}
          {done.done.detail && done.standing.origin !== 'simulated' && ` · ${done.done.detail}`}
          {originOf(done.standing)}
        </span>
      </div>
      <Standing standing={done.standing}>
        <NextStep job={job} here={step} />
        <Button onClick={() => setAgain(true)}>Measure again, this one is superseded</Button>
      </Standing>
      <Suspense fallback={<Loading />}>
        <TestChart lines={done.lines} gapsMm={done.gapsMm} meanMm={meanMm(output)} />
      </Suspense>
      <Output value={output} />
      {test.asks === 'high-voltage' && <DischargeClock job={job} />}
      <Earlier job={job} kind={kind} speed={speed} />
      <FileLinks tag={job.identity.tag} kind={kind} speed={speed} />
      <Overrule job={job} step={step} />
      {output.steps && <Arithmetic steps={output.steps} />}
    </>
  );
}
