import { useQuery } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { call, Refusal } from '../api/http';
import type { EvidencePiece, JobView, Ranked, Vocabulary } from '../api/types';
import { at } from '../forms/look';
import { Trouble } from '../forms/Trouble';
import { useChange } from '../jobs/useJob';
import { moment, percent, plain } from '../quantity/figures';
import { FindingPhotos } from '../photos/Photos';
import { TypedField } from '../quantity/TypedField';
import { usePerson } from '../shell/session';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';

const SHOWN = 6;

/** Explanations weighed, with the sum shown; evidence to add and strike; the conclusion by name. */
export function CauseStep({ job }: { job: JobView }) {
  const ranking = job.ranking.ranking;
  const [open, setOpen] = useState(ranking[0]?.explanation);
  const chosen = ranking.find((r) => r.explanation === open) ?? ranking[0];
  return (
    <>
      <div className="head">
        <h1>What started it</h1>
        <span className="soft">it proposes; a person concludes, by name</span>
      </div>
      <Judged judgement={job.ranking.judgement} />
      <div className="cause">
        <div>
          <h2>Explanations</h2>
          {ranking.slice(0, SHOWN).map((r) => (
            <button
              key={r.explanation}
              type="button"
              className="explanation"
              aria-pressed={r.explanation === chosen?.explanation}
              onClick={() => setOpen(r.explanation)}
            >
              <span className="like">
                <span>{r.spoken}</span>
                <b>{percent(r.probability)}</b>
              </span>
              <span className="bar" style={{ display: 'block' }}>
                <i style={{ width: `${100 * r.probability}%` }} />
              </span>
            </button>
          ))}
        </div>
        {chosen && <Sum of={chosen} job={job} />}
      </div>
      <Evidence job={job} />
      <Conclusion job={job} />
    </>
  );
}

/** The sum of one explanation: what it starts with, each piece for and against, what is not known yet. */
function Sum({ of, job }: { of: Ranked; job: JobView }) {
  return (
    <div className="panel">
      <h2>The sum for {of.spoken}</h2>
      <table className="quiet small">
        <tbody>
          <Line
            words="how often it comes up at all"
            decibans={of.priorDecibans}
            reason="share of failed motors"
          />
          {[...of.for, ...of.against].map((p) => (
            <Line key={p.code} words={p.words} decibans={p.decibans} reason={p.reason} />
          ))}
          <tr>
            <td>
              <b>in all</b>
            </td>
            <td className="n">
              <b>{signed(of.sumDecibans)}</b>
            </td>
          </tr>
        </tbody>
      </table>
      <h3 style={{ marginTop: 12 }}>Not known yet</h3>
      {job.ranking.looks.slice(0, 3).map((l) => (
        <p key={l.code} className="small">
          {l.ask}{' '}
          <span className="soft">
            {l.minutes} min{l.separates && `, tells ${l.separates}`}
          </span>
        </p>
      ))}
    </div>
  );
}

function Line({ words, decibans, reason }: { words: string; decibans: number; reason: string }) {
  return (
    <tr>
      <td>
        {words}
        <div className="soft">{reason}</div>
      </td>
      <td className="n">{signed(decibans)}</td>
    </tr>
  );
}

function signed(decibans: number): string {
  return `${decibans < 0 ? '−' : '+'}${plain(Math.abs(decibans), 3)} dB`;
}

function Evidence({ job }: { job: JobView }) {
  const change = useChange(job.identity.tag);
  const vocabulary = useQuery({
    queryKey: ['vocabulary'],
    queryFn: () => call<Vocabulary>('GET', '/api/cause/vocabulary'),
    staleTime: Infinity,
  });
  const held = new Set(job.evidence.map((e) => e.code));
  const groups = ['complaint', 'finding', 'test'].map((kind) => ({
    label: kind,
    options: (vocabulary.data?.evidence ?? [])
      .filter((e) => e.kind === kind && !held.has(e.code))
      .map((e) => ({ value: e.code, label: e.words })),
  }));
  return (
    <section style={{ marginTop: 20 }}>
      <h2>Evidence</h2>
      <Trouble error={change.error} />
      <table className="quiet">
        <tbody>
          {job.ranking.facts.map((f) => (
            <tr key={f.code}>
              <td>{f.sentence}</td>
              <td className="small">
                <Link to={`/jobs/${job.identity.tag}/teardown/coils`}>coil map</Link>
              </td>
              <td />
            </tr>
          ))}
          {job.evidence.map((e) => (
            <PieceRow key={e.code} piece={e} tag={job.identity.tag} change={change} />
          ))}
        </tbody>
      </table>
      <div style={{ marginTop: 12, maxWidth: 420 }}>
        <Select
          showSearch
          style={{ width: '100%' }}
          aria-label="Add evidence"
          placeholder="Add what you saw, heard or were told …"
          value={null}
          optionFilterProp="label"
          options={groups}
          onChange={(code: string) =>
            change.mutate({ method: 'POST', path: 'evidence', body: { code, action: 'add', reason: '' } })
          }
        />
      </div>
    </section>
  );
}

function PieceRow({
  piece,
  tag,
  change,
}: {
  piece: EvidencePiece;
  tag: string;
  change: ReturnType<typeof useChange>;
}) {
  const [striking, setStriking] = useState(false);
  const [reason, setReason] = useState('');
  const send = (action: string) =>
    change.mutate(
      { method: 'POST', path: 'evidence', body: { code: piece.code, action, reason } },
      { onSuccess: () => setStriking(false) },
    );
  return (
    <tr>
      <td style={piece.struck ? { textDecoration: 'line-through' } : {}}>
        {piece.words}
        <FindingPhotos tag={tag} finding={piece.code} />
      </td>
      <td className="small">
        <Link to={`/jobs/${tag}/${piece.step}`}>{WHERE[piece.step] ?? piece.step}</Link>
      </td>
      <td style={{ textAlign: 'right' }}>
        {piece.struck ? (
          <Button onClick={() => send('restore')}>let it count again</Button>
        ) : striking ? (
          <span style={{ display: 'flex', gap: 8 }}>
            <Input
              autoFocus
              aria-label="Why it does not count"
              placeholder="why it does not count"
              value={reason}
              onChange={(e) => setReason(e.target.value)}
            />
            <Button disabled={!reason.trim()} onClick={() => send('strike')}>
              strike
            </Button>
          </span>
        ) : (
          <Button type="text" onClick={() => setStriking(true)}>
            strike …
          </Button>
        )}
      </td>
    </tr>
  );
}

const WHERE: Record<string, string> = {
  receive: 'arrival',
  'bench/insulation': 'insulation',
  'bench/resistance': 'resistance',
  'bench/surge': 'surge',
  cause: 'added by hand',
};

function Conclusion({ job }: { job: JobView }) {
  const person = usePerson();
  const leader = job.ranking.ranking[0];
  const [explanation, setExplanation] = useState(leader?.explanation ?? '');
  const [reason, setReason] = useState('');
  const conclude = useChange(job.identity.tag, () => setReason(''));
  const refused = conclude.error instanceof Refusal ? conclude.error.problems : [];
  const own = job.ranking.ranking.find((r) => r.explanation === explanation);
  const overruled = leader && explanation !== leader.explanation;
  const done = job.concluded;
  return (
    <form
      className="panel"
      style={{ marginTop: 20 }}
      onSubmit={(e) => {
        e.preventDefault();
        conclude.mutate({ method: 'POST', path: 'conclusion', body: { explanation, reason } });
      }}
    >
      <h2>Conclusion</h2>
      {done && (
        <p style={{ display: 'flex', gap: 10, alignItems: 'center', margin: '8px 0' }}>
          <Mark verdict="holds" />
          <span>
            <b>{done.spoken}</b>, {done.done.by}, {moment(done.done.at)}. The evidence gave it{' '}
            {percent(done.probabilityThen)} then
            {done.leaderThen !== done.spoken && `, and led to ${done.leaderThen}`}.
            {done.reason && ` ${done.reason}`}
          </span>
        </p>
      )}
      <Trouble error={conclude.error} hide={['reason']} />
      <div className="grid2">
        <label className="field words">
          <span className="label">What started it</span>
          <Select
            showSearch
            style={{ width: '100%' }}
            value={explanation}
            optionFilterProp="label"
            options={job.ranking.ranking.map((r) => ({
              value: r.explanation,
              label: `${r.spoken}, ${percent(r.probability)}`,
            }))}
            onChange={setExplanation}
          />
        </label>
        <TypedField
          words
          label={overruled ? `Why not ${leader.spoken}?` : 'In a sentence, for the record'}
          value={reason}
          problem={at(refused, 'reason')}
          onChange={setReason}
        />
      </div>
      <Button type={done ? 'default' : 'primary'} htmlType="submit" loading={conclude.isPending}>
        Conclude {own?.spoken} as {person.displayName}
      </Button>
    </form>
  );
}
