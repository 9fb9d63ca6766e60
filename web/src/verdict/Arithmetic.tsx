import type { Step } from '../api/types';
import { plain } from '../quantity/figures';

/** The formula lines of a result, with the figures put in and the source of each. */
export function Arithmetic({ steps, open = false }: { steps: Step[]; open?: boolean }) {
  return (
    <details open={open}>
      <summary>Show the arithmetic</summary>
      <table className="quiet">
        <thead>
          <tr>
            <th>what</th>
            <th>formula</th>
            <th className="n">value</th>
            <th>source</th>
          </tr>
        </thead>
        <tbody>
          {steps.map((s) => (
            <tr key={s.name}>
              <td>{s.name}</td>
              <td>
                <span className="figure small">{s.formula}</span>
                {s.figures && <div className="figure small soft">= {s.figures}</div>}
              </td>
              <td className="n">
                {plain(s.value)} {s.unit}
              </td>
              <td className="small soft">{s.source}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
