import { Button } from 'antd';
import type { PlateEstimate, Problem } from '../api/types';
import { at } from '../ui/preview';
import { TypedField } from '../quantity/TypedField';
import { useShown } from '../quantity/units';
import { CLUES, type CluesText } from './plateText';

/** What a motor without a plate tells by itself, and the estimate that comes of it. */
export function EstimatePanel({
  clues,
  estimate,
  shown,
  problems,
  onChange,
  onTake,
}: {
  clues: CluesText;
  estimate: PlateEstimate | null | undefined;
  shown: Record<string, string>;
  problems: Problem[];
  onChange: (clues: CluesText) => void;
  onTake: (figures: PlateEstimate['figures']) => void;
}) {
  const figures = estimate?.figures ?? [];
  const say = useShown();
  return (
    <section className="panel" aria-label="What the motor itself tells">
      <h2>What the motor itself tells</h2>
      <p className="soft small" style={{ margin: '2px 0 10px' }}>
        Every clue gives a range of powers; where they meet lies the estimate. Never power a motor to learn
        its current before the gate is open.
      </p>
      <div className="grid3">
        {CLUES.map(([field, label, unit, hint]) => (
          <TypedField
            key={field}
            label={label}
            unit={unit}
            hint={hint}
            value={clues[field]}
            shown={shown[`clues.${field}`]}
            problem={at(problems, `clues.${field}`)}
            onChange={(text) => onChange({ ...clues, [field]: text })}
          />
        ))}
      </div>
      {estimate && estimate.clues.length > 0 && (
        <table className="quiet small">
          <thead>
            <tr>
              <th>clue</th>
              <th>says</th>
              <th>by</th>
            </tr>
          </thead>
          <tbody>
            {estimate.clues.map((c) => (
              <tr key={c.name}>
                <td>{say(c.name)}</td>
                <td className="n">{say(c.says)}</td>
                <td className="soft">{c.source}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {estimate?.contradictions.map((c) => (
        <p key={c} className="caution">
          {c}
        </p>
      ))}
      {figures.length > 0 && (
        <>
          <div className="estimates">
            {figures.map((f) => (
              <div key={f.field}>
                <b className="figure">≈ {say(f.likeliest)}</b>
                <span className="small soft">{say(f.range)}</span>
              </div>
            ))}
          </div>
          <Button onClick={() => onTake(figures)}>Take these, marked as estimated</Button>
        </>
      )}
    </section>
  );
}
