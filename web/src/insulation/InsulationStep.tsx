import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { Refusal } from '../api/http';
import type { InsulationResult, JobView, TestLook } from '../api/types';
import { Because } from '../bench/Because';
import { DischargeClock } from '../bench/DischargeClock';
import { useDraft } from '../forms/drafts';
import { at, useLook, whileTyping } from '../forms/look';
import { Trouble } from '../forms/Trouble';
import { StandIn } from '../instruments/StandIn';
import { runTester } from '../instruments/tester';
import { NextWay } from '../jobs/NextWay';
import { useChange } from '../jobs/useJob';
import { clock, megohm, moment, plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { toNextField, TypedField } from '../quantity/TypedField';
import { useKeys } from '../shell/keys';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { verdictWord } from '../verdict/Mark';
import type { Point } from './AbsorptionChart';

const AbsorptionChart = lazy(() => import('./AbsorptionChart').then((m) => ({ default: m.AbsorptionChart })));

/** Insulation to frame: readings over time, both schools, and how long the leads stay grounded. */
export function InsulationStep({ job }: { job: JobView }) {
  const [again, setAgain] = useState(false);
  const done = job.bench.insulation;
  if (!done || again) {
    return <Entry job={job} finished={() => setAgain(false)} />;
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
      <Judged judgement={done.standing} other={fieldLine(done.result)}>
        <NextWay job={job} here="bench/insulation" />
        <Button onClick={() => setAgain(true)}>Test again</Button>
      </Judged>
      <Figures result={done.result} fit={done.fit} />
      <DischargeClock job={job} />
      <Worked job={job} />
      <Arithmetic steps={done.result.steps} />
    </>
  );
}

function leastHere(result: InsulationResult): number {
  return result.minimumMegohm / result.correctionFactor;
}

function fieldLine(result: InsulationResult): string {
  return `The field rule says ${verdictWord(result.fieldVerdict)}: ${result.fieldJudgement.headline}`;
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

function Figures({ result, fit }: { result: InsulationResult; fit: TestLook['fit'] }) {
  const curve = fit?.curve;
  return (
    <div className="grid3" style={{ marginTop: 6 }}>
      <div>
        <h3>Polarization index</h3>
        <span className="big">
          {result.polarizationIndex === null ? '–' : plain(result.polarizationIndex, 3)}
        </span>
        <span className="soft small">
          {result.polarizationIndex === null
            ? 'needs readings at 1 and 10 min, within range'
            : result.polarizationIndexJudged
              ? `${result.minimumPolarizationIndex} wanted`
              : 'not judged at this level: absorption is soon over'}
        </span>
      </div>
      <div>
        <h3>Leakage part after a minute</h3>
        <span className="big">{fit ? `${plain(fit.leakageSharePercent, 3)} %` : '–'}</span>
        <span className="soft small">
          {curve
            ? `fitted: ${plain(curve.absorptionMicroamp, 3)} µA·t^−${plain(curve.exponent, 2)} + ${plain(curve.leakageMicroamp, 3)} µA`
            : 'five readings within range fit the curve'}
        </span>
      </div>
      <div>
        <h3>Dew point</h3>
        <span className="big">{result.dewPointC === null ? '–' : `${plain(result.dewPointC, 3)} °C`}</span>
        <span className="soft small">
          {result.dewPointC === null
            ? 'air temperature and humidity not given'
            : 'the winding must be warmer'}
        </span>
      </div>
    </div>
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

interface Row {
  seconds: string;
  megohm: string;
}

const ROWS: Row[] = ['15', '30', '60', '120', '300', '600'].map((seconds) => ({ seconds, megohm: '' }));

const EMPTY = {
  windingTemperatureC: '',
  ambientTemperatureC: '',
  relativeHumidityPercent: '',
  insulationSystem: 'thermosetting',
  readings: ROWS,
  simulated: false,
  because: '',
};

const AIR = [
  ['windingTemperatureC', 'Winding', '°C'],
  ['ambientTemperatureC', 'Air', '°C'],
  ['relativeHumidityPercent', 'Humidity', '%'],
] as const;

function Entry({ job, finished }: { job: JobView; finished: () => void }) {
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
  const look = useLook<TestLook>(
    `/api/jobs/${tag}/tests/insulation-resistance/look`,
    typed,
    filled.length > 0,
  );
  const keep = useChange(tag, () => {
    draft.settle(EMPTY);
    finished();
  });
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  const problems = [...whileTyping(look?.problems), ...refused];
  const set = (part: Partial<typeof EMPTY>) => {
    keep.reset();
    draft.change({ ...v, simulated: false, ...part });
  };
  const place = (row: number): number =>
    v.readings.slice(0, row).filter((r) => r.megohm.trim() !== '').length;
  const points = useMemo(
    () =>
      filled
        .map((r) => ({
          seconds: Number(r.seconds),
          megohm: readable(r.megohm),
          overRange: /^\s*(>|≥)/.test(r.megohm),
        }))
        .filter((p) => p.seconds > 0 && p.megohm > 0),
    [filled],
  );
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({
          method: 'POST',
          path: 'tests/insulation-resistance',
          body: { typed, simulated: v.simulated, because: v.because },
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
      <Trouble error={keep.error} hide={['because', ...AIR.map(([f]) => f)]} />
      <div className="grid3">
        {AIR.map(([field, label, unit]) => (
          <TypedField
            key={field}
            label={label}
            unit={unit}
            value={v[field]}
            shown={look?.shown[field]}
            problem={at(problems, field)}
            onChange={(text) => set({ [field]: text, simulated: v.simulated })}
          />
        ))}
      </div>
      <Tester job={job} draft={v} change={draft.change} />
      <div className="readings">
        <table className="quiet" onKeyDown={toNextField}>
          <thead>
            <tr>
              <th>after s</th>
              <th>MΩ, k or G</th>
            </tr>
          </thead>
          <tbody>
            {v.readings.map((r, n) => {
              const wrong = r.megohm.trim() ? at(problems, `readings[${place(n)}].megohm`) : undefined;
              const change = (part: Partial<Row>) =>
                set({ readings: v.readings.map((old, k) => (k === n ? { ...old, ...part } : old)) });
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
        <Suspense fallback={null}>
          <AbsorptionChart
            points={points}
            fit={look?.fit?.curve ?? null}
            testV={look?.insulation?.standardTestVoltageLowV ?? 500}
            least={look?.insulation ? leastHere(look.insulation) : undefined}
          />
        </Suspense>
      </div>
      {look?.insulation && (
        <Judged judgement={look.insulation.judgement} other={fieldLine(look.insulation)} />
      )}
      {look?.insulation && <Figures result={look.insulation} fit={look.fit} />}
      <Because
        needed={repeat}
        value={v.because}
        problem={at(refused, 'because')}
        onChange={(because) => set({ because, simulated: v.simulated })}
      />
      <div className="actions">
        <Button type="primary" htmlType="submit" loading={keep.isPending} disabled={filled.length === 0}>
          Keep the readings
        </Button>
        {repeat && <Button onClick={finished}>Leave it as it was</Button>}
        {draft.dirty && <span className="soft small">not saved yet; kept on this tablet</span>}
      </div>
      <DischargeClock job={job} />
      <StandIn job={job} />
    </form>
  );
}

/** A typed reading in megohms, for the chart alone; the core reads the text itself. */
function readable(text: string): number {
  const m = /([\d.]+)\s*([kGT]?)/.exec(text);
  const factor = { k: 1e-3, G: 1e3, T: 1e6 }[m?.[2] ?? ''] ?? 1;
  return m ? Number(m[1]) * factor : 0;
}

const PACES = [
  ['1', 'Real time'],
  ['60', '60 times'],
  ['600', '600 times'],
] as const;

function Tester({
  job,
  draft,
  change,
}: {
  job: JobView;
  draft: typeof EMPTY;
  change: (next: typeof EMPTY) => void;
}) {
  const [pace, setPace] = useState<(typeof PACES)[number][0]>('60');
  const [left, setLeft] = useState<number>();
  const [error, setError] = useState<unknown>();
  const client = useQueryClient();
  const stop = useRef<AbortController | null>(null);
  const latest = useRef(draft);
  useEffect(() => {
    latest.current = draft;
  }, [draft]);
  useEffect(() => () => stop.current?.abort(), []);
  const running = left !== undefined;

  async function start() {
    const abort = new AbortController();
    stop.current = abort;
    setError(undefined);
    setLeft(600);
    const rows: Row[] = [];
    try {
      await runTester(job.identity.tag, 600, Number(pace), abort.signal, (r) => {
        setLeft(r.secondsLeft);
        rows.push({
          seconds: String(r.seconds),
          megohm: `${r.overRange ? '> ' : ''}${Number(r.megohm.toPrecision(4))}`,
        });
        const temperature = String(job.simulatedMotor.windingTemperatureC);
        change({
          ...latest.current,
          windingTemperatureC: latest.current.windingTemperatureC || temperature,
          readings: [...rows],
          simulated: true,
        });
      });
    } catch (failed) {
      setError(failed);
    } finally {
      stop.current = null;
      setLeft(undefined);
      // Voltage was on the winding, however it ended: the discharge clock stands on the job now.
      void client.invalidateQueries({ queryKey: ['job', job.identity.tag] });
    }
  }
  const abort = () => stop.current?.abort();
  const keys = useMemo(() => [{ key: 'Escape', label: 'voltage off', run: () => stop.current?.abort() }], []);
  useKeys(keys);
  return (
    <section className="tester">
      <Trouble error={error} />
      <Picks
        label="Simulated tester, its clock"
        value={pace}
        options={PACES}
        onPick={setPace}
        disabled={running}
      />
      {running ? (
        <Button danger onClick={abort}>
          Voltage off · {clock(left)} to go
        </Button>
      ) : (
        <Button onClick={() => void start()}>Start the simulated tester</Button>
      )}
    </section>
  );
}
