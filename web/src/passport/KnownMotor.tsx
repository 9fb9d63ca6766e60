import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { call } from '../api/http';
import type { Passport } from '../api/types';
import { Findings } from '../verdict/Findings';
import { Mark } from '../verdict/Mark';

export function usePassport(serial: string) {
  return useQuery({
    queryKey: ['motor', serial],
    queryFn: () => call<Passport>('GET', `/api/motors/${encodeURIComponent(serial)}`),
    enabled: serial.trim().length > 0,
  });
}

/** That this motor was here before, and what failed last time; nothing for one that never was. */
export function KnownMotor({ serial, except }: { serial: string; except?: string }) {
  const passport = usePassport(serial);
  const data = passport.data;
  const before = data?.visits.filter((s) => s.tag !== except) ?? [];
  if (!data || before.length === 0) {
    return null;
  }
  return (
    <section className="panel known" aria-label="This motor was here before">
      <div className="head" style={{ marginBottom: 6 }}>
        <h2>This motor was here before</h2>
        <Link to={`/motors/${data.mark}`}>its passport</Link>
      </div>
      {data.history.findings.length > 0 ? (
        <Findings findings={data.history.findings} />
      ) : (
        <ul className="findings">
          {before.slice(0, 2).map((s) => (
            <li key={s.tag}>
              <Mark verdict={s.worst} />
              <span>
                <b>{s.tag}:</b> {s.read.causeSpoken ?? (s.complaint || 'no cause concluded')}
                {s.read.answer && `, ${s.read.answer.toLowerCase()}`}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
