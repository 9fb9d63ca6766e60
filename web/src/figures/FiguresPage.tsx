import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { call, Refusal } from '../api/http';
import { shopLink } from '../api/shop';
import type { FigureTable, ShopFigures } from '../api/types';
import { plain } from '../quantity/figures';
import { Together } from '../session/ShopChoice';
import { Frame } from '../shell/Frame';
import { ErrorNotice } from '../ui/ErrorNotice';
import './figures.css';

const SHOWN = 10;

/** What the shop's jobs of a period come to; nothing about persons. */
export function FiguresPage() {
  const navigate = useNavigate();
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const [all, setAll] = useState(false);
  const period = new URLSearchParams(
    [
      ['from', from],
      ['to', to],
      ['shops', all ? 'all' : ''],
    ].filter(([, v]) => v) as string[][],
  ).toString();
  const query = period ? `?${period}` : '';
  const figures = useQuery({
    queryKey: ['figures', period],
    queryFn: () => call<ShopFigures>('GET', `/api/figures${query}`),
    placeholderData: keepPreviousData,
    retry: (n, e) => !(e instanceof Refusal) && n < 2,
  });
  const v = figures.data;
  return (
    <Frame keys={[{ key: 'F', label: 'floor', run: () => void navigate('/') }]}>
      <main className="page" id="work">
        <div className="head">
          <h1>Figures of the shop</h1>
          <span className="soft">
            {v && `${v.jobs} jobs received ${v.from} to ${v.to}; nothing about persons`}
          </span>
          <Together all={all} onChange={setAll} />
          {/* The period stays on one line, on the next where the first is full. */}
          <div className="head" style={{ marginLeft: 'auto', marginBottom: 0 }}>
            <label>
              from{' '}
              <Input
                type="date"
                style={{ width: 170 }}
                aria-label="From"
                value={from || v?.from}
                onChange={(e) => setFrom(e.target.value)}
              />
            </label>
            <label>
              to{' '}
              <Input
                type="date"
                style={{ width: 170 }}
                aria-label="To"
                value={to || v?.to}
                onChange={(e) => setTo(e.target.value)}
              />
            </label>
            <Button href={shopLink(`/api/figures.xlsx${query}`)}>XLSX</Button>
          </div>
        </div>
        <ErrorNotice error={figures.error} />
        <div className="figures">
          {v?.tables.map((t) => (
            <Table key={t.code} table={t} file={shopLink(`/api/figures/${t.code}.csv${query}`)} />
          ))}
        </div>
      </main>
    </Frame>
  );
}

/** A table with the figure that matters drawn in front of it. */
function Table({ table, file }: { table: FigureTable; file: string }) {
  const drawn = (row: FigureTable['rows'][number]) => row.figures[table.drawn] ?? 0;
  const most = Math.max(...table.rows.map(drawn), 0);
  return (
    <section aria-label={table.title}>
      <div className="head">
        <h2>{table.title}</h2>
        <span className="soft small">{table.says}</span>
        <span style={{ flex: 1 }} />
        <a className="small" href={file}>
          CSV
        </a>
      </div>
      {table.rows.length === 0 ? (
        <p className="soft">None in this period.</p>
      ) : (
        <table className="quiet">
          <thead>
            <tr>
              {table.words.map((w) => (
                <th key={w}>{w}</th>
              ))}
              <th className="drawn">{table.figures[table.drawn]}</th>
              {table.figures.map((f) => (
                <th key={f} className="n">
                  {f}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.slice(0, SHOWN).map((r) => (
              <tr key={r.words.join('|')}>
                {r.words.map((w, n) => (
                  <td key={n}>{w}</td>
                ))}
                <td className="drawn" aria-hidden>
                  <i style={{ width: `${most > 0 ? (100 * drawn(r)) / most : 0}%` }} />
                </td>
                {r.figures.map((f, n) => (
                  <td key={n} className="n">
                    {plain(f, 3)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {table.rows.length > SHOWN && (
        <p className="soft small">{table.rows.length - SHOWN} more in the CSV.</p>
      )}
    </section>
  );
}
