import { lazy, Suspense } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Passport } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { megohm, ohm } from '../quantity/figures';
import { useShown } from '../quantity/units';
import { Frame } from '../shell/Frame';
import { Mark } from '../verdict/Mark';
import { Findings } from '../verdict/Findings';
import { usePassport } from './KnownMotor';
import { Loading } from '../ui/Loading';

const TrendChart = lazy(() => import('./TrendChart').then((m) => ({ default: m.TrendChart })));

/** A motor over all its visits: what failed, how its tests moved, its windings. */
export function PassportPage() {
  const { mark = '' } = useParams();
  const navigate = useNavigate();
  const passport = usePassport(mark);
  const data = passport.data;
  const newest = data?.visits[0];
  const shown = useShown();
  return (
    <Frame keys={[{ key: 'F', label: 'floor', run: () => void navigate('/') }]}>
      <main className="page" id="work">
        <ErrorNotice error={passport.error} />
        {data && !newest && <p>No motor marked {mark} was ever here.</p>}
        {data && newest && (
          <>
            <div className="head">
              <h1>Motor {data.mark}</h1>
              <span className="soft">
                {newest.machine}, {newest.customer} · {shown(newest.motor) || 'plate not read'} ·{' '}
                {data.visits.length} {data.visits.length === 1 ? 'stay' : 'visits'}
              </span>
            </div>
            <Findings findings={data.history.findings} />
            <Stays data={data} />
            {data.history.insulation.length > 1 && (
              <div className="grid2" style={{ marginTop: 18 }}>
                <Suspense fallback={<Loading />}>
                  <TrendChart
                    title="Insulation at 40 °C"
                    points={data.history.insulation}
                    show={megohm}
                    logarithmic
                  />
                  <TrendChart
                    title="Winding resistance at 25 °C"
                    points={data.history.resistance}
                    show={ohm}
                  />
                </Suspense>
              </div>
            )}
          </>
        )}
      </main>
    </Frame>
  );
}

function Stays({ data }: { data: Passport }) {
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th aria-label="worst verdict" />
          <th>job</th>
          <th>came</th>
          <th>complaint</th>
          <th>cause, answer</th>
          <th className="n">insulation</th>
          <th className="n">winding</th>
          <th>left</th>
        </tr>
      </thead>
      <tbody>
        {data.visits.map((s) => (
          <tr key={s.tag}>
            <td style={{ width: 30 }}>
              <Mark verdict={s.worst} />
            </td>
            <td className="tag">
              <Link to={`/jobs/${s.tag}`}>{s.tag}</Link>
            </td>
            <td>
              {new Date(s.receivedAt).toLocaleDateString('en-GB', {
                day: 'numeric',
                month: 'short',
                year: 'numeric',
              })}
            </td>
            <td>{s.complaint}</td>
            <td>
              {s.read.causeSpoken ?? <span className="soft">not concluded</span>}
              {s.read.answer && `, ${s.read.answer.toLowerCase()}`}
              {s.winding && <div className="small soft">{s.winding}</div>}
            </td>
            <td className="n">{s.read.insulationMegohm === null ? '–' : megohm(s.read.insulationMegohm)}</td>
            <td className="n">{s.read.windingOhmAt25C === null ? '–' : ohm(s.read.windingOhmAt25C)}</td>
            <td>{s.left ? s.left.how : 'in the shop'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
