import { useMutation, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useRef, useState } from 'react';
import { Link } from 'react-router';
import { call, Refusal } from '../api/http';
import type { JobView, Judgement, SheetForm, Step, TestLook, Typed } from '../api/types';
import { useDraft } from '../forms/drafts';
import { at, useLook, whileTyping } from '../forms/look';
import { Trouble } from '../forms/Trouble';
import { RunPanel } from '../instruments/RunPanel';
import { StandIn } from '../instruments/StandIn';
import { useChange } from '../jobs/useJob';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { otherSchool } from '../verdict/schools';
import { FieldsForm } from '../worksheets/FieldsForm';
import { Because } from './Because';
import { DischargeClock } from './DischargeClock';
import { InstrumentPick } from './InstrumentPick';
import { Isolated } from './Isolated';
import { Pulses } from './Pulses';
import type { SheetTest } from './sheetTests';
import { ReadFile } from './TestFile';

const TestChart = lazy(() => import('./TestChart').then((m) => ({ default: m.TestChart })));

interface Draft {
  typed: Typed;
  simulated: boolean;
  because: string;
  instrument: number | null;
}

interface Leakage {
  step: number;
  voltageV: number;
  microamp: number;
  last: boolean;
}

const figures = (value: number) => String(Number(value.toPrecision(5)));

/** Readings typed, from a file, or from a simulated instrument, judged while they come. */
export function SheetTestEntry({
  job,
  kind,
  speed,
  test,
  title,
  repeat,
  finished,
}: {
  job: JobView;
  kind: string;
  speed: number;
  test: SheetTest;
  title: string;
  repeat: boolean;
  finished: () => void;
}) {
  const tag = job.identity.tag;
  const fresh: Draft = { typed: test.start, simulated: false, because: '', instrument: null };
  const draft = useDraft<Draft>(speed === 1 ? `${tag}.${kind}` : `${tag}.${kind}.${speed}`, fresh);
  const v = draft.value;
  // A series keeps its own text while it is typed; readings from an instrument or a file draw it anew.
  const [drawn, setDrawn] = useState(0);
  const forms = useQuery({
    queryKey: ['worksheets'],
    queryFn: () => call<SheetForm[]>('GET', '/api/worksheets'),
    staleTime: Infinity,
  });
  const form = forms.data?.find((f) => f.name === kind);
  const look = useLook<TestLook>(
    `/api/jobs/${tag}/tests/${kind}/look`,
    { typed: v.typed, speed },
    draft.dirty && !test.stream?.keeps,
  );
  const output = (look?.output ?? look?.resistance) as
    { judgement?: Judgement; steps?: Step[] } | null | undefined;
  const keep = useChange(tag, () => {
    draft.settle(fresh);
    finished();
  });
  const arrived = (typed: Typed, part: Partial<Draft>) => {
    keep.reset();
    draft.change({ ...v, typed, ...part });
    setDrawn((n) => n + 1);
  };
  const glance = useMutation({
    mutationFn: () =>
      call<Typed>(
        'POST',
        `/api/jobs/${tag}/instruments/${kind === 'winding-resistance' ? 'bridge' : `readings/${kind}`}?speed=${speed}`,
      ),
    onSuccess: ({ windingTemperatureC, ...typed }) =>
      arrived(
        {
          ...v.typed,
          ...typed,
          ...(windingTemperatureC === undefined
            ? {}
            : { windingTemperatureC: `${String(windingTemperatureC)} °C` }),
        },
        { simulated: true },
      ),
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
        keep.mutate({ method: 'POST', path: `tests/${kind}`, body: { ...v, speed } });
      }}
    >
      <div className="head">
        <h1>{title}</h1>
        <span className="soft">{form?.sources.join(' · ')}</span>
      </div>
      <p className="caution">{test.caution}</p>
      <Gate job={job} asks={test.asks} />
      {test.asks === 'high-voltage' && <DischargeClock job={job} />}
      <Trouble error={keep.error ?? glance.error} hide={refused.map((p) => p.field)} />
      {test.stream?.keeps ? (
        <Pulses
          job={job}
          speed={speed}
          because={v.because}
          rotorFitted={v.typed['rotorFitted'] === true}
          set={(rotorFitted) => draft.change({ ...v, typed: { ...v.typed, rotorFitted } })}
          ready={job.highVoltage.open && (!repeat || v.because.trim() !== '')}
          kept={() => {
            draft.settle(fresh);
            finished();
          }}
        />
      ) : (
        <>
          {test.stream && <Streamed job={job} kind={kind} test={test} typed={v.typed} arrived={arrived} />}
          {form && (
            <FieldsForm
              key={drawn}
              fields={form.fields.filter((f) => !test.known.includes(f.name))}
              path=""
              value={v.typed}
              shown={look?.shown ?? {}}
              problems={[...whileTyping(look?.problems), ...refused]}
              onChange={(typed) => set({ typed })}
            />
          )}
        </>
      )}
      {refused
        .filter((p) => p.field === '' || p.field === 'instrument' || test.known.includes(p.field))
        .map((p) => (
          <p key={p.field + p.message} className="wrong">
            {p.message}
          </p>
        ))}
      {output?.judgement && <Judged judgement={output.judgement} other={otherSchool(output)} />}
      {output && (
        <Suspense fallback={null}>
          <TestChart kind={kind} typed={v.typed} output={output as Record<string, unknown>} />
        </Suspense>
      )}
      {!v.simulated && !test.stream?.keeps && (
        <InstrumentPick
          value={v.instrument}
          onChange={(instrument) => set({ instrument, simulated: v.simulated })}
        />
      )}
      <Because
        needed={repeat}
        value={v.because}
        problem={at(refused, 'because')}
        onChange={(because) => set({ because, simulated: v.simulated })}
      />
      <div className="actions">
        {!test.stream?.keeps && (
          <Button type="primary" htmlType="submit" loading={keep.isPending} disabled={!draft.dirty}>
            Keep the readings
          </Button>
        )}
        {test.glance && (
          <Button onClick={() => glance.mutate()} loading={glance.isPending}>
            {test.glance}
          </Button>
        )}
        {!test.stream?.keeps && (
          <ReadFile
            tag={tag}
            kind={kind}
            onRead={(typed) => arrived({ ...v.typed, ...typed }, { simulated: false })}
          />
        )}
        {repeat && <Button onClick={finished}>Leave it as it was</Button>}
      </div>
      {(test.glance ?? test.stream) && <StandIn job={job} />}
      {output?.steps && <Arithmetic steps={output.steps} />}
    </form>
  );
}

/** The gate that a test asks, where it does not stand open. */
function Gate({ job, asks }: { job: JobView; asks: SheetTest['asks'] }) {
  const holding =
    asks === 'high-voltage' ? job.highVoltage.holding[0] : asks === 'power' ? job.gate.holding[0] : undefined;
  if (!holding) {
    return null;
  }
  const words =
    asks === 'high-voltage'
      ? 'No high voltage yet'
      : job.gate.state === 'shut'
        ? 'Power is shut'
        : 'Test power only';
  return (
    <>
      <p className="caution">
        <b>{words}:</b> {holding.sentence}.{' '}
        {holding.code !== 'auxiliaries' && (
          <Link to={`/jobs/${job.identity.tag}/${holding.step}`}>{holding.opens}</Link>
        )}
      </p>
      {holding.code === 'auxiliaries' && <Isolated job={job} />}
    </>
  );
}

/** Steps of a ramp, or a voltage held, as the simulated set shows them. */
function Streamed({
  job,
  kind,
  test,
  typed,
  arrived,
}: {
  job: JobView;
  kind: string;
  test: SheetTest;
  typed: Typed;
  arrived: (typed: Typed, part: Partial<Draft>) => void;
}) {
  const steps = useRef<{ voltageV: string; microamp: string }[]>([]);
  const [live, setLive] = useState<Leakage>();
  if (!test.stream) {
    return null;
  }
  return (
    <>
      <RunPanel<Leakage>
        tag={job.identity.tag}
        instrument={test.stream.path}
        body={{ state: typed['state'] ?? 'in-service' }}
        start={test.stream.start}
        disabled={!job.highVoltage.open}
        onStart={() => {
          steps.current = [];
          setLive(undefined);
        }}
        onReading={(r) => {
          setLive(r);
          if (r.last && kind === 'step-voltage') {
            steps.current = [
              ...steps.current,
              { voltageV: figures(r.voltageV), microamp: figures(r.microamp) },
            ];
            arrived({ steps: steps.current }, { simulated: true });
          }
        }}
        onEnd={(end) => {
          if (kind === 'withstand-record' && end && live) {
            arrived(
              {
                ...typed,
                supply: 'direct',
                appliedVoltageV: figures(live.voltageV),
                heldSeconds: figures(end.seconds),
                brokeDown: end.fault.startsWith('Breakdown'),
                microamp: figures(live.microamp),
              },
              { simulated: true },
            );
          } else if (end?.fault && steps.current.length > 0) {
            arrived({ steps: steps.current }, { simulated: true, because: end.fault });
          }
        }}
      />
      {live && (
        <p className="big" role="status" aria-label="The set shows">
          {Math.round(live.voltageV)} V · {figures(live.microamp)} µA
        </p>
      )}
    </>
  );
}
