import type { ChoiceReading } from '../api/types';
import { hours, plain } from '../quantity/figures';

type Flip = ChoiceReading['flips'][number];

/** Reasons beside money, each with what it does. */
export function Reasons({ choice }: { choice: ChoiceReading }) {
  if (choice.reasons.length === 0) {
    return null;
  }
  return (
    <section aria-label="Reasons beside money">
      <h3 style={{ margin: '16px 0 4px' }}>Beside money</h3>
      <table className="quiet">
        <tbody>
          {choice.reasons.map((r) => (
            <tr key={r.words}>
              <td style={{ width: '44%' }}>{r.words}</td>
              <td className="soft">{r.effect}</td>
              <td style={{ whiteSpace: 'nowrap' }}>
                {r.moves ? <b>moves the advice</b> : 'does not move it'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** The value of each figure at which the advice turns. */
export function FlipList({ flips }: { flips: Flip[] }) {
  if (flips.length === 0) {
    return null;
  }
  const show = (f: Flip, figure: number) =>
    f.unit === 'h' && f.figure.startsWith('Lead')
      ? hours(figure)
      : `${plain(figure, 3)}${f.unit ? ` ${f.unit}` : ''}`;
  return (
    <section aria-label="What would flip it">
      <h3 style={{ margin: '16px 0 4px' }}>What would flip it</h3>
      <table className="quiet">
        <thead>
          <tr>
            <th>one figure, the others as they are</th>
            <th className="n">now</th>
            <th className="n">turns</th>
            <th>then cheapest</th>
            <th className="n">how likely</th>
          </tr>
        </thead>
        <tbody>
          {flips.map((f) => (
            <tr key={`${f.figure} ${String(f.above)}`}>
              <td>{f.figure}</td>
              <td className="n">{show(f, f.now)}</td>
              <td className="n">
                {f.above ? 'over ' : 'under '}
                {show(f, f.at)}
              </td>
              <td>{f.to}</td>
              <td className="n">
                {f.chancePercent === null ? (
                  <span className="soft">one figure given</span>
                ) : (
                  `${plain(f.chancePercent, 2)} of 100`
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
