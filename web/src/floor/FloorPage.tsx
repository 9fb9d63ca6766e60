import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { call } from '../api/http';
import type { FloorRow, Verdict } from '../api/types';
import { Trouble } from '../forms/Trouble';
import { hours, moment, money } from '../quantity/figures';
import { Frame, Places } from '../shell/Frame';
import { Mark } from '../verdict/Mark';
import './floor.css';

/** What needs hands next, rush first. */
export function FloorPage() {
  const navigate = useNavigate();
  const [find, setFind] = useState('');
  const [at, setAt] = useState(0);
  const floor = useQuery({
    queryKey: ['floor'],
    queryFn: () => call<FloorRow[]>('GET', '/api/jobs'),
    refetchInterval: 30_000,
  });
  const rows = useMemo(() => (floor.data ?? []).filter((r) => matches(r, find)), [floor.data, find]);
  const running = (floor.data ?? []).filter((r) => r.outageSoFar > 0).length;
  const keys = useMemo(
    () => [
      { key: 'ArrowDown', label: 'down', run: () => setAt((n) => Math.min(n + 1, rows.length - 1)) },
      { key: 'ArrowUp', label: 'up', run: () => setAt((n) => Math.max(n - 1, 0)) },
      {
        key: 'Enter',
        label: 'open',
        run: () => {
          const row = rows[at];
          if (row) {
            void navigate(`/jobs/${row.tag}/${row.nextStep}`);
          }
        },
      },
      { key: 'N', label: 'receive a motor', run: () => void navigate('/receive') },
      { key: '/', label: 'find', run: () => document.getElementById('find')?.focus() },
    ],
    [rows, at, navigate],
  );
  return (
    <Frame
      keys={keys}
      band={
        <>
          <Places />
          <label className="find">
            <span className="skip">Find a job</span>
            <input
              id="find"
              type="search"
              placeholder="tag, customer, machine, motor …"
              value={find}
              onChange={(e) => {
                setFind(e.target.value);
                setAt(0);
              }}
              onKeyDown={(e) => {
                if (e.key === 'Enter' || e.key === 'Escape') {
                  e.currentTarget.blur();
                }
              }}
            />
            <kbd>/</kbd>
          </label>
          <Link className="way" to="/receive">
            Receive a motor
          </Link>
        </>
      }
    >
      <main className="page" id="work">
        <div className="head">
          <h1>What needs hands next</h1>
          <span className="soft">
            {floor.data?.length ?? 0} motors in the shop · outage running on {running}
          </span>
        </div>
        <Trouble error={floor.error} />
        <table className="floor">
          <thead>
            <tr>
              <th aria-label="worst verdict" />
              <th>tag</th>
              <th>motor</th>
              <th>at</th>
              <th>next</th>
              <th>promised</th>
              <th className="n">in shop</th>
              <th className="n">outage</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((r, n) => (
              <Row
                key={r.tag}
                row={r}
                here={n === at}
                open={() => void navigate(`/jobs/${r.tag}/${r.nextStep}`)}
              />
            ))}
          </tbody>
        </table>
        {floor.data && rows.length === 0 && (
          <p className="soft" style={{ marginTop: 20 }}>
            {find ? `Nothing here answers to “${find}”.` : 'The floor is empty. Receive a motor to begin.'}
          </p>
        )}
      </main>
    </Frame>
  );
}

export function matches(row: FloorRow, find: string): boolean {
  const text = `${row.tag} ${row.customer} ${row.machine} ${row.motor} ${row.nextAction}`.toLowerCase();
  return find
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

function Row({ row, here, open }: { row: FloorRow; here: boolean; open: () => void }) {
  const rush = row.urgency === 'rush';
  const late = row.promisedAt && new Date(row.promisedAt) < new Date();
  return (
    <tr className={`${rush ? 'rush' : ''} ${here ? 'here' : ''}`} onClick={open}>
      <td>
        <Mark verdict={row.worst as Verdict} size={22} />
      </td>
      <td className="tag">
        <Link to={`/jobs/${row.tag}/${row.nextStep}`}>{row.tag}</Link>
      </td>
      <td>
        <b>{row.machine}</b>
        {row.motor && <span className="soft"> {row.motor.split(' · ')[0]}</span>}
        <small>{row.customer}</small>
      </td>
      <td className="station">{row.station}</td>
      <td>{row.nextAction}</td>
      <td className={rush || late ? 'hot' : ''}>
        {rush && 'rush'}
        {rush && row.promisedAt && ' · '}
        {row.promisedAt ? moment(row.promisedAt) : rush ? '' : '–'}
        {late && ' · late'}
      </td>
      <td className="n">{hours(row.hoursInShop)}</td>
      <td className="n">{money(row.outageSoFar)}</td>
    </tr>
  );
}
