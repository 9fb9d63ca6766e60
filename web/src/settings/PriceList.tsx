import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { call, Refusal } from '../api/http';
import type { PriceLists } from '../api/types';
import { moment } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';

/** The list that new motors and bearings are priced by, and the next one. */
export function PriceList({ mayChange }: { mayChange: boolean }) {
  const client = useQueryClient();
  const lists = useQuery({ queryKey: ['prices'], queryFn: () => call<PriceLists>('GET', '/api/prices') });
  const file = useRef<HTMLInputElement>(null);
  const [from, setFrom] = useState(() => new Date().toISOString().slice(0, 10));
  const add = useMutation({
    mutationFn: (csv: string) => call<PriceLists>('POST', '/api/prices', { validFrom: from, csv }),
    onSuccess: (after) => {
      client.setQueryData(['prices'], after);
      void client.invalidateQueries({ queryKey: ['estimate'] });
    },
  });
  const refused = add.error instanceof Refusal ? add.error.problems : [];
  const now = lists.data?.inForce;
  return (
    <section style={{ marginTop: 26, maxWidth: 1100 }} aria-label="Price list">
      <div className="head">
        <h2>Price list</h2>
        <span className="soft">
          {lists.data &&
            (now
              ? `since ${now.validFrom}, by ${now.by}: ${lists.data.motors} motors, ${lists.data.bearings} bearings`
              : `the example that ships with the product, made up: ${lists.data.motors} motors, ${lists.data.bearings} bearings`)}
        </span>
        <a href="/api/prices/list.csv">Take it out as a table (CSV)</a>
      </div>
      <ErrorNotice error={lists.error ?? add.error} hide={['validFrom']} />
      {mayChange && (
        <div className="grid3" style={{ alignItems: 'end' }}>
          <TypedField
            words
            label="Valid from"
            hint="2027-03-31"
            value={from}
            problem={at(refused, 'validFrom')}
            onChange={setFrom}
          />
          <input
            ref={file}
            type="file"
            accept=".csv,text/csv"
            aria-label="A list as a table (CSV)"
            style={{ display: 'none' }}
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              e.target.value = '';
              if (chosen) {
                void chosen.text().then((csv) => add.mutate(csv));
              }
            }}
          />
          <Button loading={add.isPending} onClick={() => file.current?.click()}>
            Take in a list (CSV)
          </Button>
        </div>
      )}
      {(lists.data?.lists.length ?? 0) > 1 && (
        <p className="small soft">
          {lists.data?.lists
            .map((l) => `from ${l.validFrom}: ${l.lines} lines, ${l.by}, ${moment(l.at)}`)
            .join(' · ')}
        </p>
      )}
    </section>
  );
}
