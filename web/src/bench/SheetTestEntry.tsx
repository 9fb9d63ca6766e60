import { useMutation, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { call, Refusal } from '../api/http';
import type { JobView, SheetForm, Step, TestKind, TestPreview, Typed } from '../api/types';
import { useDraft } from '../ui/drafts';
import { at, usePreview, whileTyping } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { SimulatedInstrumentPanel } from '../instruments/SimulatedInstrumentPanel';
import { STREAMS } from '../instruments/streams';
import { useChange } from '../job/useJob';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { otherSchool } from '../verdict/schools';
import { FieldsForm } from '../worksheets/FieldsForm';
import { TypedField } from '../quantity/TypedField';
import { problemText } from '../quantity/words';
import { AskedGate, gateHolds, TakenBefore } from './AskedGate';
import { RepeatReason } from './RepeatReason';
import { DischargeClock } from './DischargeClock';
import { InstrumentPick } from '../calibration/InstrumentPick';
import { meanMm } from './meanMm';
import { Pulses } from './Pulses';
import { StallClock } from './StallClock';
import { Streamed, type Entered } from './Streamed';
import { ReadFile } from './TestFile';
import { Loading } from '../ui/Loading';

const TestChart = lazy(() => import('./TestChart').then((m) => ({ default: m.TestChart })));

/** Readings typed, from a file, or from a simulated instrument, judged while they come. */
export function SheetTestEntry({
  job,
  speed,
  test,
  title,
  repeat,
  finished,
}: {
  job: JobView;
  speed: number;
  test: TestKind;
  title: string;
  repeat: boolean;
  finished: () => void;
}) {
  const tag = job.identity.tag;
  const kind = test.kind;
  const stream = STREAMS[kind];
  const fresh: Entered = {
    typed: { ...test.blank, ...marked(job, kind) },
    simulated: false,
    because: '',
    correction: false,
    instrument: null,
    appliedVoltageV: '',
    takenBefore: '',
  };
  const name = speed === 1 ? `${tag}.${kind}` : `${tag}.${kind}.${speed}`;
  const draft = useDraft<Entered>(name, fresh);
  const v = draft.value;
  // A series keeps its own text while it is typed; readings from an instrument or a file draw it anew.
  const [drawn, setDrawn] = useState(0);
  const forms = useQuery({
    queryKey: ['worksheets'],
    queryFn: () => call<SheetForm[]>('GET', '/api/worksheets'),
    staleTime: Infinity,
  });
  const form = forms.data?.find((f) => f.name === kind);
  const preview = usePreview<TestPreview>(
    `/api/jobs/${tag}/tests/${kind}/preview`,
    { typed: v.typed, appliedVoltageV: v.appliedVoltageV, speed },
    draft.dirty && !stream?.keeps,
  );
  const output = (preview?.output ?? preview?.resistance) as
    (Record<string, unknown> & { steps?: Step[] }) | null | undefined;
  const keep = useChange(
    tag,
    () => {
      draft.settle(fresh);
      finished();
    },
    { label: test.label, step: speed === 1 ? test.step : `${test.step}/${speed}`, draft: name },
  );
  const arrived = (typed: Typed, part: Partial<Entered>) => {
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
  const set = (part: Partial<Entered>) => {
    keep.reset();
    draft.change({ ...v, simulated: false, ...part });
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({
          method: 'POST',
          path: `tests/${kind}`,
          body: {
            typed: v.typed,
            appliedVoltageV: test.notesVoltage ? v.appliedVoltageV : undefined,
            because: v.because,
            correction: v.correction || undefined,
            instrument: v.simulated ? null : v.instrument,
            takenBefore: v.takenBefore,
            speed,
          },
        });
      }}
    >
      <div className="head">
        <h1>{title}</h1>
        <span className="soft">{form?.sources.join(' · ')}</span>
      </div>
      <p className="caution">{test.caution}</p>
      <AskedGate job={job} test={test} />
      <TakenBefore
        needed={gateHolds(job, test) !== undefined}
        value={v.takenBefore}
        onChange={(takenBefore) => set({ takenBefore, simulated: v.simulated })}
      />
      {test.asks === 'high-voltage' && <DischargeClock job={job} />}
      <ErrorNotice error={keep.error ?? glance.error} hide={refused.map((p) => p.field)} />
      {stream?.keeps ? (
        <Pulses
          job={job}
          speed={speed}
          because={v.because}
          rotorFitted={v.typed['rotorFitted'] === true}
          set={(rotorFitted) => draft.change({ ...v, typed: { ...v.typed, rotorFitted } })}
          ready={job.highVoltage.permitted && (!repeat || v.because.trim() !== '')}
          kept={() => {
            draft.settle(fresh);
            finished();
          }}
        />
      ) : (
        <>
          {stream && job.gate.demonstration && (
            <Streamed job={job} kind={kind} stream={stream} typed={v.typed} arrived={arrived} />
          )}
          {kind === 'start-log' && (
            <StallClock
              onStop={(seconds) => {
                const attempts = [...((v.typed['attempts'] as Typed[] | undefined) ?? [])];
                const last = attempts.pop() ?? {};
                set({
                  typed: { ...v.typed, attempts: [...attempts, { ...last, seconds: String(seconds) }] },
                });
              }}
            />
          )}
          {form && (
            <FieldsForm
              key={drawn}
              fields={form.fields.filter((f) => !test.answered.includes(f.name))}
              path=""
              value={v.typed}
              shown={preview?.shown ?? {}}
              problems={[...whileTyping(preview?.problems), ...refused]}
              onChange={(typed) => set({ typed })}
            />
          )}
        </>
      )}
      {refused
        .filter((p) => p.field === '' || p.field === 'instrument' || test.answered.includes(p.field))
        .map((p) => (
          <p key={p.field + p.message} className="wrong">
            {problemText(p)}
          </p>
        ))}
      {test.notesVoltage && (
        <TypedField
          label="Test voltage applied"
          unit="V"
          hint="what the tester was set to"
          value={v.appliedVoltageV}
          problem={at(refused, 'appliedVoltageV')}
          onChange={(appliedVoltageV) => set({ appliedVoltageV, simulated: v.simulated })}
        />
      )}
      {preview?.judgement && (
        <Judged
          judgement={preview.judgement}
          other={preview.other ? otherSchool(preview.other) : undefined}
        />
      )}
      {preview && (
        <Suspense fallback={<Loading />}>
          <TestChart lines={preview.lines} gapsMm={preview.gapsMm} meanMm={meanMm(output)} />
        </Suspense>
      )}
      {!v.simulated && !stream?.keeps && (
        <InstrumentPick
          value={v.instrument}
          onChange={(instrument) => set({ instrument, simulated: v.simulated })}
        />
      )}
      <RepeatReason
        needed={repeat}
        value={v.because}
        problem={at(refused, 'because')}
        onChange={(because) => set({ because, simulated: v.simulated })}
        corrects={v.correction}
        onCorrects={(correction) => set({ correction, simulated: v.simulated })}
      />
      <div className="actions">
        {!stream?.keeps && (
          <Button type="primary" htmlType="submit" loading={keep.isPending} disabled={!draft.dirty}>
            Keep the readings
          </Button>
        )}
        {test.simulatedReading && job.gate.demonstration && (
          <Button onClick={() => glance.mutate()} loading={glance.isPending}>
            {test.simulatedReading}
          </Button>
        )}
        {!stream?.keeps && (
          <ReadFile
            tag={tag}
            kind={kind}
            onRead={(typed) => arrived({ ...v.typed, ...typed }, { simulated: false })}
          />
        )}
        {repeat && <Button onClick={finished}>Leave it as it was</Button>}
      </div>
      {(test.simulatedReading ?? stream) && job.gate.demonstration && <SimulatedInstrumentPanel job={job} />}
      {output?.steps && <Arithmetic steps={output.steps} />}
    </form>
  );
}

/** Leads as the plate or the terminal box named them, so that nobody types them twice. */
function marked(job: JobView, kind: string): Typed {
  const details = job.sheets['plate']?.typed['details'] as { leadMarks?: string } | undefined;
  const leads = (details?.leadMarks ?? '').split(/[\s,;]+/).filter(Boolean);
  return kind === 'lead-sets' && leads.length > 1 ? { leads } : {};
}
