import { Button } from 'antd';
import { useState } from 'react';
import type { Problem, SettingsView } from '../api/types';
import { plain } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';
import type { SettingsText } from './settingsText';

/** Limits that the shop changed, each with its reason; the others are offered. */
export function Limits({
  view,
  rows,
  locked,
  problems,
  onChange,
}: {
  view: SettingsView;
  rows: SettingsText['limits'];
  locked: boolean;
  problems: Problem[];
  onChange: (rows: SettingsText['limits']) => void;
}) {
  const [adding, setAdding] = useState('');
  const free = view.limits.filter((l) => rows.every((r) => r.limit !== l.limit));
  return (
    <>
      <h3 style={{ margin: '16px 0 6px' }}>Limits this shop changed</h3>
      {rows.length === 0 && <p className="soft small">None: every limit is the one its source gives.</p>}
      {rows.map((row, n) => {
        const limit = view.limits.find((l) => l.limit === row.limit);
        return (
          <div className="grid3" key={row.limit}>
            <div>
              <b>{limit?.label}</b>
              <div className="small soft">
                {plain(limit?.standard ?? 0)} {limit?.unit} by {limit?.source}
              </div>
            </div>
            <TypedField
              label="Shop’s figure"
              unit={limit?.unit}
              value={row.figure}
              disabled={locked}
              problem={at(problems, `limits[${n}].figure`)}
              onChange={(figure) => onChange(rows.map((r, k) => (k === n ? { ...r, figure } : r)))}
            />
            <div>
              <TypedField
                words
                label="Reason or source"
                value={row.reason}
                disabled={locked}
                problem={at(problems, `limits[${n}].reason`)}
                onChange={(reason) => onChange(rows.map((r, k) => (k === n ? { ...r, reason } : r)))}
              />
              {!locked && (
                <Button type="text" onClick={() => onChange(rows.filter((_, k) => k !== n))}>
                  Back to {plain(limit?.standard ?? 0)} {limit?.unit}
                </Button>
              )}
            </div>
          </div>
        );
      })}
      {!locked && (
        <select
          className="plain"
          style={{ maxWidth: 460 }}
          aria-label="Change a limit"
          value={adding}
          onChange={(e) => {
            onChange([...rows, { limit: e.target.value, figure: '', reason: '' }]);
            setAdding('');
          }}
        >
          <option value="">Change a limit …</option>
          {free.map((l) => (
            <option key={l.limit} value={l.limit}>
              {l.label}: {plain(l.standard)} {l.unit}
            </option>
          ))}
        </select>
      )}
    </>
  );
}
