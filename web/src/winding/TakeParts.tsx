import { Button } from 'antd';
import { useState } from 'react';
import type { SheetPreview } from '../api/types';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';
import {
  filledWires,
  NO_WIRE,
  SLOT_FIELDS,
  WIRE_FIELDS,
  type SlotText,
  type TakeText,
  type WireText,
} from './takeText';

/** Coils of each group, where they are uneven. */
export function Groups({
  value,
  problem,
  set,
}: {
  value: string[];
  problem: string | undefined;
  set: (part: Partial<TakeText>) => void;
}) {
  const [text, setText] = useState(value.join(' '));
  const own =
    text
      .split(/[\s,;-]+/)
      .filter(Boolean)
      .join(' ') === value.join(' ');
  return (
    <TypedField
      words
      label="Coils of each group as they lie, where they are uneven"
      hint="3 2 3 2, from lead 1 clockwise"
      value={own ? text : value.join(' ')}
      problem={problem ? { field: 'groupPattern', code: 'contradiction', message: problem } : undefined}
      onChange={(typed) => {
        setText(typed);
        set({ groupPattern: typed.split(/[\s,;-]+/).filter(Boolean) });
      }}
    />
  );
}

/** The slot as it was measured, drawn to scale beside its figures. */
export function Slot({
  slot,
  preview,
  problems,
  set,
}: {
  slot: SlotText;
  preview: SheetPreview | undefined;
  problems: Parameters<typeof at>[0];
  set: (part: Partial<TakeText>) => void;
}) {
  return (
    <div className="slot-section">
      <div>
        <div className="grid2">
          {SLOT_FIELDS.map(([f, label, unit]) => (
            <TypedField
              key={f}
              label={label}
              unit={unit}
              value={slot[f] ?? ''}
              shown={preview?.shown[`slot.${f}`]}
              problem={at(problems, `slot.${f}`)}
              onChange={(text) => set({ slot: { ...slot, [f]: text } })}
            />
          ))}
        </div>
        <Picks
          label="Bottom of the slot"
          value={slot.bottom}
          options={[
            ['flat', 'Flat'],
            ['round', 'Round'],
          ]}
          onPick={(bottom) => set({ slot: { ...slot, bottom } })}
        />
      </div>
      {preview?.slot && (
        <img
          alt="Section of the slot to scale"
          src={`data:image/svg+xml;utf8,${encodeURIComponent(preview.slot)}`}
        />
      )}
    </div>
  );
}

/** Wires in hand by size, as many rows as there are sizes. */
export function Wires({
  wires,
  preview,
  problems,
  set,
}: {
  wires: WireText[];
  preview: SheetPreview | undefined;
  problems: Parameters<typeof at>[0];
  set: (part: Partial<TakeText>) => void;
}) {
  // One empty row to begin with, and as many as were asked for; only filled ones are part of the take.
  const [rows, setRows] = useState(Math.max(1, wires.length));
  const shown = Array.from({ length: Math.max(rows, wires.length) }, (_, n) => wires[n] ?? NO_WIRE);
  const put = (n: number, part: Partial<WireText>) =>
    set({ strands: filledWires(shown.map((w, k) => (k === n ? { ...w, ...part } : w))) });
  return (
    <>
      {shown.map((w, n) => (
        <div className="grid3" key={n}>
          {WIRE_FIELDS.map(([f, label, unit]) => (
            <TypedField
              key={f}
              label={label}
              unit={unit}
              value={w[f]}
              shown={preview?.shown[`strands[${n}].${f}`]}
              problem={at(problems, `strands[${n}].${f}`)}
              onChange={(text) => put(n, { [f]: text })}
            />
          ))}
        </div>
      ))}
      <Button style={{ marginBottom: 16 }} onClick={() => setRows(shown.length + 1)}>
        Another size in hand
      </Button>{' '}
      {shown.length > 1 && (
        <Button
          onClick={() => {
            setRows(shown.length - 1);
            set({ strands: filledWires(shown.slice(0, -1)) });
          }}
        >
          One size less
        </Button>
      )}
    </>
  );
}
