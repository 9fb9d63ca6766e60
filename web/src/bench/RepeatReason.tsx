import { Checkbox } from 'antd';
import type { Problem } from '../api/types';
import { TypedField } from '../quantity/TypedField';

/** Why a test is repeated: the first one stays visible, superseded, with this beside it. */
export function RepeatReason({
  needed,
  value,
  problem,
  onChange,
  corrects,
  onCorrects,
}: {
  needed: boolean;
  value: string;
  problem: Problem | undefined;
  onChange: (text: string) => void;
  /** True where a typing error is corrected: the same reading at the same moment, and no new test. */
  corrects?: boolean;
  onCorrects?: (corrects: boolean) => void;
}) {
  if (!needed) {
    return null;
  }
  return (
    <>
      <TypedField
        words
        label={
          corrects
            ? 'What was typed wrongly? The wrong figures stay on record'
            : 'Why again? The earlier one stays on record, superseded'
        }
        hint={corrects ? 'one figure too many · wrong unit' : 'after drying · wrong range · after surge'}
        value={value}
        problem={problem}
        onChange={onChange}
      />
      {onCorrects && (
        <Checkbox checked={corrects ?? false} onChange={(e) => onCorrects(e.target.checked)}>
          Same reading, typed wrongly: correct it
        </Checkbox>
      )}
    </>
  );
}
