import { useNewestFirst } from '../api/newestFirst';
import type { JobView, JournalEntry } from '../api/types';
import { words } from './SheetForm';
import { EarlierButton } from '../ui/EarlierButton';
import { ErrorNotice } from '../ui/ErrorNotice';
import { termLabel } from '../ui/terms';

/** Every change of the job: who, when, what, from what to what. */
export function JournalStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const journal = useNewestFirst<JournalEntry>(['journal', tag], `/api/jobs/${tag}/journal`);
  return (
    <>
      <div className="head">
        <h1>Journal</h1>
        <span className="soft">every change, newest first; nothing is ever taken out</span>
      </div>
      <ErrorNotice error={journal.error} />
      <JournalTable entries={journal.entries} />
      <EarlierButton pages={journal} />
    </>
  );
}

export function JournalTable({ entries }: { entries: Omit<JournalEntry, 'id'>[] }) {
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th>when</th>
          <th>who</th>
          <th>what</th>
          <th>from, to</th>
        </tr>
      </thead>
      <tbody>
        {entries.map((e, n) => (
          <tr key={n}>
            <td style={{ whiteSpace: 'nowrap' }}>
              {new Date(e.at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
            </td>
            <td>{e.by}</td>
            <td>{termLabel(e.what)}</td>
            <td>
              {changes(e.before, e.after)
                .slice(0, 8)
                .map(([field, from, to]) => (
                  <div key={field} className="small">
                    <span className="soft">{words(field)}</span> {from && <s>{from}</s>} {to}
                  </div>
                ))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What differs between before and after, leaf by leaf; long lists and traces are counted, not shown. */
export function changes(before: unknown, after: unknown, path = ''): [string, string, string][] {
  if (JSON.stringify(before) === JSON.stringify(after)) {
    return [];
  }
  const tree = (v: unknown): v is Record<string, unknown> =>
    typeof v === 'object' && v !== null && !Array.isArray(v);
  if (tree(after) && (tree(before) || before === null || before === undefined)) {
    const old = before ?? {};
    return [...new Set([...Object.keys(old), ...Object.keys(after)])].flatMap((name) =>
      changes((old as Record<string, unknown>)[name], after[name], path ? `${path}.${name}` : name),
    );
  }
  const from = shown(before);
  const to = shown(after);
  return from === to ? [] : [[path, from, to]];
}

function shown(value: unknown): string {
  if (value === null || value === undefined || value === '') {
    return '';
  }
  if (Array.isArray(value)) {
    const plain = value.every((v) => typeof v !== 'object');
    return value.length === 0
      ? ''
      : plain && value.length <= 12
        ? value.join(', ')
        : `${value.length} entries`;
  }
  const text = typeof value === 'object' ? 'noted' : String(value as string | number | boolean);
  return text.length > 120 ? `${text.slice(0, 120)}…` : text;
}
