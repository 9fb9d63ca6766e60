import { useState } from 'react';
import { Link } from 'react-router';
import type { FindingCondition, JobView, Judgement, SheetLook } from '../api/types';
import { at, useLook } from '../forms/look';
import { useKeptAtOnce, useSheet } from '../forms/sheet';
import { FindingPhotos } from '../photos/Photos';
import { TypedField } from '../quantity/TypedField';
import { useShown } from '../quantity/units';
import { Mark } from '../verdict/Mark';
import { Kept } from './Kept';
import { findingKey, useTeardownWords } from './vocabulary';
import './teardown.css';

interface FindingText {
  component: string;
  place: string;
  condition: string;
  severity: string;
  note: string;
}

interface FindingsText {
  findings: FindingText[];
  endPlayMm: string;
  spinDownBeforeSeconds: string;
  spinDownAfterSeconds: string;
}

const NONE: FindingsText = {
  findings: [],
  endPlayMm: '',
  spinDownBeforeSeconds: '',
  spinDownAfterSeconds: '',
};

const SEVERITIES = ['slight', 'clear', 'severe'];

const PLACES = ['drive-end', 'other-end', 'winding', 'rotor', 'frame', 'terminal-box', 'coupled-side'];

/** Component by component: a tap for what is seen, at once judged and counted as evidence. */
export function FindingsStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const sheet = useSheet<FindingsText>(job, 'findings', NONE, () => undefined);
  const v = sheet.value;
  const { conditions } = useTeardownWords();
  const [component, setComponent] = useState<string>();
  /** A line opened for words of one's own is no finding before its first word, and holds nothing up. */
  const [opened, setOpened] = useState<FindingText>();
  const lines = opened ? [...v.findings, opened] : v.findings;
  const complete = v.findings.every((f) => f.condition !== '' || f.note.trim() !== '');
  useKeptAtOnce(sheet, complete);
  const look = useLook<SheetLook>(`/api/jobs/${tag}/sheets/findings/look`, v, sheet.dirty && complete);
  const reading = look ? look.findings : job.apart.findings;
  const components = [...new Set(conditions.map((c) => c.component))];
  const change = (n: number, part: Partial<FindingText>) => {
    const next = lines.map((f, k) => (k === n ? { ...f, ...part } : f));
    const own = next[v.findings.length];
    if (own && own.note.trim() === '') {
      setOpened(own);
      next.pop();
    } else {
      setOpened(undefined);
    }
    sheet.set({ findings: next });
  };
  const add = (condition: FindingCondition | undefined, name: string, place: string) => {
    const found = {
      component: name,
      place,
      condition: condition?.condition ?? '',
      severity: 'clear',
      note: '',
    };
    if (condition) {
      sheet.set({ findings: [...v.findings, found] });
    } else {
      setOpened(found);
    }
  };
  const remove = (n: number) => {
    if (n === v.findings.length) {
      setOpened(undefined);
    } else {
      sheet.set({ findings: v.findings.filter((_, k) => k !== n) });
    }
  };
  const problems = [...(look?.problems ?? []), ...sheet.problems];
  const figure = (
    field: 'endPlayMm' | 'spinDownBeforeSeconds' | 'spinDownAfterSeconds',
    label: string,
    unit: string,
  ) => (
    <TypedField
      label={label}
      unit={unit}
      value={v[field]}
      shown={look?.shown[field]}
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
      <Kept sheet={sheet} />
      <ul className="found" aria-label="Found">
        {lines
          .map((f, n) => (
            <Found
              key={`${n} ${f.condition}`}
              tag={tag}
              finding={f}
              words={
                conditions.find((c) => c.component === f.component && c.condition === f.condition)?.words ??
                ''
              }
              judged={complete && n < v.findings.length ? reading?.lines[n] : undefined}
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
          Counts toward the cause: {reading.evidence.map((e) => e.replaceAll('-', ' ')).join(', ')}.{' '}
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
        <div className="picks" role="radiogroup" aria-label="Where" style={{ marginBottom: 8 }}>
          {places.map((p) => (
            <button
              key={p}
              type="button"
              role="radio"
              className="pick tight"
              aria-checked={p === at}
              onClick={() => setPlace(p)}
            >
              {p.replace('-', ' ')}
            </button>
          ))}
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

function Found({
  tag,
  finding,
  words,
  judged,
  change,
  remove,
}: {
  tag: string;
  finding: FindingText;
  words: string;
  judged: Judgement | undefined;
  change: (part: Partial<FindingText>) => void;
  remove: () => void;
}) {
  const [open, setOpen] = useState(finding.condition === '');
  return (
    <li>
      <Mark verdict={judged?.verdict ?? 'unproven'} />
      <div>
        <b>
          {finding.component}
          {finding.component !== finding.place && `, ${finding.place.replace('-', ' ')}`}:{' '}
          {words || finding.note || 'say what'}
        </b>
        {words && finding.note && <span> {finding.note}</span>}
        <div className="soft small">
          {judged?.next} {judged?.source}
        </div>
        <FindingPhotos tag={tag} finding={findingKey(finding)} />
        {open && (
          <div className="grid2" style={{ marginTop: 6 }}>
            <TypedField
              words
              label="Note"
              value={finding.note}
              autoFocus
              onChange={(note) => change({ note })}
            />
            <label className="field words">
              <span className="label">Where</span>
              <select
                className="plain"
                value={finding.place}
                onChange={(e) => change({ place: e.target.value })}
              >
                {PLACES.map((p) => (
                  <option key={p} value={p}>
                    {p.replace('-', ' ')}
                  </option>
                ))}
              </select>
            </label>
          </div>
        )}
      </div>
      <div className="picks" role="radiogroup" aria-label={`How bad: ${finding.component} ${words}`}>
        {SEVERITIES.map((s) => (
          <button
            key={s}
            type="button"
            role="radio"
            className="pick tight"
            aria-checked={finding.severity === s}
            onClick={() => change({ severity: s })}
          >
            {s}
          </button>
        ))}
        <button
          type="button"
          className="pick tight"
          aria-expanded={open}
          aria-label={`Note on ${finding.component} ${words}`}
          onClick={() => setOpen(!open)}
        >
          note
        </button>
        <button
          type="button"
          className="pick tight"
          aria-label={`Take out ${finding.component} ${words}`}
          onClick={remove}
        >
          ×
        </button>
      </div>
    </li>
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
