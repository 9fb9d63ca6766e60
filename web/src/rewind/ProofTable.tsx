import { Link } from 'react-router';
import type { JobView } from '../api/types';
import { useShown } from '../quantity/units';
import { Mark, verdictWord } from '../verdict/Mark';

type Proof = JobView['proof'];

/** Each test as received, before varnish, now, and as predicted, with its verdict. */
export function ProofTable({ tag, proof, bare = false }: { tag: string; proof: Proof; bare?: boolean }) {
  const shown = useShown();
  return (
    <table className="quiet proof" aria-label={bare ? 'Proof before varnish' : 'Proof'}>
      <thead>
        <tr>
          <th>test</th>
          <th className="n">as received</th>
          {!bare && <th className="n">before varnish</th>}
          <th className="n">{bare ? 'measured' : 'now'}</th>
          <th className="n">predicted</th>
          <th>judged</th>
        </tr>
      </thead>
      <tbody>
        {proof.rows.map((r) => (
          <tr key={r.step}>
            <td>
              <Link to={`/jobs/${tag}/${r.step}`}>{r.test}</Link>
              <div className="soft small">
                {r.figure}
                {r.simulated && <b className="lose"> simulated</b>}
              </div>
            </td>
            <td className="n">{shown(r.received ?? '–')}</td>
            {!bare && <td className="n">{shown(r.bare ?? '–')}</td>}
            <td className="n">{shown(r.now ?? '–')}</td>
            <td className="n">{shown(r.predicted ?? '–')}</td>
            <td>
              <Mark verdict={r.judgement.verdict} size={18} /> <b>{verdictWord(r.judgement.verdict)}</b>{' '}
              {shown(r.judgement.headline)}
              {r.worse && <div className="lose">{shown(r.worse)}</div>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
