import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { Person, Session } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { usePerson } from '../session/session';

/** Another person takes the tablet by a PIN, so that each entry bears the right name. */
export function TakeTurn({ done }: { done: () => void }) {
  const client = useQueryClient();
  const here = usePerson();
  const people = useQuery({
    queryKey: ['turns'],
    queryFn: () => call<Person[]>('GET', '/api/session/turns'),
  });
  const [who, setWho] = useState<Person>();
  const [pin, setPin] = useState('');
  const turn = useMutation({
    mutationFn: () => call<Person>('POST', '/api/session/turns', { username: who?.username, pin }),
    onSuccess: async () => {
      client.setQueryData(['session'], await call<Session>('GET', '/api/session'));
      done();
    },
    onError: () => setPin(''),
  });
  const others = people.data?.filter((p) => p.username !== here.username) ?? [];
  const wrong =
    turn.error instanceof Refusal ? turn.error.problems[0]?.message.replace(/^pin/, 'That PIN') : undefined;
  return (
    <div className="turn panel" role="dialog" aria-label="Who is at the bench">
      <h2>Who is at the bench?</h2>
      {people.isSuccess && others.length === 0 && (
        <p>Nobody else has a PIN yet. Set one under Shop, on your own page.</p>
      )}
      <div className="picks" role="radiogroup" aria-label="Person">
        {others.map((p) => (
          <button
            type="button"
            key={p.username}
            role="radio"
            className="pick"
            aria-checked={who?.username === p.username}
            onClick={() => setWho(p)}
          >
            {p.displayName}
          </button>
        ))}
      </div>
      <form
        className="actions"
        onSubmit={(e) => {
          e.preventDefault();
          turn.mutate();
        }}
      >
        {who && (
          <>
            <Input
              key={who.username}
              autoFocus
              aria-label={`PIN of ${who.displayName}`}
              placeholder="PIN"
              type="password"
              inputMode="numeric"
              autoComplete="off"
              maxLength={8}
              value={pin}
              style={{ width: 140 }}
              onChange={(e) => setPin(e.target.value)}
            />
            <Button type="primary" htmlType="submit" loading={turn.isPending} disabled={pin.length < 4}>
              Take over
            </Button>
          </>
        )}
        <Button onClick={done}>Stay {here.displayName}</Button>
      </form>
      {wrong ? <p className="wrong">{wrong}</p> : <ErrorNotice error={turn.error} />}
    </div>
  );
}
