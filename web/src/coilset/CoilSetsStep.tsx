import { Button, Input } from 'antd';
import type { CoilSetAssessment, JobView, SheetPreview } from '../api/types';
import { SheetForm, words } from '../job/SheetForm';
import { useSheet } from '../job/sheet';
import { useGoOn } from '../job/useGoOn';
import { ohm, plain } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';
import { at, usePreview, whileTyping } from '../ui/preview';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import { Stripping } from '../winding/Stripping';
import { CoilSetForm } from './CoilSetForm';
import { CORE_FIELDS, freshSets, type CoilSetsText, type SetText } from './coilSetText';

/** Windings whose coils differ: concentric, main and start, two windings in one core; coil by coil, each judged as it is typed. */
export function CoilSetsStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const goOn = useGoOn();
  const sheet = useSheet<CoilSetsText>(job, 'coil-sets', freshSets(job), (merged) => {
    goOn(`/jobs/${tag}/choose`, { state: { merged } });
  });
  const v = sheet.value;
  const preview = usePreview<SheetPreview>(`/api/jobs/${tag}/sheets/coil-sets/preview`, v, true);
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const assessed = preview?.coilSets ?? job.coilSets;
  const put = (n: number, part: Partial<SetText>) =>
    sheet.set({ sets: v.sets.map((s, k) => (k === n ? { ...s, ...part } : s)) });
  return (
    <SheetForm
      sheet={sheet}
      title="Coil by coil"
      aside="concentric windings, main and start, two windings in one core"
      keep="Keep the take"
      correct="Correct the take"
      hide={[...CORE_FIELDS.map(([f]) => f), ...problems.map((p) => p.field).filter((f) => f.includes('['))]}
      label={(f) => CORE_FIELDS.find(([name]) => name === f)?.[1] ?? words(f)}
      shut={!job.opening.open}
      foot={assessed && <Arithmetic steps={assessed.sets.flatMap((s) => s.steps)} />}
    >
      {!job.opening.open && (
        <p className="caution">
          {job.opening.holding[0]?.sentence}. {job.opening.holding[0]?.opens}.
        </p>
      )}
      {assessed && <Judged judgement={assessed.judgement} />}
      {job.coilSets && job.winding.stages.length === 0 && <Stripping job={job} />}
      {assessed && <Together assessed={assessed} />}
      <fieldset>
        <legend>The core</legend>
        <div className="grid3">
          {CORE_FIELDS.map(([f, label, unit]) => (
            <TypedField
              key={f}
              label={label}
              unit={unit}
              value={v[f] ?? ''}
              shown={preview?.shown[f]}
              problem={at(problems, f)}
              onChange={(text) => sheet.set({ [f]: text })}
            />
          ))}
        </div>
      </fieldset>
      {v.sets.map((set, n) => (
        <CoilSetForm
          key={n}
          path={`sets[${n}]`}
          set={set}
          result={assessed?.sets[n]}
          shown={preview?.shown ?? {}}
          problems={problems}
          put={(part) => put(n, part)}
          remove={v.sets.length > 1 ? () => sheet.set({ sets: v.sets.filter((_, k) => k !== n) }) : undefined}
        />
      ))}
      {v.sets.length < 4 && (
        <Button
          style={{ marginBottom: 16 }}
          onClick={() => sheet.set({ sets: [...v.sets, { purpose: 'three-phase' }] })}
        >
          Another winding in this core
        </Button>
      )}
      <label className="field words wide">
        <span className="label">Ties, wedges, switch and capacitor leads</span>
        <Input.TextArea
          autoSize={{ minRows: 2, maxRows: 6 }}
          value={v.notes ?? ''}
          onChange={(e) => sheet.set({ notes: e.target.value })}
        />
      </label>
    </SheetForm>
  );
}

/** Each set in a line, and what the sets say of one another. */
function Together({ assessed }: { assessed: CoilSetAssessment }) {
  const checks = [...assessed.sets.flatMap((s) => s.checks), ...assessed.together];
  return (
    <>
      <table className="quiet" aria-label="Sets of coils">
        <thead>
          <tr>
            <th>Set</th>
            <th className="n">factor</th>
            <th className="n">turns that count</th>
            <th className="n">gap</th>
            <th className="n">A/mm²</th>
            <th className="n">copper</th>
            <th className="n">a phase, 25 °C</th>
            <th className="n">3rd harmonic</th>
          </tr>
        </thead>
        <tbody>
          {assessed.sets.map((s, n) => (
            <tr key={n}>
              <td>{s.label}</td>
              <td className="n">{figure(s.windingFactor, 3)}</td>
              <td className="n">{figure(s.effectiveTurns, 4)}</td>
              <td className="n">{figure(s.gapT, 3, 'T')}</td>
              <td className="n">{figure(s.currentDensityAPerMm2, 3)}</td>
              <td className="n">{figure(s.copperMassKg, 3, 'kg')}</td>
              <td className="n">{s.ohmAt25C === null ? '–' : ohm(s.ohmAt25C)}</td>
              <td className="n">{figure(s.thirdPercent, 2, '%')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {assessed.turnsRatio !== null && (
        <p>
          Start to main: {plain(assessed.turnsRatio, 3)} in turns that count
          {assessed.axisDegrees !== null && `, ${plain(assessed.axisDegrees, 3)}° apart`}.
        </p>
      )}
      {assessed.lap && (
        <p>
          As a lap winding: {assessed.lap.coilsPerGroup} coils a group of {assessed.lap.turnsPerCoil} turns (
          {plain(assessed.lap.turnsExact, 4)} exactly).
        </p>
      )}
      <table className="quiet" style={{ marginBottom: 16 }}>
        <tbody>
          {checks.map((c) => (
            <tr key={c.headline}>
              <td style={{ width: 30 }}>
                <Mark verdict={c.verdict} />
              </td>
              <td>{c.headline.charAt(0).toUpperCase() + c.headline.slice(1)}</td>
              <td className="small soft">{c.next}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function figure(value: number | null, digits: number, unit = ''): string {
  return value === null ? '–' : `${plain(value, digits)} ${unit}`.trim();
}
