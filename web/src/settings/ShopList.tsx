import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { ShopLine } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';

const NONE = { name: '', tagPrefix: '' };

/** The shops of the house; another is opened here, with nothing in it. */
export function ShopList() {
  const client = useQueryClient();
  const shops = useQuery({ queryKey: ['shops'], queryFn: () => call<ShopLine[]>('GET', '/api/shops') });
  const [v, setV] = useState(NONE);
  const open = useMutation({
    mutationFn: () => call<ShopLine[]>('POST', '/api/shops', v),
    onSuccess: (all) => {
      client.setQueryData(['shops'], all);
      // Whoever opens a shop belongs to it.
      void client.invalidateQueries({ queryKey: ['session'] });
      void client.invalidateQueries({ queryKey: ['people'] });
      setV(NONE);
    },
  });
  const problems = open.error instanceof Refusal ? open.error.problems : [];
  return (
    <section style={{ marginTop: 26, maxWidth: 1100 }} aria-label="Shops of the house">
      <h2>Shops of the house</h2>
      <ErrorNotice error={shops.error ?? open.error} hide={['name', 'tagPrefix']} />
      <table className="quiet">
        <thead>
          <tr>
            <th>no.</th>
            <th>name</th>
            <th>tags</th>
            <th className="n">people</th>
            <th className="n">motors here</th>
          </tr>
        </thead>
        <tbody>
          {shops.data?.map((s) => (
            <tr key={s.id}>
              <td className="figure">{s.id}</td>
              <td>
                <b>{s.name}</b>
              </td>
              <td className="figure">{s.tagPrefix}-…</td>
              <td className="n">{s.people}</td>
              <td className="n">{s.motors}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <form
        className="panel"
        style={{ marginTop: 16 }}
        onSubmit={(e) => {
          e.preventDefault();
          open.mutate();
        }}
      >
        <h2>Open another shop</h2>
        <p className="small">
          It begins empty, with its own customers, rack, prices, plan and settings. Nobody sees its jobs but
          those who belong to it. A shop cannot be taken away again.
        </p>
        <div className="grid3">
          <TypedField
            words
            label="Name"
            value={v.name}
            problem={at(problems, 'name')}
            onChange={(name) => setV({ ...v, name })}
          />
          <TypedField
            words
            label="Letters of its tags"
            value={v.tagPrefix}
            problem={at(problems, 'tagPrefix')}
            onChange={(letters) => setV({ ...v, tagPrefix: letters.toUpperCase() })}
          />
        </div>
        <div className="actions">
          <Button type="primary" htmlType="submit" loading={open.isPending}>
            Open the shop
          </Button>
        </div>
      </form>
    </section>
  );
}
