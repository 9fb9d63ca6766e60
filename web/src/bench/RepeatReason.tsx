import type { Problem } from '../api/types';
import { TypedField } from '../quantity/TypedField';

/** Why a test is repeated: the first one stays visible, superseded, with this beside it. */
export function RepeatReason({
  needed,
  value,
  problem,
  onChange,
}: {
  needed: boolean;
  value: string;
  problem: Problem | undefined;
  onChange: (text: string) => void;
}) {
  if (!needed) {
    return null;
  }
  return (
    <TypedField
      words
      label="Why again? The earlier one stays on record, superseded"
      hint="after drying · wrong range · after surge"
      value={value}
      problem={problem}
      onChange={onChange}
    />
  );
}
