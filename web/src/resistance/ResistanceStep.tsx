import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { Bridge, JobView, Problem, TestPreview } from '../api/types';
import { RepeatReason } from '../bench/RepeatReason';
import { Earlier } from '../bench/Earlier';
import { InstrumentPick } from '../calibration/InstrumentPick';
import { Overrule } from '../bench/Overrule';
import { FileLinks, ReadFile } from '../bench/TestFile';
import { useDraft } from '../ui/drafts';
import { at, usePreview, whileTyping } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { SimulatedInstrumentPanel } from '../instruments/SimulatedInstrumentPanel';
import { useGoOn } from '../job/useGoOn';
import { NextStep } from '../job/NextStep';
import { useChange } from '../job/useJob';
import { moment, ohm } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { originOf, Standing } from '../verdict/Standing';

const EMPTY = {
  windingTemperatureC: '',
  conductor: 'copper',
  terminalOhms: { ab: '', bc: '', ca: '' },
  simulated: false,
  because: '',
  correction: false,
  instrument: null as number | null,
};

const PAIRS = [
  ['ab', 'A to B'],
  ['bc', 'B to C'],
  ['ca', 'C to A'],
] as const;

/** Three resistances, corrected, solved for the phases, and held against each other. */
export function ResistanceStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const done = job.bench.resistance;
  const [again, setAgain] = useState(false);
  if (done && !again) {
    return (
      <>
        <div className="head">
          <h1>Winding resistance</h1>
          <span className="soft">
            {done.done.by} · {moment(done.done.at)}
            {originOf(done.standing)}
          </span>
        </div>
        <table className="quiet" style={{ maxWidth: 460 }}>
          <tbody>
            {PAIRS.map(([pair, label]) => {
              const value = done.test.terminalOhms[pair];
              return (
                <tr key={pair}>
                  <td>{label}</td>
                  <td className="n">{value === null ? 'open' : ohm(value)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <Standing standing={done.standing} />
        <Phases phases={done.result.phaseOhms} />
        <div className="actions">
          <NextStep job={job} here="bench/resistance" />
          <Button onClick={() => setAgain(true)}>Measure again, this one is superseded</Button>
        </div>
        <Earlier job={job} kind="winding-resistance" />
        <FileLinks tag={tag} kind="winding-resistance" />
        <Overrule job={job} step="bench/resistance" />
        <Arithmetic steps={done.result.steps} />
      </>
    );
  }
  return <Entry job={job} tag={tag} finished={() => setAgain(false)} />;
}

function Entry({ job, tag, finished }: { job: JobView; tag: string; finished: () => void }) {
  const goOn = useGoOn();
  const draft = useDraft(`${tag}.resistance`, EMPTY);
  const v = draft.value;
  const repeat = job.bench.resistance !== null;
  const { simulated, because, correction, instrument, ...typed } = v;
  const started = PAIRS.some(([p]) => v.terminalOhms[p].trim() !== '');
  const preview = usePreview<TestPreview>(
    `/api/jobs/${tag}/tests/winding-resistance/preview`,
    { typed },
    started,
  );
  const keep = useChange(
    tag,
    (after) => {
      draft.settle(EMPTY);
      finished();
      if (after.bench.resistance?.standing.judgement.verdict === 'holds' && !after.bench.insulation) {
        goOn(`/jobs/${tag}/bench/insulation`);
      }
    },
    { label: 'Winding resistance', step: 'bench/resistance', draft: `${tag}.resistance` },
  );
  const bridge = useMutation({
    mutationFn: () => call<Bridge>('POST', `/api/jobs/${tag}/instruments/bridge`),
    onSuccess: (read) =>
      draft.change({
        ...v,
        terminalOhms: {
          ab: read.terminalOhms['ab'] ?? '',
          bc: read.terminalOhms['bc'] ?? '',
          ca: read.terminalOhms['ca'] ?? '',
        },
        windingTemperatureC: `${read.windingTemperatureC} °C`,
        simulated: true,
      }),
  });
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  const problems = [...whileTyping(preview?.problems), ...refused];
  const fields = ['windingTemperatureC', 'because', ...PAIRS.map(([p]) => `terminalOhms.${p}`)];
  const set = (part: Partial<typeof EMPTY>) => {
    keep.reset();
    draft.change({ ...v, simulated: false, ...part });
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({
          method: 'POST',
          path: 'tests/winding-resistance',
          body: {
            typed,
            because,
            correction: correction || undefined,
            instrument: simulated ? null : instrument,
          },
        });
      }}
    >
      <div className="head">
        <h1>Winding resistance</h1>
        <span className="soft">
          terminal to terminal; four wires under 1 Ω; type “open” for a pair that is
        </span>
      </div>
      <p className="caution">
        Supply locked out, leads free of it. Touch no lead while the bridge drives current.
      </p>
      <ErrorNotice error={keep.error ?? bridge.error} hide={fields} />
      <Ohms value={v} shown={preview?.shown} problems={problems} onChange={set} />
      <Picks
        label="Conductor"
        value={v.conductor}
        options={[
          ['copper', 'Copper'],
          ['aluminium', 'Aluminium'],
        ]}
        onPick={(conductor) => set({ conductor })}
      />
      {preview?.judgement && <Judged judgement={preview.judgement} />}
      {preview?.resistance && <Phases phases={preview.resistance.phaseOhms} />}
      {!simulated && (
        <InstrumentPick value={instrument} onChange={(id) => set({ instrument: id, simulated })} />
      )}
      <RepeatReason
        needed={repeat}
        value={v.because}
        problem={at(refused, 'because')}
        onChange={(text) => set({ because: text, simulated })}
        corrects={correction}
        onCorrects={(corrects) => set({ correction: corrects, simulated })}
      />
      <div className="actions">
        <Button type="primary" htmlType="submit" loading={keep.isPending} disabled={!started}>
          Keep the readings
        </Button>
        {job.gate.demonstration && (
          <Button onClick={() => bridge.mutate()} loading={bridge.isPending}>
            Read the simulated bridge
          </Button>
        )}
        <ReadFile
          tag={tag}
          kind="winding-resistance"
          onRead={(read) =>
            set({
              windingTemperatureC: String(read['windingTemperatureC'] ?? v.windingTemperatureC),
              terminalOhms: { ...v.terminalOhms, ...(read['terminalOhms'] as object) },
            })
          }
        />
        {repeat && <Button onClick={finished}>Leave it as it was</Button>}
      </div>
      {job.gate.demonstration && <SimulatedInstrumentPanel job={job} />}
    </form>
  );
}

/** Three pairs of leads, and how warm the winding was. */
function Ohms({
  value,
  shown,
  problems,
  onChange,
}: {
  value: typeof EMPTY;
  shown?: TestPreview['shown'];
  problems: Problem[];
  onChange: (part: Partial<typeof EMPTY>) => void;
}) {
  return (
    <div className="grid2">
      {PAIRS.map(([pair, label]) => (
        <TypedField
          key={pair}
          label={label}
          unit="Ω"
          value={value.terminalOhms[pair]}
          shown={shown?.[`terminalOhms.${pair}`]}
          problem={at(problems, `terminalOhms.${pair}`)}
          onChange={(text) => onChange({ terminalOhms: { ...value.terminalOhms, [pair]: text } })}
        />
      ))}
      <TypedField
        label="Temperature of the winding"
        unit="°C"
        value={value.windingTemperatureC}
        shown={shown?.['windingTemperatureC']}
        problem={at(problems, 'windingTemperatureC')}
        onChange={(windingTemperatureC) => onChange({ windingTemperatureC })}
      />
    </div>
  );
}

function Phases({ phases }: { phases: { [name: string]: number } | null }) {
  if (!phases) {
    return null;
  }
  return (
    <div className="grid3">
      {Object.entries(phases).map(([name, value]) => (
        <div key={name}>
          <h3>Phase {name.toUpperCase()}</h3>
          <span className="big">{ohm(value)}</span>
        </div>
      ))}
    </div>
  );
}
