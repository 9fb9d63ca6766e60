import { useNavigate } from 'react-router';
import { Button } from 'antd';
import type { AttemptView, Debriefing } from '../api/types';
import { plain } from '../quantity/figures';
import { useMoney } from '../settings/useSettings';
import { Mark } from '../verdict/Mark';

/** What an exercise came to: right or not, what was held, the points with their reasons, and the replay. */
export function DebriefingPanel({
  debriefing: d,
  acts,
}: {
  debriefing: Debriefing;
  /** What could be done, with its words. */
  acts: AttemptView['acts'];
}) {
  const navigate = useNavigate();
  const money = useMoney().replace(', ', ' ');
  const total = d.points.reduce((sum, p) => sum + p.got, 0);
  return (
    <>
      <section
        className="judged"
        data-verdict={d.right ? 'holds' : 'stop'}
        aria-label="Debriefing"
        aria-live="polite"
      >
        <Mark verdict={d.right ? 'holds' : 'stop'} size={40} />
        <div>
          <h2>{d.right ? `Right: ${d.truth}` : `You said ${d.answer}. It was: ${d.truth}`}</h2>
          <p>{d.lesson}</p>
        </div>
        <div className="ways">
          <b>{total} of 100 points</b>
        </div>
      </section>
      <div className="practice">
        <section aria-label="Points">
          <h2>Points</h2>
          <table className="quiet points">
            <tbody>
              {d.points.map((p) => (
                <tr key={p.part}>
                  <td>{p.part}</td>
                  <td className="n">
                    {p.got} of {p.of}
                  </td>
                  <td>{p.because}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section aria-label="Held">
          <h2>{d.unsafe.length === 0 ? 'No gate had to hold you' : 'Held by a gate'}</h2>
          {d.unsafe.map((h, n) => (
            <p key={n}>
              <b>Minute {h.atMinute}.</b> {h.unsafe?.because}. <em>{h.unsafe?.consequence}.</em>
            </p>
          ))}
          <p className="soft" style={{ marginTop: 8 }}>
            {d.minutes} min, {plain(Math.round(d.cost), 6)}
            {money}. A hand that knew: {d.shortestMinutes} min: {d.shortestWay.join(' → ')}.
          </p>
        </section>
      </div>
      <h2 style={{ marginTop: 18 }}>Replay</h2>
      <table className="quiet replay" aria-label="Replay">
        <thead>
          <tr>
            <th className="n">min</th>
            <th>you did</th>
            <th>it showed</th>
            <th>likeliest before it</th>
            <th>best look then</th>
          </tr>
        </thead>
        <tbody>
          {d.replay.map((h, n) => (
            <tr key={n} data-held={h.unsafe !== null || undefined}>
              <td className="n">{h.atMinute}</td>
              <td>{acts.find((a) => a.act === h.act)?.words ?? h.act}</td>
              <td>{h.said.join('. ')}</td>
              <td>
                {h.better === ''
                  ? '–'
                  : h.before.map((b) => `${b.label} ${Math.round(100 * b.probability)} %`).join(', ')}
              </td>
              <td>{h.better || '–'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="actions">
        <Button onClick={() => void navigate('/practice')}>All exercises</Button>
      </div>
    </>
  );
}
