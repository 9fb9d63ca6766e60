import { useState } from 'react';
import { Link } from 'react-router';
import type { FindingCondition, JobView, Judgement, SheetPreview } from '../api/types';
import { at, usePreview } from '../ui/preview';
import { useKeptAtOnce, useSheet } from '../job/sheet';
import { PickOne } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { useShown } from '../quantity/units';
import { Mark } from '../verdict/Mark';
import { useFindingLines, type FindingsText } from './findingLines';
import { FindingEntry } from './FindingEntry';
import { SaveStatus } from '../job/SaveStatus';
import { useTeardownWords } from '../job/vocabulary';
import '../teardown/teardown.css';
import { termLabel } from '../ui/terms';

const NONE: FindingsText = {
  findings: [],
  endPlayMm: '',
  spinDownBeforeSeconds: '',
  spinDownAfterSeconds: '',
};

/** Component by component: a tap for what is seen, at once judged and counted as evidence. */
export function FindingsStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const sheet = useSheet<FindingsText>(job, 'findings', NONE, () => undefined);
  const v = sheet.value;
  const { conditions } = useTeardownWords();
  const [component, setComponent] = useState<string>();
  const { lines, gap, add, change, remove } = useFindingLines(sheet);
  const complete = v.findings.every((f) => f.condition !== '' || f.note.trim() !== '');
  useKeptAtOnce(sheet, complete);
  const preview = usePreview<SheetPreview>(
    `/api/jobs/${tag}/sheets/findings/preview`,
    v,
    sheet.dirty && complete,
  );
  const reading = preview ? preview.findings : job.apart.findings;
  const components = [...new Set(conditions.map((c) => c.component))];
  const problems = [...(preview?.problems ?? []), ...sheet.problems];
  const figure = (
    field: 'endPlayMm' | 'spinDownBeforeSeconds' | 'spinDownAfterSeconds',
    label: string,
    unit: string,
  ) => (
    <TypedField
      label={label}
      unit={unit}
      value={v[field]}
      shown={preview?.shown[field]}
      problem={at(problems, field)}
      onChange={(text) => sheet.set({ [field]: text })}
    />
  );
  return (
    <>
      <div className="head">
        <h1>What is found on it</h1>
        <span className="soft">
          {v.findings.length} noted
          {reading && ` · not looked at yet: ${reading.unlooked.length} of ${components.length} components`}
        </span>
      </div>
      <p className="caution">
        Look before you clean: smell, colour and dirt are evidence. Gloves where varnish is burnt; no blowing
        out of what may be asbestos.
      </p>
      <fieldset>
        <legend>Component</legend>
        <div className="picks">
          {components.map((c) => {
            const seen = v.findings.filter((f) => f.component === c).length;
            return (
              <button
                key={c}
                type="button"
                className="pick"
                aria-pressed={component === c}
                onClick={() => setComponent(component === c ? undefined : c)}
              >
                {c}
                {seen > 0 && <b className="dots">{seen}</b>}
              </button>
            );
          })}
        </div>
      </fieldset>
      {component && <Conditions component={component} conditions={conditions} add={add} />}
      <SaveStatus sheet={sheet} />
      <ul className="found" aria-label="Found">
        {lines
          .map((f, n) => (
            <FindingEntry
              key={`${n} ${f.condition}`}
              tag={tag}
              finding={f}
              words={
                conditions.find((c) => c.component === f.component && c.condition === f.condition)?.words ??
                ''
              }
              judged={complete && n !== gap ? reading?.lines[n > gap ? n - 1 : n] : undefined}
              change={(part) => change(n, part)}
              remove={() => remove(n)}
            />
          ))
          .reverse()}
      </ul>
      <div className="grid3">
        {figure('endPlayMm', 'End play of the shaft', 'mm')}
        {figure('spinDownBeforeSeconds', 'Spins down in, before', 's')}
        {figure('spinDownAfterSeconds', 'and after reassembly', 's')}
      </div>
      {reading?.lines.slice(v.findings.length).map((l) => (
        <Line key={l.headline} line={l} />
      ))}
      {reading && reading.evidence.length > 0 && (
        <p className="small">
          Counts toward the cause: {reading.evidence.map((e) => termLabel(e)).join(', ')}.{' '}
          <Link to={`/jobs/${tag}/cause`}>Weigh it</Link>
        </p>
      )}
    </>
  );
}

function Conditions({
  component,
  conditions,
  add,
}: {
  component: string;
  conditions: FindingCondition[];
  add: (condition: FindingCondition | undefined, component: string, place: string) => void;
}) {
  const own = conditions.filter((c) => c.component === component);
  const places = [...new Set(own.flatMap((c) => c.places))];
  const [place, setPlace] = useState<string>(places[0] ?? 'frame');
  const at = places.some((p) => p === place) ? place : (places[0] ?? 'frame');
  return (
    <section className="panel" aria-label={`What the ${component} looks like`}>
      {places.length > 1 && (
        <div style={{ marginBottom: 8 }}>
          <PickOne
            tight
            label="Where"
            options={places.map((p) => [p, termLabel(p)] as const)}
            value={at}
            onPick={setPlace}
          />
        </div>
      )}
      <div className="picks">
        {own.map((c) => (
          <button key={c.condition} type="button" className="pick" onClick={() => add(c, component, at)}>
            {c.words}
          </button>
        ))}
        <button type="button" className="pick" onClick={() => add(undefined, component, at)}>
          something else …
        </button>
      </div>
    </section>
  );
}

function Line({ line }: { line: Judgement }) {
  const shown = useShown();
  return (
    <p className="small" style={{ display: 'flex', gap: 10 }}>
      <Mark verdict={line.verdict} />
      <span>
        <b>{shown(line.headline)}.</b> {shown(line.next)} <span className="soft">{line.source}</span>
      </span>
    </p>
  );
}
