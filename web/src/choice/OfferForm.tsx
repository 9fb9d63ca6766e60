import { Button, Input } from 'antd';
import type { Problem } from '../api/types';
import { at } from '../ui/preview';
import { toNextField, TypedField } from '../quantity/TypedField';

export interface OfferLine {
  task: string;
  quantity: string;
  unit: string;
  rate: string;
}

export interface Offer {
  kind: string;
  lines: OfferLine[];
  leadTimeHours: string;
  efficiencyPercent: string;
  expectedLifeYears: string;
}

export interface Offers {
  discountRatePercent: string;
  energyPricePerKwh: string;
  loadPercent: string;
  runHoursPerYear: string;
  offers: Offer[];
}

const CONDITIONS = [
  ['runHoursPerYear', 'Runs a year', 'h'],
  ['loadPercent', 'Load', '%'],
  ['energyPricePerKwh', 'A kilowatt-hour costs', ''],
  ['discountRatePercent', 'Interest', '%'],
] as const;

const TERMS = [
  ['leadTimeHours', 'Lead time', 'h or d'],
  ['efficiencyPercent', 'Efficiency after', '%'],
  ['expectedLifeYears', 'Lasts', 'years'],
] as const;

const COLUMNS = ['task', 'quantity', 'unit', 'rate'] as const;

/** Prices line by line, lead times, lives and the conditions they are compared under. */
export function OfferForm({
  value,
  problems,
  shown,
  onChange,
}: {
  value: Offers;
  problems: Problem[];
  shown: { [field: string]: string };
  onChange: (next: Offers) => void;
}) {
  const offer = (n: number, part: Partial<Offer>) =>
    onChange({ ...value, offers: value.offers.map((o, k) => (k === n ? { ...o, ...part } : o)) });
  const line = (n: number, l: number, part: Partial<OfferLine>) =>
    offer(n, {
      lines: (value.offers[n]?.lines ?? []).map((old, k) => (k === l ? { ...old, ...part } : old)),
    });
  return (
    <>
      <h2 style={{ margin: '20px 0 8px' }}>Conditions</h2>
      <div className="grid2">
        {CONDITIONS.map(([field, label, unit]) => (
          <TypedField
            key={field}
            label={label}
            unit={unit}
            value={value[field]}
            shown={shown[field]}
            problem={at(problems, field)}
            onChange={(text) => onChange({ ...value, [field]: text })}
          />
        ))}
      </div>
      {value.offers.map((o, n) => (
        <section key={o.kind} className="panel" style={{ marginTop: 14 }}>
          <h2 style={{ textTransform: 'capitalize' }}>{o.kind}</h2>
          <table className="quiet lines" onKeyDown={toNextField}>
            <thead>
              <tr>
                <th>line</th>
                <th>how much</th>
                <th>of</th>
                <th>at</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {o.lines.map((l, k) => {
                const wrong = COLUMNS.map((c) => at(problems, `offers[${n}].lines[${k}].${c}`)).find(Boolean);
                return (
                  <tr key={k}>
                    {COLUMNS.map((c) => (
                      <td key={c}>
                        <Input
                          aria-label={`${c} of line ${k + 1}, ${o.kind}`}
                          value={l[c]}
                          status={at(problems, `offers[${n}].lines[${k}].${c}`) ? 'error' : ''}
                          onChange={(e) => line(n, k, { [c]: e.target.value })}
                        />
                        {c === 'task' && wrong && <span className="wrong small">{wrong.message}</span>}
                      </td>
                    ))}
                    <td>
                      <Button
                        type="text"
                        aria-label={`remove line ${k + 1} of ${o.kind}`}
                        onClick={() => offer(n, { lines: o.lines.filter((_, i) => i !== k) })}
                      >
                        ×
                      </Button>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          <Button
            style={{ margin: '6px 0 10px' }}
            onClick={() =>
              offer(n, { lines: [...o.lines, { task: '', quantity: '1', unit: 'piece', rate: '' }] })
            }
          >
            Another line
          </Button>
          <div className="grid3">
            {TERMS.map(([field, label, unit]) => (
              <TypedField
                key={field}
                label={label}
                unit={unit}
                value={o[field]}
                shown={shown[`offers[${n}].${field}`]}
                problem={at(problems, `offers[${n}].${field}`)}
                onChange={(text) => offer(n, { [field]: text })}
              />
            ))}
          </div>
        </section>
      ))}
    </>
  );
}
