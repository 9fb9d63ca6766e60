import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import { TakeTurn } from '../access/TakeTurn';
import { call } from '../api/http';
import type { Session } from '../api/types';
import { OutboxPanel } from '../outbox/OutboxPanel';
import { useStorageFull } from '../ui/drafts';
import { applySetting, savedSetting } from '../theme/theme';
import { glyph, useKeys, type Key } from '../ui/keys';
import { KeySheet } from './KeySheet';
import { usePrefer } from '../session/preferences';
import { useShop } from '../api/shop';
import { ShopChoice } from '../session/ShopChoice';
import { usePerson, usePreferences } from '../session/session';

const PLACES = [
  ['/', 'Floor'],
  ['/plan', 'Plan'],
  ['/triage', 'Triage'],
  ['/customers', 'Customers'],
  ['/bank', 'Bank'],
  ['/worksheets', 'Worksheets'],
  ['/practice', 'Practice'],
  ['/figures', 'Figures'],
  ['/shop', 'Shop'],
] as const;

const NO_KEYS: Key[] = [];

/** The iron band above, the keys below, the page between. */
export function Frame({
  band,
  keys = NO_KEYS,
  children,
}: {
  /** What the band carries; the places of the shop when nothing else is given. */
  band?: ReactNode;
  keys?: Key[];
  children: ReactNode;
}) {
  const [listed, setListed] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const { shop, shops } = useShop();
  const all = useMemo(
    () => [...keys, { key: '?', label: 'all keys', run: () => setListed((now) => !now) }],
    [keys],
  );
  // While the list is open the page waits behind it: Escape closes the list and nothing else.
  useKeys(listed ? all.slice(-1) : all);
  return (
    <div className="app">
      <a className="skip" href="#work">
        To the work
      </a>
      <header className="band">
        <Link
          className={shops.length > 1 ? 'brand named' : 'brand'}
          to="/"
          aria-label="Brass Kettle, to the floor"
        >
          <img src="/kettle.svg" alt="" />
          <span>Brass Kettle</span>
        </Link>
        {shops.length > 1 && (
          <button
            type="button"
            className="at"
            aria-expanded={choosing}
            onClick={() => setChoosing(!choosing)}
          >
            <span className="skip">This window is for </span>
            {shops.find((s) => s.id === shop)?.name}
          </button>
        )}
        {band ?? <Places />}
      </header>
      {choosing && <ShopChoice done={() => setChoosing(false)} />}
      {children}
      <Foot keys={all} />
      {listed && <KeySheet keys={keys} close={() => setListed(false)} />}
    </div>
  );
}

/** The places of the shop; whatever else a page puts into the band comes after them. */
export function Places() {
  return (
    <>
      <nav aria-label="Places">
        {PLACES.map(([to, label]) => (
          <NavLink key={to} to={to} end className={({ isActive }) => (isActive ? 'here' : '')}>
            {label}
          </NavLink>
        ))}
      </nav>
      <div className="grow" />
    </>
  );
}

function Foot({ keys }: { keys: Key[] }) {
  const person = usePerson();
  const client = useQueryClient();
  const full = useStorageFull();
  const [setting, setSetting] = useState(savedSetting);
  const [turning, setTurning] = useState(false);
  const { units, setting: kept } = usePreferences();
  const prefer = usePrefer();
  useEffect(() => setSetting(kept), [kept]);
  const other = setting === 'dark' ? 'light' : 'dark';
  return (
    <footer className="foot">
      {/* A key without a label stands on the page itself. */}
      {keys
        .filter((k) => k.label)
        .map((k) => (
          <span key={k.key} className="keys">
            <kbd>{glyph(k.key)}</kbd>
            {k.label}
          </span>
        ))}
      <span className="grow" />
      <button
        type="button"
        onClick={() => {
          applySetting(other);
          setSetting(other);
          window.dispatchEvent(new Event('brasskettle-setting'));
          prefer.mutate({ units, setting: other });
        }}
      >
        {other} setting
      </button>
      <span title="signed in">{person.displayName}</span>
      {full && <b className="wrong">this tablet’s storage is full</b>}
      <OutboxPanel />
      <button type="button" aria-expanded={turning} onClick={() => setTurning(!turning)}>
        change person
      </button>
      {turning && <TakeTurn done={() => setTurning(false)} />}
      <button
        type="button"
        onClick={() =>
          void call<Session>('DELETE', '/api/session').then((s) => client.setQueryData(['session'], s))
        }
      >
        sign out
      </button>
    </footer>
  );
}
