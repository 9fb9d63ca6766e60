import { Button } from 'antd';
import type { JobView, Judgement, SheetPreview, WindingResult } from '../api/types';
import { useGoOn } from '../job/useGoOn';
import { at, usePreview, whileTyping } from '../ui/preview';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { ohm, plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';

const COUNTS = [
  ['slots', 'Slots', ''],
  ['poles', 'Poles', ''],
  ['turnsPerCoil', 'Turns in a coil', ''],
  ['spanSlots', 'Span (1 to 11 is 10)', ''],
  ['parallelCircuits', 'Parallel circuits', ''],
] as const;

const MEASURES = [
  ['meanTurnLengthM', 'Mean turn length', 'mm'],
  ['boreDiameterM', 'Bore', 'mm'],
  ['coreLengthM', 'Iron length, ducts off', 'mm'],
  ['stackingFactor', 'Stacking factor', ''],
  ['toothWidthM', 'Tooth width', 'mm'],
  ['backIronDepthM', 'Back iron depth', 'mm'],
  ['slotAreaMm2', 'Slot area', 'mm²'],
] as const;

type Field =
  | (typeof COUNTS)[number][0]
  | (typeof MEASURES)[number][0]
  | 'ratedVoltageV'
  | 'frequencyHz'
  | 'ratedCurrentA';
type Wire = { count: string; bareDiameterMm: string; insulatedDiameterMm: string };
type Take = Record<Field, string> & { connection: string; strands: Wire[] };

const WIRE: Wire = { count: '', bareDiameterMm: '', insulatedDiameterMm: '' };
const WIRE_FIELDS = [
  ['count', 'Wires in hand', ''],
  ['bareDiameterMm', 'Bare', 'mm'],
  ['insulatedDiameterMm', 'Over enamel', 'mm'],
] as const;

function fresh(job: JobView): Take {
  const plate = (job.sheets['plate']?.typed ?? {}) as Record<string, string | undefined>;
  const empty = Object.fromEntries([...COUNTS, ...MEASURES].map(([f]) => [f, ''])) as Record<Field, string>;
  return {
    ...empty,
    poles: job.plate?.poles ? String(job.plate.poles) : '',
    stackingFactor: '0.95',
    parallelCircuits: '1',
    ratedVoltageV: plate['ratedVoltageV'] ?? '',
    frequencyHz: plate['frequencyHz'] ?? '',
    ratedCurrentA: plate['ratedCurrentA'] ?? '',
    connection: plate['connection'] === 'delta' ? 'delta' : 'wye',
    strands: [WIRE],
  };
}

/** Winding data as counted, checked while they are typed, before the copper comes out. */
export function WindingStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const goOn = useGoOn();
  const sheet = useSheet<Take>(job, 'winding', fresh(job), (merged) => {
    goOn(`/jobs/${tag}/winding/connection`, { state: { merged } });
  });
  const v = sheet.value;
  const started = [...COUNTS, ...MEASURES].every(([f]) => v[f].trim() !== '');
  const preview = usePreview<SheetPreview>(`/api/jobs/${tag}/sheets/winding/preview`, v, v.slots !== '');
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const known = [
    ...COUNTS.map(([f]) => f as string),
    ...MEASURES.map(([f]) => f as string),
    ...v.strands.flatMap((_, n) => WIRE_FIELDS.map(([f]) => `strands[${n}].${f}`)),
  ];
  const { set } = sheet;
  const wires = (n: number, part: Partial<Wire>) =>
    set({ strands: v.strands.map((w, k) => (k === n ? { ...w, ...part } : w)) });
  const result = preview ? preview.winding : started ? job.winding : null;
  const field = (f: Field, label: string, unit: string) => (
    <TypedField
      key={f}
      label={label}
      unit={unit}
      value={v[f]}
      shown={preview?.shown[f]}
      problem={at(problems, f)}
      onChange={(text) => set({ [f]: text })}
    />
  );
  return (
    <SheetForm
      sheet={sheet}
      title="Winding data"
      aside="two-layer lap, as counted, before anything is stripped"
      keep="Keep the take"
      correct="Correct the take"
      hide={known}
      label={(f) => [...COUNTS, ...MEASURES].find(([name]) => name === f)?.[1] ?? words(f)}
      shut={!job.opening.open}
      foot={result && <Arithmetic steps={result.steps} />}
    >
      {!job.opening.open && (
        <p className="caution">
          {job.opening.holding[0]?.sentence}. {job.opening.holding[0]?.opens}.
        </p>
      )}
      {result && (
        <Findings result={result} measured={preview ? preview.windingMeasured : job.windingMeasured} />
      )}
      <div className="grid3">{COUNTS.map(([f, label, unit]) => field(f, label, unit))}</div>
      <Picks
        label="Connected in"
        value={v.connection}
        options={[
          ['wye', 'Wye'],
          ['delta', 'Delta'],
        ]}
        onPick={(connection) => set({ connection })}
      />
      <fieldset>
        <legend>Wires in hand</legend>
        {v.strands.map((w, n) => (
          <div className="grid3" key={n}>
            {WIRE_FIELDS.map(([f, label, unit]) => (
              <TypedField
                key={f}
                label={label}
                unit={unit}
                value={w[f]}
                shown={preview?.shown[`strands[${n}].${f}`]}
                problem={at(problems, `strands[${n}].${f}`)}
                onChange={(text) => wires(n, { [f]: text })}
              />
            ))}
          </div>
        ))}
        <Button onClick={() => set({ strands: [...v.strands, WIRE] })}>Another size in hand</Button>{' '}
        {v.strands.length > 1 && (
          <Button onClick={() => set({ strands: v.strands.slice(0, -1) })}>One size less</Button>
        )}
      </fieldset>
      <div className="grid3">{MEASURES.map(([f, label, unit]) => field(f, label, unit))}</div>
    </SheetForm>
  );
}

function Findings({ result, measured }: { result: WindingResult; measured: Judgement | null }) {
  const predicted = result.terminalOhmAt25C;
  const checks = measured ? [...result.checks, measured] : result.checks;
  return (
    <>
      <Judged judgement={result.judgement} />
      <div className="grid3" style={{ marginBottom: 14 }}>
        <div>
          <h3>Winding factor</h3>
          <span className="big">{result.windingFactor === null ? '–' : plain(result.windingFactor, 3)}</span>
          <span className="soft small">
            {result.groups} groups{result.balanced ? ', balanced' : ', not balanced'}
          </span>
        </div>
        <div>
          <h3>Copper</h3>
          <span className="big">{plain(result.copperMassKg, 3)} kg</span>
        </div>
        <div>
          <h3>Between terminals, 25 °C</h3>
          <span className="big">{predicted === null ? '–' : ohm(predicted)}</span>
          <span className="soft small">
            {measured ? 'held against the bridge below' : 'nothing measured to hold it against'}
          </span>
        </div>
      </div>
      <table className="quiet" style={{ marginBottom: 16 }}>
        <tbody>
          {checks.map((c) => (
            <tr key={c.headline}>
              <td style={{ width: 30 }}>
                <Mark verdict={c.verdict} />
              </td>
              <td>{c.headline}</td>
              <td className="small soft">{c.next}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
