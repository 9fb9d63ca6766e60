import { Button, Checkbox, Input, Select } from 'antd';
import type { FormField, Problem, Typed } from '../api/types';
import { at } from '../ui/preview';
import { TypedField } from '../quantity/TypedField';
import { problemText } from '../quantity/words';
import { termLabel } from '../ui/terms';

interface Part {
  path: string;
  shown: { [field: string]: string };
  problems: Problem[];
}

/** The form a worksheet asks for, drawn from its own description. */
export function FieldsForm({
  fields,
  value,
  onChange,
  ...part
}: Part & { fields: FormField[]; value: Typed; onChange: (next: Typed) => void }) {
  return (
    <div className={part.path.endsWith(']') ? 'row' : 'grid2'}>
      {fields.map((f) => (
        <OneField
          key={f.name}
          {...part}
          field={f}
          value={value[f.name]}
          onChange={(v) => onChange({ ...value, [f.name]: v })}
        />
      ))}
    </div>
  );
}

function OneField({
  field,
  value,
  onChange,
  ...part
}: Part & { field: FormField; value: unknown; onChange: (value: unknown) => void }) {
  const path = part.path ? `${part.path}.${field.name}` : field.name;
  const problem = at(part.problems, path);
  const label = field.optional ? `${field.label} (may be empty)` : field.label;
  switch (field.kind) {
    case 'flag':
      if (field.optional) {
        return <Flag label={field.label} value={value} onChange={onChange} />;
      }
      return (
        <div className="field">
          <span className="label">&nbsp;</span>
          <Checkbox
            style={{ minHeight: 44, alignItems: 'center' }}
            checked={value === true}
            onChange={(e) => onChange(e.target.checked)}
          >
            {field.label}
          </Checkbox>
        </div>
      );
    case 'word':
    case 'words':
      return (
        <label className="field words">
          <span className="label">{label}</span>
          <Select
            {...(field.kind === 'words' ? { mode: 'multiple' as const } : { allowClear: field.optional })}
            style={{ width: '100%' }}
            value={value as string}
            options={field.words.map((w) => ({ value: w, label: termLabel(w) }))}
            onChange={(v: unknown) => onChange(v ?? '')}
          />
          <span className="wrong">{problem && problemText(problem, field.label)}</span>
        </label>
      );
    case 'series':
    case 'texts':
    case 'pairs':
      return (
        <Series
          kind={field.kind}
          unit={field.unit}
          label={label}
          path={path}
          value={value}
          problems={part.problems}
          onChange={onChange}
        />
      );
    case 'rows':
      return <Rows {...part} path={path} field={field} value={value} onChange={onChange} />;
    case 'group':
      return (
        <fieldset style={{ gridColumn: '1 / -1' }}>
          <legend>{field.label}</legend>
          <FieldsForm
            {...part}
            path={path}
            fields={field.columns}
            value={(value as Typed) ?? {}}
            onChange={onChange}
          />
        </fieldset>
      );
    default:
      return (
        <TypedField
          words={field.kind === 'text'}
          label={label}
          unit={field.unit}
          value={(value as string) ?? ''}
          shown={part.shown[path]}
          problem={problem}
          onChange={onChange}
        />
      );
  }
}

/** Yes, no, or not known yet. */
function Flag({
  label,
  value,
  onChange,
}: {
  label: string;
  value: unknown;
  onChange: (value: unknown) => void;
}) {
  return (
    <label className="field words">
      <span className="label">{label} (may be empty)</span>
      <Select
        allowClear
        style={{ width: '100%' }}
        value={value === true ? 'yes' : value === false ? 'no' : undefined}
        options={['yes', 'no'].map((w) => ({ value: w, label: w }))}
        onChange={(v: string | undefined) => onChange(v === undefined ? undefined : v === 'yes')}
      />
    </label>
  );
}

function plainField(f: FormField): boolean {
  return f.kind === 'figure' || f.kind === 'word' || f.kind === 'text' || (f.kind === 'flag' && f.optional);
}

function Rows({
  field,
  value,
  onChange,
  ...part
}: Part & { field: FormField; value: unknown; onChange: (value: unknown) => void }) {
  const rows = Array.isArray(value) ? (value as Typed[]) : [];
  const own = at(part.problems, part.path);
  const oneLine = field.columns.every(plainField);
  return (
    <fieldset style={{ gridColumn: '1 / -1' }}>
      <legend>{field.label}</legend>
      {own && <p className="wrong">{problemText(own, field.label)}</p>}
      {rows.map((row, n) => (
        // Headings once, above the first row, where a row is one line of plain fields.
        <div
          key={n}
          className={n > 0 && oneLine ? 'below' : undefined}
          style={oneLine ? undefined : { marginBottom: 14 }}
        >
          <FieldsForm
            {...part}
            path={`${part.path}[${n}]`}
            fields={field.columns}
            value={row}
            onChange={(next) => onChange(rows.map((r, k) => (k === n ? next : r)))}
          />
        </div>
      ))}
      <Button onClick={() => onChange([...rows, {}])}>One more</Button>{' '}
      {rows.length > 0 && <Button onClick={() => onChange(rows.slice(0, -1))}>One less</Button>}
    </fieldset>
  );
}

type SeriesKind = 'series' | 'texts' | 'pairs';

/** What stands between two blanks, as the sheet wants it: a figure where it is one, a text, or a pair "1-4". */
export function readWord(kind: SeriesKind, word: string): unknown {
  if (kind === 'pairs') {
    return word.split('-');
  }
  return kind === 'series' && Number.isFinite(Number(word)) ? Number(word) : word;
}

/** A run of figures, marks or pairs, one after the other, parted by blanks or lines. */
function Series({
  kind,
  unit,
  label,
  path,
  value,
  problems,
  onChange,
}: {
  kind: SeriesKind;
  unit: string;
  label: string;
  path: string;
  value: unknown;
  problems: Problem[];
  onChange: (value: unknown) => void;
}) {
  const list: unknown[] = Array.isArray(value) ? value : [];
  const wrong = problems.find((p) => p.field === path || p.field.startsWith(`${path}[`));
  return (
    <label className={kind === 'pairs' && unit ? 'field words wide' : 'field words'}>
      <span className="label">
        {label}
        {kind === 'pairs' && (unit ? `, ${unit}, a plane a line, as 65.01-65.02` : ', pairs as 1-4')}{' '}
        <span className="figure small">{list.length}</span>
      </span>
      <Input.TextArea
        rows={kind === 'series' && list.length > 20 ? 4 : 2}
        style={{ fontFamily: 'var(--mono)' }}
        defaultValue={list.map((v) => (Array.isArray(v) ? v.join('-') : String(v))).join(unit ? '\n' : ' ')}
        onChange={(e) => {
          const words = e.target.value.split(/\s+/).filter(Boolean);
          onChange(words.length === 0 && kind === 'series' ? undefined : words.map((w) => readWord(kind, w)));
        }}
      />
      <span className="wrong">{wrong && problemText(wrong, label)}</span>
    </label>
  );
}
