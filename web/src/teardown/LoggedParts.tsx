import { useState } from 'react';
import type { JobView, UsualPart } from '../api/types';
import type { Sheet } from '../job/sheet';
import { FindingPhotos } from '../photos/Photos';
import { PickOne, Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { spokenPart, STATES, useTeardownWords, type LogText, type PartText } from '../job/vocabulary';

/** Parts as they came off, the last one on top; each opens for what this one had. */
export function LoggedParts({ job, sheet }: { job: JobView; sheet: Sheet<LogText> }) {
  const [open, setOpen] = useState<number>();
  const { builds } = useTeardownWords();
  const ways = (part: string) =>
    builds.flatMap((b) => b.parts).find((u) => u.part.toLowerCase() === part.trim().toLowerCase())?.methods ??
    [];
  const v = sheet.value;
  const change = (id: number, part: Partial<PartText>) =>
    sheet.set({ parts: v.parts.map((p) => (p.id === id ? { ...p, ...part } : p)) });
  if (v.parts.length === 0) {
    return null;
  }
  return (
    <ol className="parts" aria-label="Parts off, the last one first" reversed>
      {[...v.parts].reverse().map((p, n) => (
        <li key={p.id}>
          <div className="part">
            <button
              type="button"
              className="part-name"
              aria-expanded={open === p.id}
              onClick={() => setOpen(open === p.id ? undefined : p.id)}
            >
              <b>{v.parts.length - n}</b> {spokenPart(p)}
              <span className="soft small">{details(p)}</span>
            </button>
            {p.small && <b className="lose">small</b>}
            <FindingPhotos tag={job.identity.tag} finding={`part ${p.id}`} />
            <PickOne
              tight
              label={`${spokenPart(p)} is`}
              options={STATES}
              value={p.state}
              onPick={(state) => change(p.id, { state })}
            />
          </div>
          {open === p.id && (
            <Details
              part={p}
              ways={ways(p.part)}
              change={(part) => change(p.id, part)}
              remove={() => sheet.set({ parts: v.parts.filter((o) => o.id !== p.id) })}
            />
          )}
        </li>
      ))}
    </ol>
  );
}

function details(p: PartText): string {
  return [
    p.method,
    p.orientation,
    p.fasteners && `${p.fasteners} × ${p.fastenerSize || '?'}`,
    p.fastenerState && p.fastenerState !== 'good' && `screws ${p.fastenerState}`,
    p.note,
  ]
    .filter(Boolean)
    .join(' · ');
}

function Details({
  part,
  ways,
  change,
  remove,
}: {
  part: PartText;
  ways: UsualPart['methods'];
  change: (part: Partial<PartText>) => void;
  remove: () => void;
}) {
  return (
    <div className="panel part-details">
      {ways.length > 0 && (
        <Picks
          label="How it came off"
          options={ways.map((w) => [w.way, w.way] as const)}
          value={part.method === '' ? undefined : part.method}
          onPick={(method) => change({ method })}
        />
      )}
      <div className="grid3">
        <TypedField
          words
          label="Which way round"
          hint="lip inward; nipple at the top"
          value={part.orientation}
          onChange={(orientation) => change({ orientation })}
        />
        <TypedField
          label="Screws"
          hint="4"
          value={part.fasteners}
          onChange={(fasteners) => change({ fasteners })}
        />
        <TypedField
          words
          label="Their size"
          hint="M8 × 30"
          value={part.fastenerSize}
          onChange={(fastenerSize) => change({ fastenerSize })}
        />
      </div>
      <Picks
        label="The screws are"
        options={STATES}
        value={part.fastenerState === '' ? undefined : part.fastenerState}
        onPick={(fastenerState) => change({ fastenerState })}
      />
      <TypedField words label="Note" value={part.note} onChange={(note) => change({ note })} />
      <div className="picks">
        <button
          type="button"
          className="pick"
          aria-pressed={part.small}
          onClick={() => change({ small: !part.small })}
        >
          small part, do not lose
        </button>
        <button type="button" className="pick" onClick={remove}>
          did not come off: take it out of the log
        </button>
      </div>
    </div>
  );
}
