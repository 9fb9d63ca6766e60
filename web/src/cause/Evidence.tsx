import { useQuery } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { call } from '../api/http';
import type { EvidencePiece, JobView, Vocabulary } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { FindingPhotos } from '../photos/Photos';

/** Every piece held, where it came from, struck or not; what was seen, heard or told is added here. */
export function Evidence({ job }: { job: JobView }) {
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
      <ErrorNotice error={change.error} />
      <table className="quiet">
        <tbody>
          {job.ranking.facts.map((f) => (
            <PieceRow
              key={f.code}
              piece={{ code: f.code, words: f.sentence, step: 'teardown/coils', struck: f.struck }}
              job={job}
              change={change}
            />
          ))}
          {job.evidence.map((e) => (
            <PieceRow key={e.code} piece={e} job={job} change={change} />
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
  job,
  change,
}: {
  piece: EvidencePiece;
  job: JobView;
  change: ReturnType<typeof useChange>;
}) {
  const { tag, mark } = job.identity;
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
        <Link to={piece.step === 'passport' ? `/motors/${mark}` : `/jobs/${tag}/${piece.step}`}>
          {WHERE[piece.step] ?? piece.step}
        </Link>
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
  'teardown/findings': 'findings',
  'teardown/coils': 'coil map',
  passport: 'earlier visits',
  cause: 'added by hand',
};
