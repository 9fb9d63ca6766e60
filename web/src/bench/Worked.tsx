import { useQuery } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { call } from '../api/http';
import type { JobView, WorkWord } from '../api/types';
import { capital } from '../quantity/words';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';

/** What was done to the motor since: it makes tests unproven that the work can have harmed, and may end a Stop it fits. */
export function Worked({ job }: { job: JobView }) {
  const work = useChange(job.identity.tag);
  const words = useQuery({
    queryKey: ['work'],
    queryFn: () => call<WorkWord[]>('GET', '/api/work'),
    staleTime: Infinity,
  });
  const record = (body: { work: string; remedy?: string; place?: string }) =>
    work.mutate({ method: 'POST', path: 'worked', body });
  const all = words.data ?? [];
  return (
    <details>
      <summary>Record what was done to the motor since</summary>
      <ErrorNotice error={work.error ?? words.error} />
      <div className="picks">
        {all
          .filter((w) => w.remedies.length === 0)
          .map((w) => (
            <button key={w.work} type="button" className="pick" onClick={() => record({ work: w.work })}>
              {capital(w.label)}
            </button>
          ))}
      </div>
      {all
        .filter((w) => w.remedies.length > 0)
        .map((w) => (
          <Repaired key={w.work} word={w} busy={work.isPending} record={record} />
        ))}
    </details>
  );
}

/** A part put right: which, and on the winding where. Only work that fits a Stop ends it. */
function Repaired({
  word,
  busy,
  record,
}: {
  word: WorkWord;
  busy: boolean;
  record: (body: { work: string; remedy: string; place?: string }) => void;
}) {
  const [remedy, setRemedy] = useState<string>();
  const [place, setPlace] = useState('');
  const chosen = word.remedies.find((r) => r.remedy === remedy);
  const missing = !chosen || (chosen.needsPlace && !place.trim());
  return (
    <div className="actions">
      <Select
        aria-label="Part that was put right"
        placeholder="Repaired: which part"
        style={{ minWidth: 260 }}
        value={remedy}
        onChange={setRemedy}
        options={word.remedies.map((r) => ({ value: r.remedy, label: capital(r.label) }))}
      />
      <Input
        aria-label="Where"
        placeholder={chosen?.needsPlace ? 'Where: slot, joint, lead or link (required)' : 'Where'}
        maxLength={120}
        style={{ maxWidth: 320 }}
        value={place}
        onChange={(e) => setPlace(e.target.value)}
      />
      <Button
        disabled={missing}
        loading={busy}
        onClick={() => {
          if (!remedy) {
            return;
          }
          record({ work: word.work, remedy, place: place.trim() || undefined });
          setRemedy(undefined);
          setPlace('');
        }}
      >
        Record the repair
      </Button>
    </div>
  );
}
