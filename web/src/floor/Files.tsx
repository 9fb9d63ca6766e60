import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { requestKey, send } from '../api/http';
import type { JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { usePerson } from '../session/session';

/** The list as a file, and a job in from one. */
export function Files({ query }: { query: string }) {
  const person = usePerson();
  const client = useQueryClient();
  const navigate = useNavigate();
  const input = useRef<HTMLInputElement>(null);
  const take = useMutation({
    mutationFn: (file: File) => send<JobView>('/api/jobs/import', file, requestKey()),
    onSuccess: (job) => {
      client.setQueryData(['job', job.identity.tag], job);
      void client.invalidateQueries({ queryKey: ['floor'] });
      void navigate(`/jobs/${job.identity.tag}`);
    },
  });
  return (
    <div className="files small">
      <a href={`/api/floor.csv?${query}`}>This list as CSV</a>
      {person.role !== 'technician' && (
        <button type="button" className="linkish" onClick={() => input.current?.click()}>
          {take.isPending ? 'Taking it in …' : 'Take a job in from a file'}
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
