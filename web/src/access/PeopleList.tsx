import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import { useShop } from '../api/shop';
import type { Account, ShopLine, Token } from '../api/types';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { ManyPicks, Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { problemText } from '../quantity/words';
import { TokenRows } from './TokenRows';

const ROLES = [
  ['technician', 'Technician'],
  ['lead', 'Lead hand'],
  ['office', 'Office'],
  ['admin', 'Administrator'],
] as const;

type RoleWord = (typeof ROLES)[number][0];

interface Send {
  method: 'POST' | 'PUT';
  path: string;
  body: unknown;
}

function usePeople() {
  const client = useQueryClient();
  const people = useQuery({ queryKey: ['people'], queryFn: () => call<Account[]>('GET', '/api/people') });
  const change = useMutation({
    mutationFn: (send: Send) => call<Account[]>(send.method, send.path, send.body),
    onSuccess: (all) => client.setQueryData(['people'], all),
  });
  return { people, change };
}

/** The shops of the house, for those who say who belongs to which; none where there is only one. */
function useShops(mayChange: boolean): ShopLine[] {
  const shops = useQuery({
    queryKey: ['shops'],
    queryFn: () => call<ShopLine[]>('GET', '/api/shops'),
    enabled: mayChange,
  });
  return shops.data && shops.data.length > 1 ? shops.data : [];
}

function ShopPicks({
  shops,
  values,
  onChange,
}: {
  shops: ShopLine[];
  values: number[];
  onChange: (values: number[]) => void;
}) {
  return (
    <ManyPicks
      label="Belongs to"
      options={shops.map((s) => [String(s.id), s.name])}
      values={values.map(String)}
      onChange={(picked) => onChange(picked.map(Number))}
    />
  );
}

/** Who works here; made and closed by an administrator, never deleted. */
export function PeopleList({ mayChange }: { mayChange: boolean }) {
  const { people, change } = usePeople();
  const shops = useShops(mayChange);
  const [open, setOpen] = useState<string>();
  return (
    <section style={{ marginTop: 26, maxWidth: 1100 }}>
      <h2>People</h2>
      <ErrorNotice
        error={people.error ?? change.error}
        hide={['username', 'displayName', 'role', 'password']}
      />
      <table className="quiet">
        <thead>
          <tr>
            <th>name</th>
            <th>signs in as</th>
            <th>role</th>
            {shops.length > 0 && <th>shops</th>}
            <th />
          </tr>
        </thead>
        <tbody>
          {people.data?.map((a) => (
            <tr key={a.username}>
              <td style={a.closed ? { textDecoration: 'line-through' } : {}}>
                <b>{a.displayName}</b>
              </td>
              <td className="figure">{a.username}</td>
              <td>
                {ROLES.find(([word]) => word === a.role)?.[1]}
                {a.closed && <span className="soft"> · closed; the name stays on what was written</span>}
              </td>
              {shops.length > 0 && (
                <td>
                  {shops
                    .filter((s) => a.shops.includes(s.id))
                    .map((s) => s.name)
                    .join(', ') || 'none'}
                </td>
              )}
              <td style={{ textAlign: 'right' }}>
                {mayChange && (
                  <Button onClick={() => setOpen(open === a.username ? undefined : a.username)}>
                    {open === a.username ? 'Leave it' : 'Change …'}
                  </Button>
                )}
                {open === a.username && (
                  <Change account={a} shops={shops} send={change.mutate} done={() => setOpen(undefined)} />
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {mayChange && <Hire shops={shops} change={change} />}
    </section>
  );
}

function Change({
  account,
  shops,
  send,
  done,
}: {
  account: Account;
  shops: ShopLine[];
  send: (s: Send) => void;
  done: () => void;
}) {
  const [belongs, setBelongs] = useState(account.shops);
  const [role, setRole] = useState<RoleWord>(account.role);
  const [password, setPassword] = useState('');
  const path = `/api/people/${account.username}`;
  const put = (closed: boolean) => {
    send({ method: 'PUT', path, body: { displayName: account.displayName, role, closed, shops: belongs } });
    done();
  };
  return (
    <div className="panel" style={{ textAlign: 'left', marginTop: 8 }}>
      <Picks label="Role" value={role} options={ROLES} onPick={setRole} />
      {shops.length > 0 && <ShopPicks shops={shops} values={belongs} onChange={setBelongs} />}
      <div className="actions" style={{ marginTop: 0 }}>
        <Button
          onClick={() => put(account.closed)}
          disabled={belongs.length === 0 || (role === account.role && same(belongs, account.shops))}
        >
          {shops.length > 0 ? 'Keep role and shops' : 'Keep the role'}
        </Button>
        <Button danger={!account.closed} onClick={() => put(!account.closed)}>
          {account.closed ? 'Open the account again' : 'Close the account'}
        </Button>
      </div>
      <div className="actions">
        <Input
          type="password"
          aria-label={`new password for ${account.username}`}
          placeholder="a new password, to tell them"
          style={{ width: 260 }}
          value={password}
          onChange={(e) => setPassword(e.target.value)}
        />
        <Button
          disabled={password.length < 8}
          onClick={() => {
            send({ method: 'POST', path: `${path}/password`, body: { password } });
            done();
          }}
        >
          Set the password
        </Button>
      </div>
      <Held account={account} />
    </div>
  );
}

const same = (a: number[], b: number[]) => a.length === b.length && a.every((x) => b.includes(x));

/** What an account holds beside its password: tokens, and a second factor its owner may have lost. */
function Held({ account }: { account: Account }) {
  const client = useQueryClient();
  const path = `/api/people/${account.username}`;
  const key = ['tokens', account.username];
  const tokens = useQuery({ queryKey: key, queryFn: () => call<Token[]>('GET', `${path}/tokens`) });
  const takeBack = useMutation({
    mutationFn: (id: number) => call<Token[]>('DELETE', `${path}/tokens/${id}`),
    onSuccess: (left) => client.setQueryData(key, left),
  });
  const factor = useMutation({
    mutationFn: () => call('DELETE', `${path}/second-factor`),
    onSuccess: () => client.invalidateQueries({ queryKey: ['people'] }),
  });
  return (
    <>
      <ErrorNotice error={tokens.error ?? takeBack.error ?? factor.error} />
      {account.secondFactor && (
        <div className="actions">
          <Button onClick={() => factor.mutate()}>Take off the second factor they lost</Button>
        </div>
      )}
      <p className="small soft" style={{ marginTop: 12 }}>
        {tokens.data?.length ? 'Tokens for scripts:' : 'No tokens for scripts.'}
      </p>
      <TokenRows tokens={tokens.data ?? []} takeBack={takeBack.mutate} />
    </>
  );
}

const NOBODY = { username: '', displayName: '', role: 'technician' as RoleWord, password: '' };

function Hire({ shops, change }: { shops: ShopLine[]; change: ReturnType<typeof usePeople>['change'] }) {
  const [v, setV] = useState(NOBODY);
  const { shop } = useShop();
  // Somebody new works where whoever hires them works, until something else is picked.
  const [picked, setBelongs] = useState<number[]>();
  const belongs = picked ?? (shop === undefined ? [] : [shop]);
  const problems = change.error instanceof Refusal ? change.error.problems : [];
  const password = at(problems, 'password');
  return (
    <form
      className="panel"
      style={{ marginTop: 16 }}
      onSubmit={(e) => {
        e.preventDefault();
        const body = shops.length > 0 ? { ...v, shops: belongs } : v;
        change.mutate({ method: 'POST', path: '/api/people', body }, { onSuccess: () => setV(NOBODY) });
      }}
    >
      <h2>Somebody new</h2>
      <div className="grid3">
        <TypedField
          words
          label="Name on the record"
          value={v.displayName}
          problem={at(problems, 'displayName')}
          onChange={(displayName) => setV({ ...v, displayName })}
        />
        <TypedField
          words
          label="Signs in as"
          value={v.username}
          problem={at(problems, 'username')}
          onChange={(username) => setV({ ...v, username: username.toLowerCase() })}
        />
        <label className="field words">
          <span className="label">First password</span>
          <Input
            type="password"
            autoComplete="new-password"
            value={v.password}
            onChange={(e) => setV({ ...v, password: e.target.value })}
          />
          <span className="wrong">{password && problemText(password, 'First password')}</span>
        </label>
      </div>
      <Picks label="Role" value={v.role} options={ROLES} onPick={(role) => setV({ ...v, role })} />
      {shops.length > 0 && <ShopPicks shops={shops} values={belongs} onChange={setBelongs} />}
      <Button type="primary" htmlType="submit" loading={change.isPending}>
        Make the account
      </Button>
    </form>
  );
}
