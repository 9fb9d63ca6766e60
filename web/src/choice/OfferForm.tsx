import { Button, Input } from 'antd';
import type { Problem } from '../api/types';
import { Picks } from '../quantity/Picks';
import { toNextField, TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';
import { changed, SOURCES, wrongWith, type Offer, type OfferLine, type Offers } from './offers';

const CONDITIONS = [
  ['runHoursPerYear', 'Runs a year', 'h'],
  ['loadPercent', 'Load', '%'],
  ['energyPricePerKwh', 'A kilowatt-hour costs', ''],
  ['outageCostPerHour', 'An hour of outage costs, if not as received', ''],
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
  return (
    <>
      <p className="soft" style={{ maxWidth: 760 }}>
        A figure nobody knows exactly is written as low / likely / high, such as 6 / 8 / 14 d. The advice then
        says how often each option wins.
      </p>
      <h2 style={{ margin: '14px 0 8px' }}>Conditions</h2>
      <div className="grid3">
        {CONDITIONS.map(([field, label, unit]) => (
          <TypedField
            key={field}
            label={label}
            unit={unit}
            value={value[field] ?? ''}
            shown={shown[field]}
            problem={wrongWith(problems, field)}
            onChange={(text) => onChange({ ...value, [field]: text })}
          />
        ))}
      </div>
      {value.offers.map((o, n) => (
        <OneOffer
          key={n}
          offer={o}
          path={`offers[${n}]`}
          problems={problems}
          shown={shown}
          onChange={(part) => offer(n, part)}
          onRemove={() => onChange({ ...value, offers: value.offers.filter((_, k) => k !== n) })}
          onCopy={() =>
            onChange({
              ...value,
              offers: [...value.offers, { ...o, name: `${o.name || o.kind}, other` }],
            })
          }
        />
      ))}
    </>
  );
}

function OneOffer({
  offer: o,
  path,
  problems,
  shown,
  onChange,
  onRemove,
  onCopy,
}: {
  offer: Offer;
  path: string;
  problems: Problem[];
  shown: { [field: string]: string };
  onChange: (part: Partial<Offer>) => void;
  onRemove: () => void;
  onCopy: () => void;
}) {
  const title = o.name || o.kind;
  const line = (l: number, part: Partial<OfferLine>) =>
    onChange({ lines: o.lines.map((old, k) => (k === l ? { ...old, ...part } : old)) });
  return (
    <section className="panel" style={{ marginTop: 14 }}>
      <div className="grid2">
        <TypedField
          words
          label={`Option, ${o.kind}`}
          value={o.name ?? ''}
          problem={at(problems, `${path}.name`)}
          onChange={(name) => onChange({ name })}
        />
        <Picks
          label="From"
          value={o.source ?? SOURCES[o.kind]?.[0]?.[0]}
          options={SOURCES[o.kind] ?? []}
          onPick={(source) => onChange({ source })}
        />
      </div>
      {at(problems, `${path}.lines`) && <p className="wrong">{at(problems, `${path}.lines`)?.message}</p>}
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
          {o.lines.map((l, k) => (
            <Line
              key={k}
              line={l}
              label={`line ${k + 1}, ${title}`}
              path={`${path}.lines[${k}]`}
              problems={problems}
              onChange={(part) => line(k, part)}
              onRemove={() => onChange({ lines: o.lines.filter((_, i) => i !== k) })}
            />
          ))}
        </tbody>
      </table>
      <Button
        style={{ margin: '6px 0 10px' }}
        onClick={() =>
          onChange({ lines: [...o.lines, { task: '', quantity: '1', unit: 'piece', rate: '' }] })
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
            shown={shown[`${path}.${field}`]}
            problem={wrongWith(problems, `${path}.${field}`)}
            onChange={(text) => onChange({ [field]: text })}
          />
        ))}
        <TypedField
          label="Warranty, months"
          value={o.warrantyMonths ?? ''}
          problem={at(problems, `${path}.warrantyMonths`)}
          onChange={(warrantyMonths) => onChange({ warrantyMonths })}
        />
        <TypedField
          words
          label="Included"
          value={o.included ?? ''}
          onChange={(included) => onChange({ included })}
        />
        <TypedField
          words
          label="Not included"
          value={o.notIncluded ?? ''}
          onChange={(notIncluded) => onChange({ notIncluded })}
        />
      </div>
      <div className="actions">
        <Button onClick={onCopy}>Another like it</Button>
        <Button type="text" onClick={onRemove}>
          Take it off
        </Button>
      </div>
    </section>
  );
}

function Line({
  line: l,
  label,
  path,
  problems,
  onChange,
  onRemove,
}: {
  line: OfferLine;
  label: string;
  path: string;
  problems: Problem[];
  onChange: (part: Partial<OfferLine>) => void;
  onRemove: () => void;
}) {
  const wrong = COLUMNS.map((c) => wrongWith(problems, `${path}.${c}`)).find(Boolean);
  const asked = changed(l) || !!l.reason;
  return (
    <tr>
      {COLUMNS.map((c) => (
        <td key={c}>
          <Input
            aria-label={`${c} of ${label}`}
            value={l[c]}
            status={wrongWith(problems, `${path}.${c}`) ? 'error' : ''}
            onChange={(e) => onChange({ [c]: e.target.value })}
          />
          {c === 'task' && wrong && <span className="wrong small">{wrong.message}</span>}
          {c === 'task' && l.basis && <div className="small soft">{l.basis}</div>}
          {c === 'task' && asked && (
            <Input
              aria-label={`reason of ${label}`}
              placeholder={`Table says ${l.builtQuantity ?? ''} ${l.unit} at ${l.builtRate ?? ''}: why another figure?`}
              value={l.reason ?? ''}
              status={at(problems, `${path}.reason`) ? 'error' : ''}
              onChange={(e) => onChange({ reason: e.target.value })}
            />
          )}
        </td>
      ))}
      <td>
        <Button type="text" aria-label={`remove ${label}`} onClick={onRemove}>
          ×
        </Button>
      </td>
    </tr>
  );
}
