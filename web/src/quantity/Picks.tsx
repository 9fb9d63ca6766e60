/** A few words to pick one from, as buttons big enough for a glove. */
export function Picks<T extends string>({
  label,
  options,
  value,
  onPick,
  disabled,
}: {
  label: string;
  options: readonly (readonly [T, string])[];
  value: T | undefined;
  onPick: (value: T) => void;
  disabled?: boolean;
}) {
  return (
    <fieldset disabled={disabled}>
      <legend>{label}</legend>
      <PickOne label={label} options={options} value={value} onPick={onPick} />
    </fieldset>
  );
}

/** The same without its legend on the page, for a line that says already what is picked; `tight` where it is short. */
export function PickOne<T extends string>({
  label,
  options,
  value,
  onPick,
  tight = false,
}: {
  label: string;
  options: readonly (readonly [T, string])[];
  value: T | undefined;
  onPick: (value: T) => void;
  tight?: boolean;
}) {
  return (
    <div className="picks" role="radiogroup" aria-label={label}>
      {options.map(([word, label]) => (
        <button
          type="button"
          key={word}
          role="radio"
          className={tight ? 'pick tight' : 'pick'}
          aria-checked={value === word}
          onClick={() => onPick(word)}
        >
          {label}
        </button>
      ))}
    </div>
  );
}

/** Words to pick any number from. */
export function ManyPicks({
  label,
  options,
  values,
  onChange,
}: {
  label: string;
  options: readonly (readonly [string, string])[];
  values: readonly string[];
  onChange: (values: string[]) => void;
}) {
  return (
    <fieldset>
      <legend>{label}</legend>
      <div className="picks">
        {options.map(([word, label]) => (
          <button
            type="button"
            key={word}
            className="pick"
            aria-pressed={values.includes(word)}
            onClick={() =>
              onChange(values.includes(word) ? values.filter((v) => v !== word) : [...values, word])
            }
          >
            {label}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
