import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { RackLot, RackView } from '../api/types';
import { plain } from '../quantity/figures';
import { PickOne } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { ErrorNotice } from '../ui/ErrorNotice';
import { at } from '../ui/preview';

const FIELDS = [
  ['size', 'Size with its unit', '', '0.95 mm, AWG 18.5'],
  ['overallDiameterMm', 'Over enamel, if measured', 'mm', ''],
  ['onHandKg', 'On hand', 'kg', ''],
  ['reels', 'Reels', '', ''],
  ['lot', 'Lot', '', ''],
  ['pricePerKg', 'Price of a kilogram', '', ''],
] as const;

const EMPTY = {
  size: '',
  grade: 'grade-2',
  overallDiameterMm: '',
  onHandKg: '',
  reels: '1',
  lot: '',
  pricePerKg: '',
};

type LotText = typeof EMPTY;

/** With their units: a bare figure is read in those of whoever writes it. */
function typed({ wire }: RackLot): LotText {
  return {
    size: wire.size,
    grade: wire.grade,
    overallDiameterMm: wire.overallDiameterMm === null ? '' : `${wire.overallDiameterMm} mm`,
    onHandKg: `${wire.onHandKg} kg`,
    reels: String(wire.reels),
    lot: wire.lot ?? '',
    pricePerKg: wire.pricePerKg === null ? '' : String(wire.pricePerKg),
  };
}

/** The wire rack: what a new winding is searched from. */
export function RackList({ mayChange }: { mayChange: boolean }) {
  const client = useQueryClient();
  const rack = useQuery({ queryKey: ['rack'], queryFn: () => call<RackView>('GET', '/api/rack') });
  const [open, setOpen] = useState<RackLot | 'new'>();
  const [text, setText] = useState<LotText>(EMPTY);
  const send = useMutation({
    mutationFn: (lot: RackLot | 'new') =>
      lot === 'new'
        ? call<RackView>('POST', '/api/rack', { version: 0, typed: text })
        : call<RackView>('PUT', `/api/rack/${lot.id}`, { version: lot.version, typed: text }),
    onSuccess: (all) => {
      client.setQueryData(['rack'], all);
      setOpen(undefined);
    },
  });
  const problems = send.error instanceof Refusal ? send.error.problems : [];
  const begin = (lot: RackLot | 'new') => {
    send.reset();
    setText(lot === 'new' ? EMPTY : typed(lot));
    setOpen(lot);
  };
  const lots = rack.data?.lots ?? [];
  const kg = lots.reduce((sum, l) => sum + l.wire.onHandKg, 0);
  const form = (lot: RackLot | 'new') => (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        send.mutate(lot);
      }}
    >
      <ErrorNotice error={send.error} hide={FIELDS.map(([f]) => f)} />
      <div className="grid3">
        {FIELDS.map(([f, label, unit, hint]) => (
          <TypedField
            key={f}
            label={label}
            unit={unit}
            hint={hint}
            words={f === 'size' || f === 'lot'}
            value={text[f]}
            list={f === 'size' ? rack.data?.sizes.map((s) => s.name) : undefined}
            problem={at(problems, f)}
            onChange={(t) => setText({ ...text, [f]: t })}
          />
        ))}
        <PickOne
          label="Enamel"
          value={text.grade}
          options={[
            ['grade-1', 'Grade 1, single'],
            ['grade-2', 'Grade 2, double'],
          ]}
          onPick={(grade) => setText({ ...text, grade })}
        />
      </div>
      <div className="actions">
        <Button htmlType="submit" loading={send.isPending}>
          {lot === 'new' ? 'Put it on the rack' : 'Write it so'}
        </Button>
        <Button onClick={() => setOpen(undefined)}>Leave it</Button>
      </div>
    </form>
  );
  return (
    <section aria-label="Wire rack" style={{ marginTop: 26, maxWidth: 1100 }}>
      <div className="head">
        <h2>Wire rack</h2>
        <span className="soft">
          {lots.length} lots, {plain(kg, 3)} kg; new windings are searched from it
        </span>
      </div>
      <ErrorNotice error={rack.error} />
      <table className="quiet">
        <thead>
          <tr>
            <th>size</th>
            <th>enamel</th>
            <th className="n">on hand</th>
            <th className="n">reels</th>
            <th>lot</th>
            <th className="n">price of a kg</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {lots.map((l) =>
            open !== 'new' && open?.id === l.id ? (
              <tr key={l.id}>
                <td colSpan={7}>{form(l)}</td>
              </tr>
            ) : (
              <tr key={l.id}>
                <td>
                  <b>{l.wire.size}</b>
                </td>
                <td className="soft">{l.wire.grade.replace('-', ' ')}</td>
                <td className="n">{l.wire.onHandKg === 0 ? 'used up' : `${plain(l.wire.onHandKg, 3)} kg`}</td>
                <td className="n">{l.wire.reels}</td>
                <td className="figure soft">{l.wire.lot}</td>
                <td className="n">{l.wire.pricePerKg}</td>
                <td style={{ textAlign: 'right' }}>
                  {mayChange && (
                    <Button aria-label={`Change ${l.wire.size} ${l.wire.lot ?? ''}`} onClick={() => begin(l)}>
                      Change
                    </Button>
                  )}
                </td>
              </tr>
            ),
          )}
        </tbody>
      </table>
      {open === 'new' && form('new')}
      {mayChange && open === undefined && (
        <div className="actions">
          <Button onClick={() => begin('new')}>Another lot</Button>
        </div>
      )}
    </section>
  );
}
