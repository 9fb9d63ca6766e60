import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { JobView, Step } from '../api/types';
import { NextWay } from '../jobs/NextWay';
import { moment } from '../quantity/figures';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { otherSchool, type Schools } from '../verdict/schools';
import { Earlier } from './Earlier';
import { Output } from '../worksheets/Output';
import { DischargeClock } from './DischargeClock';
import { Overrule } from './Overrule';
import { SheetTestEntry } from './SheetTestEntry';
import { SHEET_TESTS } from './sheetTests';
import { FileLinks } from './TestFile';

const TestChart = lazy(() => import('./TestChart').then((m) => ({ default: m.TestChart })));

/** A bench test by its worksheet: readings in, judgement at once, superseded with a reason when taken again. */
export function SheetTestStep({
  job,
  kind,
  speed,
  step,
}: {
  job: JobView;
  kind: string;
  speed: number;
  step: string;
}) {
  const test = SHEET_TESTS[kind];
  const done = job.bench.further[speed === 1 ? kind : `${kind}/${speed}`];
  const [again, setAgain] = useState(false);
  if (!test) {
    return null;
  }
  const named = job.stations.flatMap((s) => s.steps).find((s) => s.step === step)?.name;
  const title = speed === 1 && !named?.includes(',') ? test.title : (named ?? test.title);
  if (!done || again) {
    return (
      <SheetTestEntry
        job={job}
        kind={kind}
        speed={speed}
        test={test}
        title={title}
        repeat={done !== undefined}
        finished={() => setAgain(false)}
      />
    );
  }
  const output = done.output as Record<string, unknown> & Schools & { steps?: Step[] };
  return (
    <>
      <div className="head">
        <h1>{title}</h1>
        <span className="soft">
          {done.done.by}, {moment(done.done.at)}
          {done.simulated && ' · simulated'}
          {done.done.detail && !done.simulated && ` · ${done.done.detail}`}
        </span>
      </div>
      <Judged judgement={done.judgement} other={otherSchool(output)}>
        <NextWay job={job} here={step} />
        <Button onClick={() => setAgain(true)}>Measure again, this one is superseded</Button>
      </Judged>
      <Suspense fallback={null}>
        <TestChart kind={kind} typed={done.typed} output={output} />
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
