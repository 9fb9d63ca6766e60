import { problemText } from './words';
import { Input, type InputRef } from 'antd';
import { useId, type KeyboardEvent, type ReactNode, type Ref } from 'react';
import type { Problem } from '../api/types';
import { usePreferences } from '../session/session';
import { inUsUnits } from './units';

/** What a figure without a unit means to somebody who thinks in US customary units. */
const US: Record<string, string> = { kW: 'hp', mm: 'in', m: 'ft', kg: 'lb', '°C': '°F' };

/** What was understood, with the converted figure beside it where it is another. */
function beside(shown: string): string {
  const converted = inUsUnits(shown);
  return converted === shown || shown.includes(' · ') ? shown : `${shown} · ${converted}`;
}

/** Enter goes to the next reading, as a hand with a glove on expects. */
export function toNextField(event: KeyboardEvent<HTMLElement>) {
  if (event.key !== 'Enter') {
    return;
  }
  const form = event.currentTarget.closest('form');
  const fields = form ? Array.from(form.querySelectorAll<HTMLElement>('input, textarea')) : [];
  const at = fields.findIndex((f) => f === event.target);
  const next = fields.slice(at + 1).find((f) => !(f as HTMLInputElement).disabled && f.tabIndex >= 0);
  if (at >= 0 && next) {
    event.preventDefault();
    next.focus();
  }
}

/** A field for a figure with or without its unit, with what was understood and what is wrong beside it. */
export function TypedField({
  label,
  value,
  onChange,
  unit,
  shown,
  problem,
  note,
  words,
  hint,
  disabled,
  inputRef,
  autoFocus,
  list,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  unit?: string | undefined;
  shown?: string | undefined;
  problem?: Problem | undefined;
  note?: ReactNode;
  words?: boolean;
  hint?: string | undefined;
  disabled?: boolean;
  inputRef?: Ref<InputRef>;
  autoFocus?: boolean;
  /** What was written here before, to choose from. */
  list?: string[] | undefined;
}) {
  const id = useId();
  const { units } = usePreferences();
  const understood = units === 'us-customary' && shown ? beside(shown) : shown;
  const said = problem ? undefined : (understood ?? note);
  const meant = unit && units === 'us-customary' ? (US[unit] ?? unit) : unit;
  return (
    <label className={words ? 'field words' : 'field'} htmlFor={id}>
      <span className="label">
        {label}
        {meant && <span className="figure small">{meant}</span>}
      </span>
      <Input
        id={id}
        ref={inputRef ?? null}
        value={value}
        placeholder={hint}
        disabled={disabled}
        autoFocus={autoFocus}
        inputMode={words ? 'text' : 'decimal'}
        autoComplete="off"
        {...(list ? { list: `${id}-list` } : {})}
        status={problem ? 'error' : ''}
        aria-invalid={problem ? true : undefined}
        aria-describedby={`${id}-said`}
        onChange={(e) => onChange(e.target.value)}
        onKeyDown={toNextField}
      />
      {list && (
        <datalist id={`${id}-list`}>
          {list.map((entry) => (
            <option key={entry} value={entry} />
          ))}
        </datalist>
      )}
      <span id={`${id}-said`}>
        {problem ? (
          <span className="wrong">{problemText(problem, label)}</span>
        ) : (
          <span className="said">{said}</span>
        )}
      </span>
    </label>
  );
}
