import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { call } from '../api/http';
import type { EarlierTest, JobView } from '../api/types';
import { moment } from '../quantity/figures';
import { useShown } from '../quantity/units';
import { Mark } from '../verdict/Mark';

/** The same test at earlier visits of this motor, as it was judged then. */
export function Earlier({ job, kind, speed = 1 }: { job: JobView; kind: string; speed?: number }) {
  const tag = job.identity.tag;
  const shown = useShown();
  const past = useQuery({
    queryKey: ['earlier', tag, kind, speed],
    queryFn: () => call<EarlierTest[]>('GET', `/api/jobs/${tag}/tests/${kind}/earlier?speed=${speed}`),
    enabled: job.identity.mark !== '',
    staleTime: 60_000,
  });
  if (!past.data?.length) {
    return null;
  }
  return (
    <section aria-label="This motor before" style={{ margin: '14px 0' }}>
      <h3>This motor before</h3>
      <table className="quiet">
        <tbody>
          {past.data.map((e) => (
            <tr key={e.tag}>
              <td style={{ width: 30 }}>
                <Mark verdict={e.verdict} size={20} />
              </td>
              <td style={{ whiteSpace: 'nowrap' }}>
                <Link to={`/jobs/${e.tag}`}>{e.tag}</Link>, {moment(e.at)}
              </td>
              <td>{shown(e.headline)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
