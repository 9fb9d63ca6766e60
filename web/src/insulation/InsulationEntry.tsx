import { Button } from 'antd';
import { lazy, Suspense, useMemo } from 'react';
import { Refusal } from '../api/http';
import type { JobView, Problem, TestPreview } from '../api/types';
import { RepeatReason } from '../bench/RepeatReason';
import { InstrumentPick } from '../calibration/InstrumentPick';
import { ReadFile } from '../bench/TestFile';
import { DischargeClock } from '../bench/DischargeClock';
import { useDraft } from '../ui/drafts';
import { at, usePreview, whileTyping } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { SimulatedInstrumentPanel } from '../instruments/SimulatedInstrumentPanel';
import { useChange } from '../job/useJob';
import { toNextField, TypedField } from '../quantity/TypedField';
import { Picks } from '../quantity/Picks';
import { Judged } from '../verdict/Judged';
import { otherSchool } from '../verdict/schools';
import { InsulationFigures } from './InsulationFigures';
import { EMPTY, fromFile, type Row, type Typing } from './reading';
import { TesterPanel } from './TesterPanel';
import { Loading } from '../ui/Loading';

const AbsorptionChart = lazy(() => import('./AbsorptionChart').then((m) => ({ default: m.AbsorptionChart })));

const AIR = [
  ['windingTemperatureC', 'Winding', '°C'],
  ['ambientTemperatureC', 'Air', '°C'],
  ['relativeHumidityPercent', 'Humidity', '%'],
] as const;

const SYSTEMS = [
  ['thermosetting', 'Thermosetting'],
  ['thermoplastic', 'Thermoplastic, before 1970'],
] as const;

/** Readings typed or streamed, judged while they come. */
export function InsulationEntry({ job, finished }: { job: JobView; finished: () => void }) {
  const tag = job.identity.tag;
  const draft = useDraft(`${tag}.insulation`, EMPTY);
  const v = draft.value;
  const repeat = job.bench.insulation !== null;
  const filled = useMemo(() => v.readings.filter((r) => r.megohm.trim() !== ''), [v.readings]);
  const typed = {
    windingTemperatureC: v.windingTemperatureC,
    ambientTemperatureC: v.ambientTemperatureC,
    relativeHumidityPercent: v.relativeHumidityPercent,
    insulationSystem: v.insulationSystem,
    readings: filled,
  };
  const preview = usePreview<TestPreview>(
    `/api/jobs/${tag}/tests/insulation-resistance/preview`,
    { typed, appliedVoltageV: v.appliedVoltageV },
    filled.length > 0,
  );
  const keep = useChange(
    tag,
    () => {
      draft.settle(EMPTY);
      finished();
    },
    { label: 'Insulation to frame', step: 'bench/insulation', draft: `${tag}.insulation` },
  );
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  const problems = [...whileTyping(preview?.problems), ...refused];
  const set = (part: Partial<Typing>) => {
    keep.reset();
    draft.change((before) => ({ ...before, simulated: false, ...part }));
  };
  /** What is no reading and leaves a simulated one simulated. */
  const beside = (part: Partial<Typing>) => {
    keep.reset();
    draft.change((before) => ({ ...before, ...part }));
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({
          method: 'POST',
          path: 'tests/insulation-resistance',
          body: {
            typed,
            appliedVoltageV: v.appliedVoltageV,
            because: v.because,
            correction: v.correction || undefined,
            instrument: v.simulated ? null : v.instrument,
          },
        });
      }}
    >
      <div className="head">
        <h1>Insulation to frame</h1>
        <span className="soft">all leads together, frame clip on bare clean metal</span>
      </div>
      <p className="caution">
        Direct voltage stays on the winding after the test. Keep hands off until it is discharged and
        grounded; follow the tester’s own instructions.
      </p>
      <ErrorNotice error={keep.error} hide={['because', 'appliedVoltageV', ...AIR.map(([f]) => f)]} />
      <Surroundings value={v} shown={preview?.shown} problems={problems} onChange={beside} />
      {job.gate.demonstration && <TesterPanel job={job} change={draft.change} />}
      <div className="readings">
        <Readings rows={v.readings} problems={problems} onChange={(readings) => set({ readings })} />
        <Suspense fallback={<Loading />}>
          <AbsorptionChart curve={preview?.curve ?? undefined} />
        </Suspense>
      </div>
      {preview?.judgement && (
        <Judged
          judgement={preview.judgement}
          other={preview.other ? otherSchool(preview.other) : undefined}
        />
      )}
      {preview?.insulation && <InsulationFigures result={preview.insulation} fit={preview.fit} />}
      {!v.simulated && <InstrumentPick value={v.instrument} onChange={(instrument) => set({ instrument })} />}
      <RepeatReason
        needed={repeat}
        value={v.because}
        problem={at(refused, 'because')}
        onChange={(because) => beside({ because })}
        corrects={v.correction}
        onCorrects={(correction) => beside({ correction })}
      />
      <div className="actions">
        <Button type="primary" htmlType="submit" loading={keep.isPending} disabled={filled.length === 0}>
          Keep the readings
        </Button>
        <ReadFile
          tag={tag}
          kind="insulation-resistance"
          onRead={(read) =>
            set({
              windingTemperatureC: String(read['windingTemperatureC'] ?? v.windingTemperatureC),
              readings: fromFile(read['readings']),
            })
          }
        />
        {repeat && <Button onClick={finished}>Leave it as it was</Button>}
        {draft.dirty && <span className="soft small">not saved yet; kept on this tablet</span>}
      </div>
      <DischargeClock job={job} />
      {job.gate.demonstration && <SimulatedInstrumentPanel job={job} />}
    </form>
  );
}

/** Air and winding, the tester's voltage, and what the winding is insulated with. */
function Surroundings({
  value: v,
  shown,
  problems,
  onChange,
}: {
  value: Typing;
  shown?: TestPreview['shown'];
  problems: Problem[];
  onChange: (part: Partial<Typing>) => void;
}) {
  return (
    <>
      <div className="grid3">
        {AIR.map(([field, label, unit]) => (
          <TypedField
            key={field}
            label={label}
            unit={unit}
            value={v[field]}
            shown={shown?.[field]}
            problem={at(problems, field)}
            onChange={(text) => onChange({ [field]: text })}
          />
        ))}
      </div>
      <div className="grid2">
        <TypedField
          label="Test voltage applied"
          unit="V"
          hint="what the tester was set to"
          value={v.appliedVoltageV}
          problem={at(problems, 'appliedVoltageV')}
          onChange={(appliedVoltageV) => onChange({ appliedVoltageV })}
        />
        <Picks
          label="Insulation system"
          value={v.insulationSystem}
          options={SYSTEMS}
          onPick={(insulationSystem) => onChange({ insulationSystem })}
        />
      </div>
    </>
  );
}

/** Seconds and megohms, a row each. */
function Readings({
  rows,
  problems,
  onChange,
}: {
  rows: Row[];
  problems: Problem[];
  onChange: (rows: Row[]) => void;
}) {
  /** Place of a row among those that are filled in, as a refusal names it. */
  const place = (row: number): number => rows.slice(0, row).filter((r) => r.megohm.trim() !== '').length;
  return (
    <table className="quiet" onKeyDown={toNextField}>
      <thead>
        <tr>
          <th>after s</th>
          <th>MΩ, k or G</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r, n) => {
          const wrong = r.megohm.trim() ? at(problems, `readings[${place(n)}].megohm`) : undefined;
          const change = (part: Partial<Row>) =>
            onChange(rows.map((old, k) => (k === n ? { ...old, ...part } : old)));
          return (
            <tr key={n}>
              <td>
                <input
                  aria-label={`seconds of reading ${n + 1}`}
                  className="cell"
                  tabIndex={-1}
                  value={r.seconds}
                  onChange={(e) => change({ seconds: e.target.value })}
                />
              </td>
              <td>
                <input
                  aria-label={`reading after ${r.seconds} s`}
                  className="cell"
                  inputMode="decimal"
                  value={r.megohm}
                  onChange={(e) => change({ megohm: e.target.value })}
                />
                {wrong && <span className="wrong small">{wrong.message}</span>}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
