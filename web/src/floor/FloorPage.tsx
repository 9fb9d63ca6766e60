import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { call } from '../api/http';
import { useShop } from '../api/shop';
import type { FloorRow } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { moment } from '../quantity/figures';
import { useMoney } from '../settings/useSettings';
import { Together } from '../session/ShopChoice';
import { Frame, Places } from '../shell/Frame';
import './floor.css';
import { Files } from './Files';
import { FloorLine } from './FloorLine';
import { SetDownForm, usePickUp } from './setdown';

const PAGE = 100;
const LISTS = [
  ['live', 'In the shop'],
  ['rush', 'Rush'],
  ['waiting', 'Waiting'],
  ['gone', 'Left'],
] as const;

/** A word under three letters stands in nearly every line, and finding it takes the database through all of them. */
const SHORTEST_WORD = 3;
const PAUSE_MS = 250;

function searchable(words: string): string {
  return words
    .trim()
    .split(/\s+/)
    .filter((w) => w.length >= SHORTEST_WORD)
    .join(' ');
}

/** Whether some of what was typed is too short to be looked for. */
function leftOut(words: string): boolean {
  return words.trim().split(/\s+/).join(' ') !== searchable(words);
}

/** What was typed, once the typing has paused. */
function useSettled(value: string): string {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const pause = setTimeout(() => setSettled(value), PAUSE_MS);
    return () => clearTimeout(pause);
  }, [value]);
  return settled;
}

type Show = (typeof LISTS)[number][0];

/** Which list and which words: both stand in the address, so that a link or a way back finds the same floor. */
function useWanted() {
  const [params, setParams] = useSearchParams();
  const list = LISTS.find(([name]) => name === params.get('show'));
  const change = (name: string, value: string) =>
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        if (value) {
          next.set(name, value);
        } else {
          next.delete(name);
        }
        return next;
      },
      { replace: true },
    );
  // What is being typed stands in the field at once; the address may take a moment.
  const [find, setFind] = useState(params.get('find') ?? '');
  return {
    find,
    show: list ? list[0] : 'live',
    all: params.get('shops') === 'all',
    setAll: (all: boolean) => change('shops', all ? 'all' : ''),
    setFind: (words: string) => {
      setFind(words);
      change('find', words);
    },
    setShow: (show: Show) => change('show', show === 'live' ? '' : show),
  } as const;
}

/** What needs hands next, rush first. */
export function FloorPage() {
  const navigate = useNavigate();
  const { find, show, all: asked, setFind, setShow, setAll } = useWanted();
  const { shops } = useShop();
  const all = asked && shops.length > 1;
  const [at, setAt] = useState(0);
  const [settingDown, setSettingDown] = useState<string>();
  const pickUp = usePickUp();
  const inMoney = useMoney();
  const wanted = useSettled(searchable(find));
  const query = `show=${show}&find=${encodeURIComponent(wanted)}${all ? '&shops=all' : ''}`;
  const floor = useInfiniteQuery({
    queryKey: ['floor', show, wanted, all],
    queryFn: ({ pageParam }) =>
      call<FloorRow[]>('GET', `/api/jobs?${query}${pageParam ? `&after=${pageParam}` : ''}`),
    initialPageParam: '',
    getNextPageParam: (last) => (last.length === PAGE ? last[last.length - 1]?.tag : undefined),
    refetchInterval: 30_000,
    placeholderData: keepPreviousData,
  });
  const rows = useMemo(() => floor.data?.pages.flat() ?? [], [floor.data]);
  const rushes = rows.filter((r) => r.urgency === 'rush').map((r) => r.tag);
  const where = all ? `in ${shops.length} shops` : 'in the shop';
  const running = rows.filter((r) => r.outageSoFar > 0).length;
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
      {
        key: 'D',
        label: 'set down',
        run: () => setSettingDown(rows[at]?.setDown ? undefined : rows[at]?.tag),
      },
      {
        key: 'P',
        label: 'pick up',
        run: () => {
          const row = rows[at];
          if (row?.setDown) {
            pickUp.mutate({ tag: row.tag, body: {} });
          }
        },
      },
      { key: 'N', label: 'receive a motor', run: () => void navigate('/receive') },
      { key: '/', label: 'find', run: () => document.getElementById('find')?.focus() },
    ],
    // The mutation object changes with each of its states; its function does not.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [rows, at, navigate, pickUp.mutate],
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
              placeholder="tag, customer, machine"
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
            {wanted || show !== 'live'
              ? `${rows.length}${floor.hasNextPage ? ' and more' : ''} found`
              : `${rows.length}${floor.hasNextPage ? ' and more' : ''} motors ${where} · outage running on ${running}`}
            {leftOut(find) && ` · words under ${SHORTEST_WORD} letters are not looked for`}
          </span>
          <Together
            all={all}
            onChange={(together) => {
              setAll(together);
              setAt(0);
            }}
          />
          <div className="lists" role="radiogroup" aria-label="Which jobs">
            {LISTS.map(([list, label]) => (
              <button
                type="button"
                key={list}
                role="radio"
                aria-checked={show === list}
                onClick={() => {
                  setShow(list);
                  setAt(0);
                }}
              >
                {label}
              </button>
            ))}
          </div>
        </div>
        <ErrorNotice error={floor.error ?? pickUp.error} />
        {settingDown && (
          <SetDownForm tag={settingDown} rushes={rushes} done={() => setSettingDown(undefined)} />
        )}
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
              <th className="n">outage{inMoney}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((r, n) => (
              <FloorLine
                key={r.tag}
                row={r}
                here={n === at}
                shop={all ? shops.find((s) => s.id === r.shop)?.name : undefined}
                open={() => void navigate(`/jobs/${r.tag}/${r.nextStep}`)}
              />
            ))}
          </tbody>
        </table>
        {rows
          .filter((r) => r.setDown?.displacedBy)
          .map((r) => (
            <p key={r.tag} className="small" style={{ marginTop: 12 }}>
              {r.setDown?.displacedBy} displaced <b>{r.tag}</b>, set down by {r.setDown?.by},{' '}
              {r.setDown && moment(r.setDown.at)}.{' '}
              <button
                type="button"
                className="linkish"
                onClick={() => pickUp.mutate({ tag: r.tag, body: {} })}
              >
                Pick up
              </button>
            </p>
          ))}
        {floor.hasNextPage && (
          <p style={{ marginTop: 14 }}>
            <Button loading={floor.isFetchingNextPage} onClick={() => void floor.fetchNextPage()}>
              More of them
            </Button>
          </p>
        )}
        <Files query={query} />
        {floor.data && rows.length === 0 && (
          <p className="soft" style={{ marginTop: 20 }}>
            {find
              ? `Nothing here answers to “${find}”.`
              : show === 'live'
                ? 'The floor is empty. Receive a motor to begin.'
                : 'Nothing on this list.'}
          </p>
        )}
      </main>
    </Frame>
  );
}
