import type { Problem } from '../api/types';
import { TypedField } from '../quantity/TypedField';
import type { State } from './plateText';

const STATES: [State, string][] = [
  ['read', 'read'],
  ['worn', 'worn, doubtful'],
  ['missing', 'not there'],
  ['estimated', 'estimated'],
];

/** A figure of the plate with how it was come by. */
export function StateField({
  label,
  unit,
  hint,
  value,
  shown,
  problem,
  state,
  range,
  estimable,
  words = false,
  onChange,
  onState,
}: {
  label: string;
  unit?: string;
  hint?: string;
  value: string;
  shown?: string | undefined;
  problem?: Problem | undefined;
  state: State;
  /** Least to most, when it is estimated. */
  range?: string | undefined;
  estimable: boolean;
  words?: boolean;
  onChange: (text: string) => void;
  /** Absent while the whole plate can be read. */
  onState?: ((state: State) => void) | undefined;
}) {
  return (
    <div className="statefield" data-state={onState ? state : 'read'}>
      <TypedField
        label={label}
        unit={unit}
        hint={state === 'missing' ? 'not on the plate' : hint}
        value={value}
        shown={shown}
        problem={problem}
        note={state === 'estimated' && range ? `estimated, ${range}` : undefined}
        disabled={state === 'missing'}
        words={words}
        onChange={onChange}
      />
      {onState && (
        <select
          aria-label={`${label}: how it was come by`}
          value={state}
          onChange={(e) => onState(e.target.value as State)}
        >
          {STATES.filter(([s]) => estimable || s !== 'estimated').map(([s, word]) => (
            <option key={s} value={s}>
              {word}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}
