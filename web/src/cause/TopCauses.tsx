import type { Ranking } from '../api/types';
import { chance } from '../quantity/figures';

/** The leading explanations with their shares of belief. */
export function TopCauses({ ranking, count = 3 }: { ranking: Ranking; count?: number }) {
  return (
    <>
      {ranking.ranking.slice(0, count).map((r) => (
        <div key={r.explanation}>
          <div className="like">
            <span>{r.label}</span>
            <b>{chance(r.probability)}</b>
          </div>
          <div className="bar">
            <i style={{ width: `${100 * r.probability}%` }} />
          </div>
        </div>
      ))}
    </>
  );
}
