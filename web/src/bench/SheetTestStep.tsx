import { useMutation, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { JobView, Judgement, SheetForm, Step, TestLook, Typed } from '../api/types';
import { useDraft } from '../forms/drafts';
import { at, useLook, whileTyping } from '../forms/look';
import { Trouble } from '../forms/Trouble';
import { StandIn } from '../instruments/StandIn';
import { NextWay } from '../jobs/NextWay';
import { useChange } from '../jobs/useJob';
import { moment } from '../quantity/figures';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { FieldsForm } from '../worksheets/FieldsForm';
import { Output } from '../worksheets/Output';
import { Because } from './Because';

interface Kind {
  title: string;
  /** What hurts whoever forgets it. */
  caution: string;
  /** Fields that the nameplate answers. */
  plate: string[];
  start: Typed;
  /** A simulated instrument: its call, its button, what it is sent. */
  instrument?: { path: string; label: string; body: unknown };
}

/** Tests that are entered, computed and judged by the worksheet of their name. */
export const SHEET_TESTS: Record<string, Kind> = {
  'low-voltage-balance': {
    title: 'Balance: winding or rotor',
    caution: 'Supply locked out. Turn the shaft by hand only, fingers off keyway and fan.',
    plate: [],
    start: { positions: [0, 45, 90, 135].map((a) => ({ angleDegrees: String(a), inductanceMh: {} })) },
    instrument: { path: 'inductance-bridge', label: 'Read the simulated bridge', body: {} },
  },
  'step-voltage': {
    title: 'Step voltage',
    caution:
      'High direct voltage: insulation must hold first, auxiliaries off, area barred, one person at the set. Ground the winding four times as long as voltage was on.',
    plate: [],
    start: { steps: [{}, {}, {}] },
    instrument: { path: 'step-ramp', label: 'Run the simulated ramp', body: { pace: 600 } },
  },
  'no-load-run': {
    title: 'Run without load',
    caution:
      'Only with the gate open: bolted down, key captured or out, coupling guarded, rotation agreed, someone at the stop. Reduced voltage or current-limited first.',
    plate: ['ratedCurrentA', 'ratedPowerW', 'ratedVoltageV', 'poles'],
    start: { lineCurrentsA: [], lineVoltagesV: [], lockedRotorRatio: '' },
  },
  'core-loop-result': {
    title: 'Core loop',
    caution:
      'Guard the bore, protect ears, watch the loop cable: it heats. Cut at once when the core smokes.',
    plate: [],
    start: {},
  },
};

/** A bench test by its worksheet: readings in, judgement at once, superseded with a reason when taken again. */
export function SheetTestStep({ job, kind }: { job: JobView; kind: string }) {
  const test = SHEET_TESTS[kind];
  const done = job.bench.further[kind];
  const [again, setAgain] = useState(false);
  if (!test) {
    return null;
  }
  if (!done || again) {
    return <Entry job={job} kind={kind} test={test} finished={() => setAgain(false)} />;
  }
  const output = done.output as Record<string, unknown> & { steps?: Step[] };
  return (
    <>
      <div className="head">
        <h1>{test.title}</h1>
        <span className="soft">
          {done.done.by}, {moment(done.done.at)}
          {done.simulated && ' · simulated'}
        </span>
      </div>
      <Judged judgement={done.judgement} />
      <Output value={output} />
      <div className="actions">
        <NextWay job={job} here={kind} />
        <Button onClick={() => setAgain(true)}>Measure again, this one is superseded</Button>
      </div>
      {output.steps && <Arithmetic steps={output.steps} />}
    </>
  );
}

interface Draft {
  typed: Typed;
  simulated: boolean;
  because: string;
}

function Entry({
  job,
  kind,
  test,
  finished,
}: {
  job: JobView;
  kind: string;
  test: Kind;
  finished: () => void;
}) {
  const tag = job.identity.tag;
  const repeat = job.bench.further[kind] !== undefined;
  const draft = useDraft<Draft>(`${tag}.${kind}`, { typed: test.start, simulated: false, because: '' });
  const v = draft.value;
  // A series keeps its own text while it is typed; readings from an instrument draw it anew.
  const [drawn, setDrawn] = useState(0);
  const forms = useQuery({
    queryKey: ['worksheets'],
    queryFn: () => call<SheetForm[]>('GET', '/api/worksheets'),
    staleTime: Infinity,
  });
  const form = forms.data?.find((f) => f.name === kind);
  const look = useLook<TestLook>(`/api/jobs/${tag}/tests/${kind}/look`, v.typed, draft.dirty);
  const output = look?.output as { judgement?: Judgement; steps?: Step[] } | null | undefined;
  const keep = useChange(tag, () => {
    draft.settle({ typed: test.start, simulated: false, because: '' });
    finished();
  });
  const instrument = useMutation({
    mutationFn: () =>
      call<Typed>(
        'POST',
        `/api/jobs/${tag}/instruments/${test.instrument?.path ?? ''}`,
        test.instrument?.body,
      ),
    onSuccess: ({ tripped, ...typed }) => {
      draft.change({
        ...v,
        typed,
        simulated: true,
        because: tripped ? 'the set tripped before the top of the ramp' : v.because,
      });
      setDrawn(drawn + 1);
    },
  });
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  const set = (part: Partial<Draft>) => {
    keep.reset();
    draft.change({ ...v, simulated: false, ...part });
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({ method: 'POST', path: `tests/${kind}`, body: v });
      }}
    >
      <div className="head">
        <h1>{test.title}</h1>
        <span className="soft">{form?.sources.join(' · ')}</span>
      </div>
      <p className="caution">{test.caution}</p>
      {kind === 'step-voltage' && !job.highVoltage.open && (
        <p className="caution">
          <b>No high voltage yet:</b> {job.highVoltage.holding[0]?.sentence}.
        </p>
      )}
      {kind === 'no-load-run' && job.gate.state === 'shut' && (
        <p className="caution">
          <b>Power is shut:</b> {job.gate.holding[0]?.sentence}.
        </p>
      )}
      <Trouble error={keep.error ?? instrument.error} hide={refused.map((p) => p.field)} />
      {form && (
        <FieldsForm
          key={drawn}
          fields={form.fields.filter((f) => !test.plate.includes(f.name))}
          path=""
          value={v.typed}
          shown={look?.shown ?? {}}
          problems={[...whileTyping(look?.problems), ...refused]}
          onChange={(typed) => set({ typed })}
        />
      )}
      {refused
        .filter((p) => p.field === '' || test.plate.includes(p.field))
        .map((p) => (
          <p key={p.field + p.message} className="wrong">
            {p.message}
          </p>
        ))}
      {output?.judgement && <Judged judgement={output.judgement} />}
      <Because
        needed={repeat}
        value={v.because}
        problem={at(refused, 'because')}
        onChange={(because) => set({ because, simulated: v.simulated })}
      />
      <div className="actions">
        <Button type="primary" htmlType="submit" loading={keep.isPending} disabled={!draft.dirty}>
          Keep the readings
        </Button>
        {test.instrument && (
          <Button onClick={() => instrument.mutate()} loading={instrument.isPending}>
            {test.instrument.label}
          </Button>
        )}
        {repeat && <Button onClick={finished}>Leave it as it was</Button>}
      </div>
      {test.instrument && <StandIn job={job} />}
      {output?.steps && <Arithmetic steps={output.steps} />}
    </form>
  );
}
