import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { call } from '../api/http';
import type { JobView, TaskHours } from '../api/types';
import { plain } from '../quantity/figures';
import { usePerson } from '../session/session';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Judged } from '../verdict/Judged';

const hours = (h: number) => plain(h, h < 10 ? 2 : 3);

/** Who works on which task, tapped where the work is; the hours stand beside the task table and the quote. */
export function HoursStep({ job }: { job: JobView }) {
  const gone = job.identity.left !== null;
  const path = `/api/jobs/${job.identity.tag}/hours`;
  const client = useQueryClient();
  const me = usePerson().displayName;
  const read = useQuery({ queryKey: ['hours', path], queryFn: () => call<TaskHours>('GET', path) });
  const tap = useMutation({
    mutationFn: (body: { task: string; starts: boolean }) => call<TaskHours>('POST', path, body),
    onSuccess: (next) => client.setQueryData(['hours', path], next),
  });
  return (
    <>
      <div className="head">
        <h1>Hours</h1>
        <span className="soft">tap when you start and when you stop; setting the motor down stops you</span>
      </div>
      <ErrorNotice error={read.error ?? tap.error} />
      {read.data && (
        <>
          <Judged judgement={read.data.judgement} />
          <table className="quiet lines">
            <thead>
              <tr>
                <th>task</th>
                <th className="n">by the table</th>
                <th className="n">quoted</th>
                <th className="n">taken</th>
                <th>now</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {read.data.rows.map((r) => {
                const mine = r.running.includes(me);
                return (
                  <tr key={r.code}>
                    <td>{r.task}</td>
                    <td className="n">{hours(r.tableHours)} h</td>
                    <td className="n">{r.quotedHours === null ? '–' : `${hours(r.quotedHours)} h`}</td>
                    <td className="n">{r.takenHours > 0 ? `${hours(r.takenHours)} h` : '–'}</td>
                    <td>{r.running.join(', ')}</td>
                    <td>
                      <Button
                        type={mine ? 'primary' : 'default'}
                        disabled={tap.isPending || gone}
                        aria-label={`${mine ? 'Stop' : 'Start'}: ${r.task}`}
                        onClick={() => tap.mutate({ task: r.code, starts: !mine })}
                      >
                        {mine ? 'Stop' : 'Start'}
                      </Button>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          {read.data.forgotten.map((f) => (
            <p key={f} className="soft small">
              Forgotten clock: {f}.
            </p>
          ))}
        </>
      )}
    </>
  );
}
