import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';
import type { JobView, SheetPreview, WindingAssessment } from '../api/types';
import { SheetForm, words } from '../job/SheetForm';
import { useSheet } from '../job/sheet';
import { useGoOn } from '../job/useGoOn';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { at, usePreview, whileTyping } from '../ui/preview';
import { Arithmetic } from '../verdict/Arithmetic';
import './connection.css';
import {
  filledWires,
  freshTake,
  NO_WIRE,
  STAGE_FIELDS,
  WIRE_FIELDS,
  type FigureField,
  type StageName,
  type TakeText,
  type WireText,
} from './takeText';

const LABELS: Record<string, string> = Object.fromEntries([
  ...Object.values(STAGE_FIELDS).flatMap((fields) => fields.map(([f, label]) => [f, label] as const)),
  ['turnsPerCoil', 'Turns, where they are told'],
]);

/** One person's take of a winding, stage by stage; whatever is not known yet may stay empty. */
export function TakeForm({
  job,
  kind,
  title,
  aside,
  next,
  judged,
}: {
  job: JobView;
  kind: 'winding' | 'winding-second';
  title: string;
  aside: string;
  next: string;
  judged: (preview: SheetPreview | undefined) => ReactNode;
}) {
  const tag = job.identity.tag;
  const goOn = useGoOn();
  const sheet = useSheet<TakeText>(job, kind, freshTake(job), (merged) => {
    goOn(`/jobs/${tag}/${next}`, { state: { merged } });
  });
  const v = sheet.value;
  const preview = usePreview<SheetPreview>(`/api/jobs/${tag}/sheets/${kind}/preview`, v, true);
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const assessed = preview?.winding ?? job.winding;
  const stages = kind === 'winding' ? assessed.stages : assessed.secondStages;
  const { set } = sheet;
  const field = (f: FigureField, unit = '') => (
    <TypedField
      key={f}
      label={LABELS[f] ?? f}
      unit={unit}
      value={v[f] ?? ''}
      shown={preview?.shown[f]}
      problem={at(problems, f)}
      onChange={(text) => set({ [f]: text })}
    />
  );
  const fields = (stage: StageName) => STAGE_FIELDS[stage].map(([f, , unit]) => field(f, unit));
  const wires = v.strands ?? [];
  return (
    <SheetForm
      sheet={sheet}
      title={title}
      aside={aside}
      keep="Keep the take"
      correct="Correct the take"
      hide={[
        ...Object.keys(LABELS),
        ...wires.flatMap((_, n) => WIRE_FIELDS.map(([f]) => `strands[${n}].${f}`)),
      ]}
      label={(f) => LABELS[f] ?? words(f)}
      shut={!job.opening.open}
      foot={preview?.winding?.result && <Arithmetic steps={preview.winding.result.steps} />}
    >
      {!job.opening.open && (
        <p className="caution">
          {job.opening.holding[0]?.sentence}. {job.opening.holding[0]?.opens}.
        </p>
      )}
      {judged(preview)}
      <Stage stages={stages} stage="before-a-cut" title="Before a cut">
        {preview?.drawings && (
          <img
            className="take-ring"
            alt="Ring of groups as they lie, with the coils of each"
            src={`data:image/svg+xml;utf8,${encodeURIComponent(preview.drawings.diagram)}`}
          />
        )}
        <div className="grid2">{fields('before-a-cut')}</div>
        <Picks
          label="Connected in"
          value={v.connection}
          options={[
            ['wye', 'Wye'],
            ['delta', 'Delta'],
          ]}
          onPick={(connection) => set({ connection })}
        />
        <Groups value={v.groupPattern ?? []} problem={at(problems, 'groupPattern')?.message} set={set} />
      </Stage>
      <Stage stages={stages} stage="one-coil-cut" title="One coil cut">
        <Wires wires={wires} preview={preview} problems={problems} set={set} />
        <div className="grid3">
          {fields('one-coil-cut')}
          {field('turnsPerCoil')}
        </div>
      </Stage>
      <Stage stages={stages} stage="core" title="The core">
        <div className="grid3">{fields('core')}</div>
      </Stage>
      <fieldset>
        <legend>What else there is to say</legend>
        <label className="field words wide">
          <span className="label">Barriers, ties, wedges, lead exit</span>
          <Input.TextArea
            autoSize={{ minRows: 2, maxRows: 6 }}
            value={v.notes ?? ''}
            onChange={(e) => set({ notes: e.target.value })}
          />
        </label>
      </fieldset>
    </SheetForm>
  );
}

/** A stage with what is missing of it; where nothing is, it says so. */
function Stage({
  stages,
  stage,
  title,
  children,
}: {
  stages: WindingAssessment['stages'];
  stage: string;
  title: string;
  children: ReactNode;
}) {
  const told = stages.find((s) => s.stage === stage);
  return (
    <fieldset>
      <legend>
        {title}
        {told && (
          <span className="soft small">
            {told.missing.length === 0 ? ' · all taken' : ` · not taken yet: ${told.missing.join(', ')}`}
          </span>
        )}
      </legend>
      {children}
    </fieldset>
  );
}

function Groups({
  value,
  problem,
  set,
}: {
  value: string[];
  problem: string | undefined;
  set: (part: Partial<TakeText>) => void;
}) {
  const [text, setText] = useState(value.join(' '));
  const own =
    text
      .split(/[\s,;-]+/)
      .filter(Boolean)
      .join(' ') === value.join(' ');
  return (
    <TypedField
      words
      label="Coils of each group as they lie, where they are uneven"
      hint="3 2 3 2, from lead 1 clockwise"
      value={own ? text : value.join(' ')}
      problem={problem ? { field: 'groupPattern', code: 'contradiction', message: problem } : undefined}
      onChange={(typed) => {
        setText(typed);
        set({ groupPattern: typed.split(/[\s,;-]+/).filter(Boolean) });
      }}
    />
  );
}

function Wires({
  wires,
  preview,
  problems,
  set,
}: {
  wires: WireText[];
  preview: SheetPreview | undefined;
  problems: Parameters<typeof at>[0];
  set: (part: Partial<TakeText>) => void;
}) {
  // One empty row to begin with, and as many as were asked for; only filled ones are part of the take.
  const [rows, setRows] = useState(Math.max(1, wires.length));
  const shown = Array.from({ length: Math.max(rows, wires.length) }, (_, n) => wires[n] ?? NO_WIRE);
  const put = (n: number, part: Partial<WireText>) =>
    set({ strands: filledWires(shown.map((w, k) => (k === n ? { ...w, ...part } : w))) });
  return (
    <>
      {shown.map((w, n) => (
        <div className="grid3" key={n}>
          {WIRE_FIELDS.map(([f, label, unit]) => (
            <TypedField
              key={f}
              label={label}
              unit={unit}
              value={w[f]}
              shown={preview?.shown[`strands[${n}].${f}`]}
              problem={at(problems, `strands[${n}].${f}`)}
              onChange={(text) => put(n, { [f]: text })}
            />
          ))}
        </div>
      ))}
      <Button style={{ marginBottom: 16 }} onClick={() => setRows(shown.length + 1)}>
        Another size in hand
      </Button>{' '}
      {shown.length > 1 && (
        <Button
          onClick={() => {
            setRows(shown.length - 1);
            set({ strands: filledWires(shown.slice(0, -1)) });
          }}
        >
          One size less
        </Button>
      )}
    </>
  );
}
