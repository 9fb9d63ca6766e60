import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { call, Refusal, Unreachable } from '../api/http';
import type { Session } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { waiting } from '../outbox/outbox';
import { startedEntries } from '../ui/drafts';

/** The password was right: what is missing is asked for, and nothing called wrong. */
function codeNeeded(error: unknown): boolean {
  return error instanceof Refusal && error.title === 'Code needed';
}

export function SignIn({ demo, unreachable }: { demo: boolean; unreachable: boolean }) {
  const client = useQueryClient();
  const [username, setUsername] = useState('');
  const [password, setPassword] = useState('');
  const [code, setCode] = useState<string>();
  const kept = useQuery({ queryKey: ['outbox'], queryFn: waiting, staleTime: 0 }).data ?? [];
  const started = startedEntries();
  const whose = [...new Set(kept.map((e) => e.displayName))].join(', ');
  const signIn = useMutation({
    mutationFn: async () => {
      await call<Session>('GET', '/api/session');
      return call<Session>('POST', '/api/session', { username, password, code });
    },
    onError: (error) => {
      if (codeNeeded(error)) {
        setCode((typed) => typed ?? '');
      }
    },
    onSuccess: async (session) => {
      await call<Session>('GET', '/api/session');
      client.setQueryData(['session'], session);
      await client.invalidateQueries({ queryKey: ['floor'] });
    },
  });
  return (
    <div className="signin">
      <div className="signin-plate">
        <img src="/kettle.svg" alt="" width={54} />
        <h1>Brass Kettle</h1>
        <p className="soft">The bench book of a motor rewind shop</p>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            signIn.mutate();
          }}
        >
          <ErrorNotice
            error={
              codeNeeded(signIn.error) ? null : (signIn.error ?? (unreachable ? new Unreachable() : null))
            }
          />
          {started > 0 && (
            <p className="caution">
              What was typed on this tablet is kept: {started} {started === 1 ? 'entry' : 'entries'}, there
              again for whoever typed it.
            </p>
          )}
          {kept.length > 0 && (
            <p className="caution">
              {kept.length} on this tablet the server has not got yet, of {whose}. Sent by itself once they
              have signed in.
            </p>
          )}
          <label className="field words">
            <span className="label">Name</span>
            <Input
              autoFocus
              autoComplete="username"
              value={username}
              onChange={(e) => setUsername(e.target.value)}
            />
          </label>
          <label className="field words" style={{ margin: '12px 0 18px' }}>
            <span className="label">Password</span>
            <Input
              type="password"
              autoComplete="current-password"
              value={password}
              onChange={(e) => setPassword(e.target.value)}
            />
          </label>
          {code !== undefined && (
            <label className="field words" style={{ marginBottom: 18 }}>
              <span className="label">The six figures your authenticator shows now</span>
              <Input
                autoFocus
                inputMode="numeric"
                autoComplete="one-time-code"
                maxLength={6}
                value={code}
                onChange={(e) => setCode(e.target.value)}
              />
            </label>
          )}
          <Button type="primary" htmlType="submit" block loading={signIn.isPending}>
            Sign in
          </Button>
        </form>
        {demo && (
          <p className="soft small" style={{ marginTop: 18 }}>
            Demonstration shop: tech, lead, office or admin, password tarnquay.
          </p>
        )}
      </div>
    </div>
  );
}
