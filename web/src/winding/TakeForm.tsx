import { Input } from 'antd';
import type { ReactNode } from 'react';
import type { JobView, SheetPreview, WindingAssessment } from '../api/types';
import { SheetForm, words } from '../job/SheetForm';
import { useSheet } from '../job/sheet';
import { useGoOn } from '../job/useGoOn';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { at, usePreview, whileTyping } from '../ui/preview';
import { Arithmetic } from '../verdict/Arithmetic';
import './connection.css';
import { BesideBank, WithoutPlate } from './Beside';
import { Groups, Slot, Wires } from './TakeParts';
import {
  freshTake,
  SLOT_FIELDS,
  STAGE_FIELDS,
  WIRE_FIELDS,
  type FigureField,
  type StageName,
  type TakeText,
} from './takeText';

const LABELS: Record<string, string> = Object.fromEntries([
  ...Object.values(STAGE_FIELDS).flatMap((fields) => fields.map(([f, label]) => [f, label] as const)),
  ['turnsPerCoil', 'Turns, where they are told'],
]);

/** What is seen before a cut and picked, not counted. */
const PICKED = [
  [
    'barriers',
    'Phase barriers',
    [
      ['none', 'None'],
      ['between-groups', 'Every group'],
      ['within-groups', 'Mid-group too'],
    ],
  ],
  [
    'leadExit',
    'Leads lie',
    [
      ['inside', 'Inside'],
      ['outside', 'Outside'],
    ],
  ],
  [
    'shaftTurns',
    'Shaft turned, from the connection end',
    [
      ['clockwise', 'Clockwise'],
      ['counterclockwise', 'Counter'],
    ],
  ],
] as const;

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
        ...SLOT_FIELDS.map(([f]) => `slot.${f}`),
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
      {preview?.rating && <WithoutPlate rating={preview.rating} set={set} />}
      {preview?.bank && <BesideBank bank={preview.bank} />}
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
        <div className="grid3">
          {PICKED.map(([f, label, options]) => (
            <Picks
              key={f}
              label={label}
              value={v[f]}
              options={options}
              onPick={(word) => set({ [f]: word })}
            />
          ))}
        </div>
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
        <Slot slot={v.slot ?? {}} preview={preview} problems={problems} set={set} />
      </Stage>
      <Stage stages={stages} stage="plate" title="From the nameplate">
        <div className="grid3">{fields('plate')}</div>
      </Stage>
      <fieldset>
        <legend>What else there is to say</legend>
        <label className="field words wide">
          <span className="label">Ties, wedges, coil 1 and 2, what else was seen</span>
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
