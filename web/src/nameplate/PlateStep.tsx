import { Checkbox } from 'antd';
import { useState } from 'react';
import type { JobView, SheetPreview } from '../api/types';
import { useGoOn } from '../job/useGoOn';
import { at, usePreview, whileTyping } from '../ui/preview';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { useShown } from '../quantity/units';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { EstimatePanel } from './EstimatePanel';
import { FurtherRatings, TwoRatings } from './FurtherRatings';
import './nameplate.css';
import {
  CLUES,
  DETAILS,
  EMPTY,
  FIGURES,
  inBoth,
  marked,
  NO_CLUES,
  NO_DETAILS,
  plateLabel,
  type PlateText,
  type State,
} from './plateText';
import { StateField } from './StateField';

const ESTIMABLE = ['ratedPowerW', 'ratedVoltageV', 'ratedCurrentA', 'ratedSpeedRpm'];
const DUTIES = ['', 'S1', 'S2', 'S3', 'S4', 'S5', 'S6', 'S7', 'S8', 'S9', 'S10'] as const;
const PROTECTORS = [
  ['', 'not said'],
  ['none', 'none'],
  ['automatic', 'automatic'],
  ['manual-reset', 'manual reset'],
  ['thermistors', 'thermistors'],
  ['thermostats', 'thermostats'],
] as const;

type Mode = 'whole' | 'worn' | 'gone';

/** The nameplate, read as it is typed: whole, worn, or burnt off and estimated. */
export function PlateStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const goOn = useGoOn();
  const sheet = useSheet<PlateText>(job, 'plate', EMPTY, (merged) => {
    goOn(`/jobs/${tag}/bench/dead`, { state: { merged } });
  });
  const v: PlateText = { ...sheet.value, details: { ...NO_DETAILS, ...sheet.value.details } };
  const [mode, setMode] = useState<Mode>(v.clues ? 'gone' : v.marks.length > 0 ? 'worn' : 'whole');
  const preview = usePreview<SheetPreview>(
    `/api/jobs/${tag}/sheets/plate/preview`,
    v,
    sheet.dirty || !!sheet.written,
  );
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const reading = preview ? preview.plate : job.plate;
  const rating = reading?.rating;
  const { set } = sheet;
  const stateOf = (field: string): State => v.marks.find((m) => m.field === field)?.state ?? 'read';
  const mark = (field: string, state: State) =>
    set({
      marks: marked(v.marks, field, state),
      ...(state === 'missing' ? { [field]: '' } : {}),
    });
  const pick = (next: Mode) => {
    setMode(next);
    set({
      clues: next === 'gone' ? { ...NO_CLUES, ...v.clues } : null,
      marks: next === 'whole' ? [] : v.marks.filter((m) => next === 'gone' || m.state !== 'estimated'),
    });
  };
  const shown = preview?.shown ?? {};
  const say = useShown();
  const judged = reading && (
    <Judged judgement={reading.judgement}>
      {rating && (
        <div className="figure small" style={{ textAlign: 'right', lineHeight: 1.5 }}>
          <b style={{ fontSize: 22 }}>{rating.poles} poles</b>
          <br />
          slip {plain(rating.slipPercent, 3)} %<br />
          {say(`${plain(rating.ratedTorqueNm, 3)} Nm`)}
          {rating.lockedRotorCurrentLowA !== null && (
            <>
              <br />
              locked {plain(rating.lockedRotorCurrentLowA, 3)}
              {rating.lockedRotorCurrentHighA !== null
                ? ` to ${plain(rating.lockedRotorCurrentHighA, 3)} A`
                : ' A and up'}
            </>
          )}
        </div>
      )}
    </Judged>
  );
  return (
    <SheetForm
      sheet={sheet}
      title="Nameplate"
      aside="type it as it stands there, with its units"
      keep="Keep the plate"
      correct="Correct the plate"
      hide={[
        ...FIGURES.map(([f]) => f as string),
        ...DETAILS.map(([f]) => `details.${f}`),
        ...CLUES.map(([f]) => `clues.${f}`),
      ]}
      label={(field) => plateLabel(field) ?? words(field)}
      foot={rating && <Arithmetic steps={rating.steps} />}
    >
      <Picks
        label="The plate is"
        value={mode}
        options={[
          ['whole', 'Readable'],
          ['worn', 'Worn in places'],
          ['gone', 'Burnt off or missing'],
        ]}
        onPick={pick}
      />
      {mode === 'gone' && judged}
      {mode === 'gone' && (
        <EstimatePanel
          clues={{ ...NO_CLUES, ...v.clues }}
          estimate={reading?.estimate}
          shown={shown}
          problems={problems}
          onChange={(clues) => set({ clues })}
          onTake={(figures) =>
            set({
              ...Object.fromEntries(figures.map((f) => [f.field, f.likeliest])),
              marks: figures.reduce((marks, f) => marked(marks, f.field, 'estimated'), v.marks),
            })
          }
        />
      )}
      <div className="grid3" style={{ marginTop: 12 }}>
        {FIGURES.map(([field, label, unitOf, hint]) => (
          <StateField
            key={field}
            label={label}
            unit={unitOf}
            hint={hint}
            value={v[field]}
            shown={shown[field]}
            problem={at(problems, field)}
            state={stateOf(field)}
            range={reading?.estimate?.figures.find((f) => f.field === field)?.range}
            estimable={mode === 'gone' && ESTIMABLE.includes(field)}
            onChange={(text) => set({ [field]: field === 'codeLetter' ? text.toUpperCase() : text })}
            onState={mode === 'whole' || field === 'frequencyHz' ? undefined : (s) => mark(field, s)}
          />
        ))}
      </div>
      <TwoRatings pair={preview?.ratings ?? null} onTake={(pair) => set(inBoth(v, pair))} />
      {mode !== 'gone' && judged}
      {rating && rating.contradictions.length > 1 && (
        <ul>
          {rating.contradictions.slice(1).map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      )}
      {reading?.cautions.map((c) => (
        <p key={c} className="caution">
          {c}
        </p>
      ))}
      <FurtherRatings
        blocks={v.further}
        readings={reading?.blocks ?? []}
        first={{
          frequencyHz: v.frequencyHz,
          ratedPowerW: v.ratedPowerW,
          ratedVoltageV: v.ratedVoltageV,
          ratedCurrentA: v.ratedCurrentA,
          ratedSpeedRpm: '',
          connection: v.connection,
        }}
        shown={shown}
        problems={problems}
        onChange={(further) => set({ further })}
      />
      <div className="grid2" style={{ marginTop: 14 }}>
        <Picks
          label="Phases"
          value={v.phases}
          options={[
            ['3', 'Three'],
            ['1', 'One'],
          ]}
          onPick={(phases) => set({ phases })}
        />
        <Picks
          label="Connection"
          value={v.connection}
          options={[
            ['wye', 'Wye'],
            ['delta', 'Delta'],
            ['unknown', 'Not known'],
          ]}
          onPick={(connection) => set({ connection })}
        />
        <Picks
          label="Winding"
          value={v.windingKind}
          options={[
            ['random-wound', 'Random'],
            ['form-wound', 'Form'],
          ]}
          onPick={(windingKind) => set({ windingKind })}
        />
        <Picks
          label="Insulation class"
          value={v.insulationClass}
          options={(['A', 'E', 'B', 'F', 'H'] as const).map((c) => [c, c] as const)}
          onPick={(insulationClass) => set({ insulationClass })}
        />
      </div>
      <div className="grid3">
        {(
          [
            ['maker', 'Maker', ''],
            ['serial', 'Serial number', ''],
            ['enclosure', 'Enclosure', 'IP55'],
          ] as const
        ).map(([field, label, hint]) => (
          <StateField
            key={field}
            words
            label={label}
            hint={hint}
            value={v[field]}
            problem={at(problems, field)}
            state={stateOf(field)}
            estimable={false}
            onChange={(text) => set({ [field]: text })}
            onState={mode === 'whole' ? undefined : (s) => mark(field, s)}
          />
        ))}
      </div>
      <details className="more" open={Object.values(v.details).some((d) => d !== '')}>
        <summary>Frame, duty, bearings, leads, protector, marking</summary>
        <div className="grid3">
          {DETAILS.map(([field, label, hint]) => (
            <TypedField
              key={field}
              words
              label={label}
              hint={hint}
              value={v.details[field]}
              shown={shown[`details.${field}`]}
              problem={at(problems, `details.${field}`)}
              onChange={(text) => set({ details: { ...v.details, [field]: text } })}
            />
          ))}
          <label className="field words">
            <span className="label">Duty</span>
            <select
              className="plain"
              value={v.details.duty}
              onChange={(e) => set({ details: { ...v.details, duty: e.target.value } })}
            >
              {DUTIES.map((d) => (
                <option key={d} value={d}>
                  {d || 'not said'}
                </option>
              ))}
            </select>
          </label>
          <label className="field words">
            <span className="label">Protector</span>
            <select
              className="plain"
              value={v.details.protector}
              onChange={(e) => set({ details: { ...v.details, protector: e.target.value } })}
            >
              {PROTECTORS.map(([p, label]) => (
                <option key={p} value={p}>
                  {label}
                </option>
              ))}
            </select>
          </label>
        </div>
      </details>
      <div className="actions">
        <Checkbox checked={v.madeBefore1970} onChange={(e) => set({ madeBefore1970: e.target.checked })}>
          Wound before about 1970
        </Checkbox>
        <Checkbox checked={v.hazardousArea} onChange={(e) => set({ hazardousArea: e.target.checked })}>
          Explosion-protection mark on it
        </Checkbox>
      </div>
    </SheetForm>
  );
}
