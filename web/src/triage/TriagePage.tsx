import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, type InputRef } from 'antd';
import { useEffect, useMemo, useRef } from 'react';
import { Link, useNavigate } from 'react-router';
import { call, requestKey } from '../api/http';
import { shopLink } from '../api/shop';
import type { TriageAnswered, TriageRow, Verdict } from '../api/types';
import { useDraft } from '../ui/drafts';
import { usePreview } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { moment } from '../quantity/figures';
import { problemText } from '../quantity/words';
import { Frame } from '../shell/Frame';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import {
  back,
  fresh,
  LETTERS,
  nextMark,
  picked,
  STAGES,
  typed,
  wordOf,
  type Entry,
  type Stage,
} from './entry';
import './triage.css';

const SHAPES: Record<string, Verdict> = { sound: 'holds', doubtful: 'watch', unfit: 'stop' };

const ASKS: Record<Stage, string> = {
  shaft: 'Turn it by hand',
  megohm: 'Insulation, 10 s, lead by lead',
  ring: 'Ring it through',
  eye: 'Look and smell',
};

/** Motors nobody knows, a minute at each, by keys that a hand finds blind. */
export function TriagePage() {
  const navigate = useNavigate();
  const client = useQueryClient();
  const rows = useQuery({ queryKey: ['triage'], queryFn: () => call<TriageRow[]>('GET', '/api/triage') });
  const draft = useDraft<Entry>('triage', fresh('P-001'));
  const entry = draft.value;
  const field = useRef<InputRef>(null);
  const preview = usePreview<TriageAnswered>(
    '/api/triage/preview',
    typed(entry),
    entry.shaft !== undefined && entry.ring !== undefined,
  );
  const settled = (list: TriageRow[]) => client.setQueryData(['triage'], list);
  const key = useRef<string | undefined>(undefined);
  const keep = useMutation({
    mutationFn: () => {
      key.current ??= requestKey();
      return call<TriageRow[]>('POST', '/api/triage', typed(entry), key.current);
    },
    onSuccess: (list) => {
      key.current = undefined;
      settled(list);
      draft.change(fresh(nextMark(entry.mark), entry.ratedVoltageV));
    },
  });
  const job = useMutation({
    mutationFn: (id: number) => call<TriageRow[]>('POST', `/api/triage/${id}/job`),
    onSuccess: settled,
  });
  useEffect(() => {
    if (entry.stage === 'megohm') {
      field.current?.focus();
    } else {
      field.current?.blur();
    }
  }, [entry.stage]);
  const newest = rows.data?.[0];
  const keys = useMemo(() => {
    const letters =
      entry.stage === 'megohm'
        ? []
        : LETTERS[entry.stage].map(([letter, word]) => ({
            key: letter,
            label: '',
            says: word.replaceAll('-', ' '),
            run: () => entry.stage !== 'megohm' && draft.change(picked(entry, entry.stage, word)),
          }));
    return [
      ...letters,
      { key: 'Enter', label: 'keep', run: () => entry.stage === 'eye' && keep.mutate() },
      { key: 'Backspace', label: 'back', run: () => draft.change(back(entry)) },
      { key: 'J', label: 'last one a job', run: () => newest && !newest.job && job.mutate(newest.id) },
      { key: 'L', label: 'its label', run: () => newest && window.open(label(newest), '_blank') },
      { key: 'Escape', label: 'floor', run: () => void navigate('/') },
    ];
    // The mutation objects change with each of their states; their functions do not.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [entry, draft, newest, keep.mutate, job.mutate, navigate]);
  return (
    <Frame keys={keys}>
      <main className="page triage" id="work">
        <div className="head">
          <h1>Triage: a minute a motor</h1>
          <span className="soft">a minute at each: turns, insulates, rings, looks right</span>
        </div>
        <p className="caution">
          Unknown motors: no power. Leads apart and off everything, capacitors shorted, hands off during the
          ten seconds; ground each lead after its reading. Mind your back and your toes.
        </p>
        <ErrorNotice error={keep.error ?? job.error} />
        <div className="marked">
          <label>
            <span className="label">Chalked on it</span>
            <Input
              aria-label="Chalked on it"
              maxLength={40}
              value={entry.mark}
              onChange={(e) => draft.change({ ...entry, mark: e.target.value })}
            />
          </label>
          <label>
            <span className="label">Plate says, V (may be empty)</span>
            <Input
              aria-label="Plate says, V"
              value={entry.ratedVoltageV}
              onChange={(e) => draft.change({ ...entry, ratedVoltageV: e.target.value })}
            />
          </label>
          <p className="soft">
            Tester at <b>{preview?.result ? Math.round(preview.result.testVoltageV) : 500} V</b>
          </p>
        </div>
        <ol className="stages">
          {STAGES.map((stage) => (
            <li
              key={stage}
              className={stage === entry.stage ? 'here' : ''}
              aria-current={stage === entry.stage}
            >
              <h2>{ASKS[stage]}</h2>
              {stage === 'megohm' ? (
                <Input
                  ref={field}
                  aria-label="Megohms, one per lead"
                  placeholder="500, or 500 480 510"
                  value={entry.megohm}
                  onFocus={() => draft.change({ ...entry, stage: 'megohm' })}
                  onChange={(e) => draft.change({ ...entry, megohm: e.target.value })}
                  onKeyDown={(e) => {
                    if (e.key === 'Enter' && entry.megohm.trim()) {
                      e.preventDefault();
                      e.stopPropagation();
                      draft.change({ ...entry, stage: 'ring' });
                    }
                  }}
                />
              ) : (
                LETTERS[stage].map(([letter, word, label]) => (
                  <Button
                    key={word}
                    aria-pressed={stage === 'eye' ? entry.eye.includes(word) : entry[stage] === word}
                    onClick={() => wordOf(stage, letter) && draft.change(picked(entry, stage, word))}
                  >
                    <kbd>{letter}</kbd> {label}
                  </Button>
                ))
              )}
            </li>
          ))}
        </ol>
        {preview?.result && (
          <Judged judgement={preview.result.judgement}>
            <Button type="primary" loading={keep.isPending} onClick={() => keep.mutate()}>
              Keep it, next motor
            </Button>
          </Judged>
        )}
        {preview?.problems
          .filter((p) => p.field.startsWith('megohm') || p.field === 'ratedVoltageV' || p.field === 'mark')
          .map((p) => (
            <p key={p.field} className="wrong">
              {problemText(p)}
            </p>
          ))}
        <Looked rows={rows.data ?? []} makeJob={(id) => job.mutate(id)} />
      </main>
    </Frame>
  );
}

const label = (row: TriageRow) => shopLink(`/api/triage/${row.id}/label.pdf`);

function Looked({ rows, makeJob }: { rows: TriageRow[]; makeJob: (id: number) => void }) {
  if (rows.length === 0) {
    return null;
  }
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th aria-label="verdict" />
          <th>motor</th>
          <th>what a minute said</th>
          <th>next</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={r.id}>
            <td style={{ width: 30 }}>
              <Mark verdict={SHAPES[r.answer] ?? 'unproven'} />
            </td>
            <td>
              <b>{r.mark}</b>
              <div className="small soft">
                {r.by}, {moment(r.at)}
              </div>
            </td>
            <td>{r.judgement.headline}</td>
            <td>{r.judgement.next}</td>
            <td style={{ textAlign: 'right', whiteSpace: 'nowrap' }}>
              <a href={label(r)} target="_blank" rel="noreferrer">
                Label
              </a>{' '}
              {r.job ? (
                <Link to={`/jobs/${r.job}`}>{r.job}</Link>
              ) : (
                <Button onClick={() => makeJob(r.id)}>Make it a job</Button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
