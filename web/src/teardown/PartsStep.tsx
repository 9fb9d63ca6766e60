import { useState } from 'react';
import { Link } from 'react-router';
import type { JobView, Joint, UsualPart } from '../api/types';
import { useKeptAtOnce, useSheet, type Sheet } from '../job/sheet';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { Findings } from '../verdict/Findings';
import { SaveStatus } from '../job/SaveStatus';
import { LoggedParts } from './LoggedParts';
import { OpeningNotice } from '../job/OpeningNotice';
import {
  ENDS,
  marked,
  NO_LOG,
  spokenPart,
  takenOff,
  useTeardownWords,
  type LogText,
  type PartEnd,
} from '../job/vocabulary';
import './teardown.css';

/** Match marks, then the parts as they come off: one tap each for the usual motor, a change where this one differs. */
export function PartsStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const sheet = useSheet<LogText>(job, 'teardown-log', NO_LOG, () => undefined);
  useKeptAtOnce(sheet);
  const { builds } = useTeardownWords();
  const v = sheet.value;
  const [choosing, setChoosing] = useState(false);
  const build = builds.find((b) => b.build === v.build);
  const reading = job.apart.log;
  const toCome = build?.parts.filter((u) => !v.parts.some((p) => p.part === u.part && p.end === u.end)) ?? [];
  const shut = !job.opening.open;
  return (
    <>
      <div className="head">
        <h1>Marks and parts</h1>
        <span className="soft">
          {v.parts.length === 0 ? 'marks before the first bolt' : `${v.parts.length} off`}
          {reading && reading.reassembly.length > 0 && (
            <>
              {' · '}
              <Link to={`/jobs/${tag}/teardown/together`}>put it together</Link>
            </>
          )}
        </span>
      </div>
      <OpeningNotice job={job} />
      {reading && <Findings findings={reading.lines} />}
      {build && !choosing ? (
        <p className="built">
          Built as <b>{build.label.toLowerCase()}</b> <span className="soft small">{build.where}</span>
          <button type="button" className="pick" onClick={() => setChoosing(true)}>
            another build
          </button>
        </p>
      ) : (
        <Picks
          label={`Built as; by its plate ${suggested(job, builds)}`}
          options={builds.map((b) => [b.build, b.label] as const)}
          value={build?.build}
          onPick={(picked) => {
            sheet.set({ build: picked });
            setChoosing(false);
          }}
        />
      )}
      {build && (
        <Marks
          joints={joints(build.parts, v, reading?.joints ?? [])}
          log={v}
          change={(next) => sheet.change(next)}
        />
      )}
      {build && !shut && <Next parts={toCome} log={v} change={(next) => sheet.change(next)} />}
      <SaveStatus sheet={sheet} />
      <LoggedParts job={job} sheet={sheet} />
      {!shut && build && <Other log={v} change={(next) => sheet.change(next)} />}
      <Whole sheet={sheet} />
    </>
  );
}

function suggested(job: JobView, builds: { build: string; label: string; where: string }[]): string {
  const own = builds.find((b) => b.build === job.apart.suggested);
  return own ? `${own.label.toLowerCase()} (${own.where})` : '…';
}

/** Joints of this build, and others that somebody marked. */
function joints(
  parts: UsualPart[],
  log: LogText,
  read: Joint[],
): { part: string; end: PartEnd; usual: string }[] {
  const own = parts
    .filter((p) => p.joint)
    .map((p) => ({
      part: p.part,
      end: p.end,
      usual:
        read.find((j) => j.part === p.part && j.end === p.end)?.usual ??
        (p.end === 'non-drive-end' ? 'two dots' : 'one dot'),
    }));
  const others = log.marks
    .filter((m) => !own.some((j) => j.part === m.joint && j.end === m.end))
    .map((m) => ({ part: m.joint, end: m.end, usual: m.mark }));
  return [...own, ...others];
}

function Marks({
  joints,
  log,
  change,
}: {
  joints: { part: string; end: PartEnd; usual: string }[];
  log: LogText;
  change: (next: LogText) => void;
}) {
  const bare = joints.filter((j) => !log.marks.some((m) => m.joint === j.part && m.end === j.end));
  const [own, setOwn] = useState('');
  return (
    <fieldset>
      <legend>Match marks: tap when both sides carry it</legend>
      <div className="picks">
        {joints.map((j) => {
          const mark = log.marks.find((m) => m.joint === j.part && m.end === j.end)?.mark;
          return (
            <button
              key={`${j.part} ${j.end}`}
              type="button"
              className="pick"
              aria-pressed={mark !== undefined}
              onClick={() => change(marked(log, j.part, j.end, mark ? '' : own.trim() || j.usual))}
            >
              {spokenPart(j)} <i className="dots">{mark ?? j.usual}</i>
            </button>
          );
        })}
        {bare.length > 1 && (
          <button
            type="button"
            className="pick"
            onClick={() =>
              change(bare.reduce((next, j) => marked(next, j.part, j.end, own.trim() || j.usual), log))
            }
          >
            all {bare.length} as usual
          </button>
        )}
      </div>
      {bare.length > 0 && (
        <label className="small mark-own">
          <span className="soft">another mark than dots</span>
          <input
            className="cell"
            maxLength={40}
            placeholder="punch, notch, letter"
            value={own}
            onChange={(e) => setOwn(e.target.value)}
          />
        </label>
      )}
    </fieldset>
  );
}

/** What usually comes off next: the first one large, with how and what to mind; the others a tap away. */
function Next({ parts, log, change }: { parts: UsualPart[]; log: LogText; change: (next: LogText) => void }) {
  const [first, ...others] = parts;
  if (!first) {
    return <p className="caution">Everything usual is off and logged.</p>;
  }
  const off = (p: UsualPart) => change(takenOff(log, p.part, p.end, { small: p.small }));
  return (
    <section aria-label="Comes off next">
      <div className="next-part">
        <button type="button" className="off" onClick={() => off(first)}>
          <small>came off</small>
          {spokenPart(first)}
          {first.small && <b className="lose">small: bag and tag</b>}
        </button>
        <div>
          <p>{first.off}</p>
          {first.care && <p className="caution small">{first.care}</p>}
          <button
            type="button"
            className="pick"
            onClick={() =>
              change(takenOff(log, first.part, first.end, { small: first.small, state: 'missing' }))
            }
          >
            should be there and is missing
          </button>
        </div>
      </div>
      <div className="picks later" aria-label="Or this one">
        {others.slice(0, 9).map((p) => (
          <button key={`${p.part} ${p.end}`} type="button" className="pick" onClick={() => off(p)}>
            {spokenPart(p)}
          </button>
        ))}
        {others.length > 9 && <span className="soft small">and {others.length - 9} more after these</span>}
      </div>
    </section>
  );
}

function Other({ log, change }: { log: LogText; change: (next: LogText) => void }) {
  const [name, setName] = useState('');
  return (
    <fieldset>
      <legend>A part this build does not usually have</legend>
      <div className="other-part">
        <input
          className="cell words"
          aria-label="Name of the part"
          placeholder="encoder, heater, adapter"
          maxLength={80}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        {ENDS.map(([end, label]) => (
          <button
            key={end}
            type="button"
            className="pick"
            disabled={!name.trim()}
            onClick={() => {
              change(takenOff(log, name.trim(), end));
              setName('');
            }}
          >
            off the {label}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

/** What belongs to the whole: how bearings came off, and the weight while the copper is in. */
function Whole({ sheet }: { sheet: Sheet<LogText> }) {
  const v = sheet.value;
  if (!v.parts.some((p) => p.part === 'Bearing' || p.part === 'Rotor')) {
    return null;
  }
  return (
    <>
      {v.parts.some((p) => p.part === 'Bearing') && (
        <div className="grid2">
          <Picks
            label="Bearings came off by"
            options={[
              ['puller', 'Puller on the inner race'],
              ['heat', 'Heat on the inner race'],
            ]}
            value={v.removal === '' ? undefined : (v.removal as 'puller')}
            onPick={(removal) => sheet.set({ removal })}
          />
          {v.removal !== '' && (
            <TypedField
              words
              label="Why so"
              hint="races to be judged; seat too tight for the puller"
              value={v.removalReason}
              onChange={(removalReason) => sheet.set({ removalReason })}
            />
          )}
        </div>
      )}
      {v.parts.some((p) => p.part === 'Rotor') && (
        <div className="grid3">
          <TypedField
            label="Stator with its winding"
            unit="kg"
            value={v.woundStatorMassKg}
            onChange={(woundStatorMassKg) => sheet.set({ woundStatorMassKg })}
          />
          <TypedField
            label="Stator stripped"
            unit="kg"
            value={v.strippedStatorMassKg}
            onChange={(strippedStatorMassKg) => sheet.set({ strippedStatorMassKg })}
          />
        </div>
      )}
    </>
  );
}
