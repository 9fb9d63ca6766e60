import { useState } from 'react';
import type { Judgement } from '../api/types';
import { FindingPhotos } from '../photos/Photos';
import { PickOne } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { Mark } from '../verdict/Mark';
import type { FindingText } from './findingLines';
import { findingKey } from '../job/vocabulary';
import { termLabel } from '../ui/terms';

const SEVERITIES = ['slight', 'moderate', 'severe'];

const PLACES = ['drive-end', 'non-drive-end', 'winding', 'rotor', 'frame', 'terminal-box', 'coupled-side'];

/** One finding with its judgement: how bad, where, a note, photographs. */
export function FindingEntry({
  tag,
  finding,
  words,
  judged,
  change,
  remove,
}: {
  tag: string;
  finding: FindingText;
  words: string;
  judged: Judgement | undefined;
  change: (part: Partial<FindingText>) => void;
  remove: () => void;
}) {
  const [open, setOpen] = useState(finding.condition === '');
  return (
    <li>
      <Mark verdict={judged?.verdict ?? 'unproven'} />
      <div>
        <b>
          {finding.component}
          {finding.component !== finding.place && `, ${termLabel(finding.place)}`}:{' '}
          {words || finding.note || 'say what'}
        </b>
        {words && finding.note && <span> {finding.note}</span>}
        <div className="soft small">
          {judged?.next} {judged?.source}
        </div>
        <FindingPhotos tag={tag} finding={findingKey(finding)} />
        {open && (
          <div className="grid2" style={{ marginTop: 6 }}>
            <TypedField
              words
              label="Note"
              value={finding.note}
              autoFocus
              onChange={(note) => change({ note })}
            />
            <label className="field words">
              <span className="label">Where</span>
              <select
                className="plain"
                value={finding.place}
                onChange={(e) => change({ place: e.target.value })}
              >
                {PLACES.map((p) => (
                  <option key={p} value={p}>
                    {termLabel(p)}
                  </option>
                ))}
              </select>
            </label>
          </div>
        )}
      </div>
      <div className="picks">
        <PickOne
          tight
          label={`How bad: ${finding.component} ${words}`}
          options={SEVERITIES.map((s) => [s, s] as const)}
          value={finding.severity}
          onPick={(severity) => change({ severity })}
        />
        <button
          type="button"
          className="pick tight"
          aria-expanded={open}
          aria-label={`Note on ${finding.component} ${words}`}
          onClick={() => setOpen(!open)}
        >
          note
        </button>
        <button
          type="button"
          className="pick tight"
          aria-label={`Take out ${finding.component} ${words}`}
          onClick={remove}
        >
          ×
        </button>
      </div>
    </li>
  );
}
