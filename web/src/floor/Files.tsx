import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { requestKey, send } from '../api/http';
import { shopLink } from '../api/shop';
import type { JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { usePerson } from '../session/session';

/** The list as a file, and a job in from one. */
export function Files({ query }: { query: string }) {
  const person = usePerson();
  const client = useQueryClient();
  const navigate = useNavigate();
  const input = useRef<HTMLInputElement>(null);
  const [sent, setSent] = useState(0);
  const take = useMutation({
    mutationFn: (file: File) => {
      setSent(0);
      return send<JobView>('/api/jobs/import', file, requestKey(), setSent);
    },
    onSuccess: (job) => {
      client.setQueryData(['job', job.identity.tag], job);
      void client.invalidateQueries({ queryKey: ['floor'] });
      void navigate(`/jobs/${job.identity.tag}`);
    },
  });
  return (
    <div className="files small">
      <a href={shopLink(`/api/floor.csv?${query}`)}>This list as CSV</a>
      {person.role !== 'technician' && (
        <button type="button" className="linkish" onClick={() => input.current?.click()}>
          {take.isPending ? waiting(sent) : 'Take a job in from a file'}
        </button>
      )}
      <input
        ref={input}
        type="file"
        hidden
        accept=".zip,application/zip"
        aria-label="A job as a file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) {
            take.mutate(file);
          }
          e.target.value = '';
        }}
      />
      <ErrorNotice error={take.error} />
    </div>
  );
}

/** How far a file is: sent in part, or sent and being read by the server. */
function waiting(sent: number): string {
  return sent < 1 ? `Sending, ${Math.round(100 * sent)} %` : 'Sent, the server reads it …';
}
