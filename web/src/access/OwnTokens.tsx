import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { MadeToken, Token } from '../api/types';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { moment } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';

/** Tokens by which scripts speak for this person. */
export function OwnTokens() {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const keep = (tokens: Token[]) => client.setQueryData(['tokens'], tokens);
  const tokens = useQuery({ queryKey: ['tokens'], queryFn: () => call<Token[]>('GET', '/api/me/tokens') });
  const make = useMutation({
    mutationFn: () => call<MadeToken>('POST', '/api/me/tokens', { name }),
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
        A script that sends one speaks for you, with your rights, until you take it back.
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
      <table className="quiet">
        <tbody>
          {tokens.data?.map((t) => (
            <tr key={t.id}>
              <td>
                {t.name}
                <div className="small soft">
                  made {moment(t.madeAt)} · {t.usedAt ? `used ${moment(t.usedAt)}` : 'not used yet'}
                </div>
              </td>
              <td style={{ textAlign: 'right' }}>
                <Button onClick={() => revoke.mutate(t.id)}>Take back</Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
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
        <Button htmlType="submit" loading={make.isPending}>
          Make a token
        </Button>
      </form>
    </section>
  );
}
