import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { MadeToken, Token } from '../api/types';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { TokenRows } from './TokenRows';

const DAYS = [
  ['30', '30 days'],
  ['90', '90 days'],
  ['366', 'a year'],
] as const;

type Days = (typeof DAYS)[number][0];

/** Tokens by which scripts speak for this person. */
export function OwnTokens() {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [days, setDays] = useState<Days>('90');
  const keep = (tokens: Token[]) => client.setQueryData(['tokens'], tokens);
  const tokens = useQuery({ queryKey: ['tokens'], queryFn: () => call<Token[]>('GET', '/api/me/tokens') });
  const make = useMutation({
    mutationFn: () => call<MadeToken>('POST', '/api/me/tokens', { name, days: Number(days) }),
    onSuccess: (made) => {
      setName('');
      keep(made.tokens);
    },
  });
  const revoke = useMutation({
    mutationFn: (id: number) => call<Token[]>('DELETE', `/api/me/tokens/${id}`),
    onSuccess: keep,
  });
  const problems = make.error instanceof Refusal ? make.error.problems : [];
  return (
    <section className="panel">
      <h2>Tokens for scripts</h2>
      <p className="soft small">
        A script that sends one speaks for you, with your rights, until it ends or you take it back.
      </p>
      <ErrorNotice error={make.error ?? revoke.error ?? tokens.error} hide={['name']} />
      {make.data && (
        <div className="caution">
          Copy it now; it is not shown again:
          <div className="figure small" style={{ overflowWrap: 'anywhere', userSelect: 'all' }}>
            {make.data.token}
          </div>
        </div>
      )}
      <TokenRows tokens={tokens.data ?? []} takeBack={revoke.mutate} />
      <form
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate();
        }}
        style={{ marginTop: 12 }}
      >
        <TypedField
          words
          label="What a new one is for"
          value={name}
          problem={at(problems, 'name')}
          onChange={setName}
        />
        <Picks label="It ends after" options={DAYS} value={days} onPick={setDays} />
        <Button htmlType="submit" loading={make.isPending}>
          Make a token
        </Button>
      </form>
    </section>
  );
}
