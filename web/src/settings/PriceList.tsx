import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { call, Refusal } from '../api/http';
import { shopLink } from '../api/shop';
import type { PriceLists } from '../api/types';
import { moment } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';

type Kind = 'prices' | 'tasks';

/** What prices are built from: the list of new motors and bearings, and the hours of each task. */
export function PriceList({ mayChange }: { mayChange: boolean }) {
  const lists = useQuery({ queryKey: ['prices'], queryFn: () => call<PriceLists>('GET', '/api/prices') });
  const v = lists.data;
  return (
    <section style={{ marginTop: 26, maxWidth: 1100 }} aria-label="What prices are built from">
      <h2>What prices are built from</h2>
      <ErrorNotice error={lists.error} />
      {v && (
        <>
          <Table
            kind="prices"
            title="Price list"
            what={`${String(v.motors)} motors, ${String(v.bearings)} bearings`}
            view={v}
            mayChange={mayChange}
          />
          <Table
            kind="tasks"
            title="Task table"
            what={`${String(v.tasksListed)} tasks, hours by shaft height`}
            view={v}
            mayChange={mayChange}
          />
        </>
      )}
    </section>
  );
}

function Table({
  kind,
  title,
  what,
  view,
  mayChange,
}: {
  kind: Kind;
  title: string;
  what: string;
  view: PriceLists;
  mayChange: boolean;
}) {
  const client = useQueryClient();
  const file = useRef<HTMLInputElement>(null);
  const [from, setFrom] = useState(() => new Date().toISOString().slice(0, 10));
  const add = useMutation({
    mutationFn: (csv: string) => call<PriceLists>('POST', '/api/prices', { kind, validFrom: from, csv }),
    onSuccess: (after) => {
      client.setQueryData(['prices'], after);
      void client.invalidateQueries({ queryKey: ['estimate'] });
    },
  });
  const refused = add.error instanceof Refusal ? add.error.problems : [];
  const now = view[kind];
  const kept = view.tables.filter((t) => t.kind === kind);
  return (
    <div style={{ marginTop: 10 }}>
      <div className="head">
        <h3>{title}</h3>
        <span className="soft">
          {now
            ? `since ${now.validFrom}, by ${now.by}: ${what}`
            : `the example that ships with the product, made up: ${what}`}
        </span>
        <a href={shopLink(`/api/prices/${kind}.csv`)}>Take it out (CSV)</a>
      </div>
      <ErrorNotice error={add.error} hide={['validFrom']} />
      {mayChange && (
        <div className="grid3" style={{ alignItems: 'end' }}>
          <TypedField
            words
            label={`${title} valid from`}
            hint="2027-03-31"
            value={from}
            problem={at(refused, 'validFrom')}
            onChange={setFrom}
          />
          <input
            ref={file}
            type="file"
            accept=".csv,text/csv"
            aria-label={`${title} (CSV)`}
            style={{ display: 'none' }}
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              e.target.value = '';
              if (chosen) {
                void chosen.text().then((csv) => add.mutate(csv));
              }
            }}
          />
          <Button loading={add.isPending} style={{ marginBottom: 22 }} onClick={() => file.current?.click()}>
            Take in another (CSV)
          </Button>
        </div>
      )}
      {kept.length > 0 && (
        <p className="small soft">
          {kept
            .map((l) => `from ${l.validFrom}: ${String(l.lines)} lines, ${l.by}, ${moment(l.at)}`)
            .join(' · ')}
        </p>
      )}
    </div>
  );
}
