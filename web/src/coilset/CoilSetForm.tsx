import { Button } from 'antd';
import type { CoilSetResult, Problem } from '../api/types';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';
import { NO_WIRE, WIRE_FIELDS, type WireText } from '../winding/takeText';
import { SET_FIELDS, type CoilText, type SetText } from './coilSetText';

const COIL_FIELDS = [
  ['spanSlots', 'Span, as 1 to 8', ''],
  ['turns', 'Turns', ''],
] as const;

/** One set of coils: what it is for, its figures, its coils from the outermost in, its wire. */
export function CoilSetForm({
  path,
  set,
  result,
  shown,
  problems,
  put,
  remove,
}: {
  path: string;
  set: SetText;
  result: CoilSetResult | undefined;
  shown: Record<string, string>;
  problems: Problem[];
  put: (part: Partial<SetText>) => void;
  remove: (() => void) | undefined;
}) {
  const three = set.purpose === 'three-phase';
  return (
    <fieldset>
      <legend>
        {result?.label ?? set.purpose}
        {result && result.missing.length > 0 && (
          <span className="soft small"> · not taken yet: {result.missing.join(', ')}</span>
        )}
      </legend>
      <Picks
        label="This set is"
        value={set.purpose}
        options={[
          ['three-phase', 'Three-phase'],
          ['main', 'Main winding'],
          ['start', 'Start winding'],
        ]}
        onPick={(purpose) => put(purpose === 'three-phase' ? { purpose } : { purpose, connection: '' })}
      />
      <div className="grid3">
        {SET_FIELDS.filter(([f]) => f !== 'firstSlot' || !three).map(([f, label, unit]) => (
          <TypedField
            key={f}
            label={label}
            unit={unit}
            value={set[f] ?? ''}
            shown={shown[`${path}.${f}`]}
            problem={at(problems, `${path}.${f}`)}
            onChange={(text) => put({ [f]: text })}
          />
        ))}
      </div>
      {three && (
        <Picks
          label="Connected in"
          value={set.connection}
          options={[
            ['wye', 'Wye'],
            ['delta', 'Delta'],
          ]}
          onPick={(connection) => put({ connection })}
        />
      )}
      <Rows<CoilText>
        title="Coils of a group, from the outermost in"
        another="Another coil"
        less="One coil less"
        rows={set.coils ?? []}
        fields={COIL_FIELDS}
        empty={{ spanSlots: '', turns: '' }}
        path={`${path}.coils`}
        shown={shown}
        problems={problems}
        onChange={(coils) => put({ coils })}
      />
      <Rows<WireText>
        title="Wires in hand"
        another="Another size"
        less="One size less"
        rows={set.strands ?? []}
        fields={WIRE_FIELDS}
        empty={NO_WIRE}
        path={`${path}.strands`}
        shown={shown}
        problems={problems}
        onChange={(strands) => put({ strands })}
      />
      {remove && <Button onClick={remove}>Take this set out</Button>}
    </fieldset>
  );
}

/** Rows of figures, as many as were asked for. */
function Rows<T extends { [K in keyof T]: string }>({
  title,
  another,
  less,
  rows,
  fields,
  empty,
  path,
  shown,
  problems,
  onChange,
}: {
  title: string;
  another: string;
  less: string;
  rows: T[];
  fields: readonly (readonly [keyof T & string, string, string])[];
  empty: T;
  path: string;
  shown: Record<string, string>;
  problems: Problem[];
  onChange: (rows: T[]) => void;
}) {
  return (
    <div role="group" aria-label={title} style={{ marginBottom: 12 }}>
      <h3>{title}</h3>
      {rows.map((row, n) => (
        <div className="grid3" key={n}>
          {fields.map(([f, label, unit]) => (
            <TypedField
              key={f}
              label={label}
              unit={unit}
              value={row[f]}
              shown={shown[`${path}[${n}].${f}`]}
              problem={at(problems, `${path}[${n}].${f}`)}
              onChange={(text) => onChange(rows.map((r, k) => (k === n ? { ...r, [f]: text } : r)))}
            />
          ))}
        </div>
      ))}
      <Button onClick={() => onChange([...rows, empty])}>{another}</Button>{' '}
      {rows.length > 0 && <Button onClick={() => onChange(rows.slice(0, -1))}>{less}</Button>}
    </div>
  );
}
