import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { InstrumentKind, ShopInstrument } from '../api/types';
import { useInstruments } from './InstrumentPick';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { TypedField } from '../quantity/TypedField';
import { Mark } from '../verdict/Mark';

const EMPTY = { name: '', serial: '', kind: '', calibrationDue: '' };

const FIELDS = [
  ['name', 'Called', 'insulation tester, bench 2'],
  ['serial', 'Serial number', ''],
  ['calibrationDue', 'Calibration good until', '2027-03-31'],
] as const;

/** The shop's instruments: whatever one out of calibration reads is Unproven. */
export function InstrumentList({ mayChange }: { mayChange: boolean }) {
  const list = useInstruments();
  const client = useQueryClient();
  const [typed, setTyped] = useState(EMPTY);
  const [open, setOpen] = useState<number>();
  const send = useMutation({
    mutationFn: (s: { method: 'POST' | 'PUT'; path: string; body: unknown }) =>
      call<ShopInstrument[]>(s.method, `/api/instruments${s.path}`, s.body),
    onSuccess: (all) => {
      client.setQueryData(['instruments'], all);
      setTyped(EMPTY);
      setOpen(undefined);
    },
  });
  const kinds = useQuery({
    queryKey: ['instrument-kinds'],
    queryFn: () => call<InstrumentKind[]>('GET', '/api/instruments/kinds'),
    staleTime: Infinity,
  });
  const labels = new Map(kinds.data?.map((k) => [k.word, k.label]));
  const problems = send.error instanceof Refusal ? send.error.problems : [];
  const form = (id?: number) => (
    <div className="grid3">
      {FIELDS.map(([field, label, hint]) => (
        <TypedField
          key={field}
          words
          label={label}
          hint={hint}
          value={typed[field]}
          problem={at(problems, field)}
          onChange={(t) => setTyped({ ...typed, [field]: t })}
        />
      ))}
      <label className="field words">
        <span className="label">It is</span>
        <Select
          aria-label="It is"
          placeholder="kind of instrument"
          value={typed.kind || undefined}
          options={(kinds.data ?? []).map((k) => ({ value: k.word, label: k.label }))}
          onChange={(kind: string) => setTyped({ ...typed, kind })}
        />
        <span className="wrong">{at(problems, 'kind')?.message}</span>
      </label>
      <div className="actions">
        <Button
          loading={send.isPending}
          onClick={() =>
            send.mutate(
              id === undefined
                ? { method: 'POST', path: '', body: typed }
                : { method: 'PUT', path: `/${id}`, body: { ...typed, retired: false } },
            )
          }
        >
          {id === undefined ? 'Add the instrument' : 'Write it so'}
        </Button>
      </div>
    </div>
  );
  return (
    <section style={{ marginTop: 26, maxWidth: 1100 }}>
      <div className="head">
        <h2>Instruments</h2>
        <span className="soft">a reading by one out of calibration is Unproven</span>
      </div>
      <ErrorNotice error={list.error ?? send.error} hide={['kind', ...FIELDS.map(([f]) => f)]} />
      <table className="quiet">
        <tbody>
          {list.data?.map((i) => (
            <tr key={i.id}>
              <td style={{ width: 30 }}>
                <Mark verdict={i.retired || i.overdue ? 'unproven' : 'holds'} />
              </td>
              <td style={i.retired ? { textDecoration: 'line-through' } : {}}>
                <b>{i.name}</b> <span className="figure soft">{i.serial}</span>{' '}
                <span className="small soft">
                  {i.kind ? labels.get(i.kind) : 'kind not told: say what it is'}
                </span>
                {open === i.id && form(i.id)}
              </td>
              <td>
                {i.retired ? 'out of use' : i.overdue ? 'calibration ran out' : 'good until'}{' '}
                {i.calibrationDue}
              </td>
              <td style={{ textAlign: 'right' }}>
                {mayChange && !i.retired && (
                  <>
                    <Button
                      onClick={() => {
                        setOpen(open === i.id ? undefined : i.id);
                        setTyped({
                          name: i.name,
                          serial: i.serial,
                          kind: i.kind ?? '',
                          calibrationDue: i.calibrationDue,
                        });
                      }}
                    >
                      Change
                    </Button>{' '}
                    <Button
                      onClick={() =>
                        send.mutate({
                          method: 'PUT',
                          path: `/${i.id}`,
                          body: {
                            name: i.name,
                            serial: i.serial,
                            kind: i.kind,
                            calibrationDue: i.calibrationDue,
                            retired: true,
                          },
                        })
                      }
                    >
                      Out of use
                    </Button>
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {mayChange && open === undefined && form()}
    </section>
  );
}
