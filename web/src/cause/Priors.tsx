import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call } from '../api/http';
import type { LearntPriors } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { moment, percent } from '../quantity/figures';
import { usePerson } from '../session/session';

/** How often each explanation comes up at all: the estimate, what closed jobs taught, and the way to forget it. */
export function Priors() {
  const [open, setOpen] = useState(false);
  const person = usePerson();
  const client = useQueryClient();
  const priors = useQuery({
    queryKey: ['priors'],
    queryFn: () => call<LearntPriors>('GET', '/api/cause/priors'),
    enabled: open,
  });
  const reset = useMutation({
    mutationFn: () => call<LearntPriors>('POST', '/api/cause/priors/reset', {}),
    onSuccess: (after) => {
      client.setQueryData(['priors'], after);
      void client.invalidateQueries({ queryKey: ['job'] });
    },
  });
  const learnt = priors.data;
  const closed = learnt?.learnt.reduce((sum, l) => sum + l.closed, 0) ?? 0;
  const lead = person.role === 'lead' || person.role === 'admin';
  return (
    <details style={{ marginTop: 14 }} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary>How often each comes up at all, and what closed jobs taught</summary>
      <ErrorNotice error={priors.error ?? reset.error} />
      {learnt && (
        <>
          <p className="small">
            The estimate counts for {learnt.countsFor} jobs. {closed} {closed === 1 ? 'job' : 'jobs'} of this
            shop left with a conclusion
            {learnt.reset && `, counted since ${moment(learnt.reset.at)} (${learnt.reset.by})`}.
          </p>
          <table className="quiet small">
            <thead>
              <tr>
                <th>explanation</th>
                <th className="n">estimate</th>
                <th className="n">closed jobs</th>
                <th className="n">share now</th>
              </tr>
            </thead>
            <tbody>
              {[...learnt.learnt]
                .sort((a, b) => b.share - a.share)
                .map((l) => (
                  <tr key={l.explanation}>
                    <td>{l.label}</td>
                    <td className="n">{percent(l.estimated)}</td>
                    <td className="n">{l.closed}</td>
                    <td className="n">{percent(l.share)}</td>
                  </tr>
                ))}
            </tbody>
          </table>
          {lead && (
            <Button
              style={{ marginTop: 10 }}
              disabled={closed === 0}
              loading={reset.isPending}
              onClick={() => reset.mutate()}
            >
              Forget the {closed}: count anew from today
            </Button>
          )}
        </>
      )}
    </details>
  );
}
