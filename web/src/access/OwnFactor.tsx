import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, QRCode } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { BegunFactor, FactorState } from '../api/types';
import { problemText } from '../quantity/words';
import { ErrorNotice } from '../ui/ErrorNotice';
import { at } from '../ui/preview';

/** Codes by time as a second factor, for administrators and lead hands. */
export function OwnFactor() {
  const client = useQueryClient();
  const state = useQuery({
    queryKey: ['factor'],
    queryFn: () => call<FactorState>('GET', '/api/me/second-factor'),
  });
  const [current, setCurrent] = useState('');
  const [code, setCode] = useState('');
  const settled = (now: FactorState) => {
    client.setQueryData(['factor'], now);
    void client.invalidateQueries({ queryKey: ['session'] });
    setCurrent('');
    setCode('');
  };
  const begin = useMutation({
    mutationFn: () => call<BegunFactor>('POST', '/api/me/second-factor', { current }),
  });
  const confirm = useMutation({
    mutationFn: () => call<FactorState>('POST', '/api/me/second-factor/confirm', { code }),
    onSuccess: (now) => {
      begin.reset();
      settled(now);
    },
  });
  const off = useMutation({
    mutationFn: () => call<FactorState>('POST', '/api/me/second-factor/off', { current, code }),
    onSuccess: settled,
  });
  const on = state.data?.on ?? false;
  const error = begin.error ?? confirm.error ?? off.error;
  const problems = error instanceof Refusal ? error.problems : [];
  const doing = begin.data ? confirm : on ? off : begin;
  const wrongPassword = at(problems, 'current');
  const wrongCode = at(problems, 'code');
  return (
    <form
      className="panel"
      onSubmit={(e) => {
        e.preventDefault();
        doing.mutate();
      }}
    >
      <h2>Second factor</h2>
      <p className="soft small">
        {on
          ? 'On. Signing in asks for the six figures of your authenticator as well.'
          : 'Off. An authenticator on your telephone shows six figures that change every 30 seconds; signing in then asks for them as well.'}
      </p>
      <ErrorNotice error={error ?? state.error} hide={['current', 'code']} />
      {begin.data && (
        <div style={{ display: 'flex', gap: 16, alignItems: 'center', marginTop: 10 }}>
          <QRCode value={begin.data.uri} size={132} bordered={false} />
          <div className="small">
            Scan it with the authenticator, or type
            <div className="figure" style={{ overflowWrap: 'anywhere', userSelect: 'all' }}>
              {begin.data.secret}
            </div>
            Then type the code it shows.
          </div>
        </div>
      )}
      {!begin.data && (
        <label className="field words" style={{ marginTop: 10 }}>
          <span className="label">Your password</span>
          <Input
            type="password"
            autoComplete="current-password"
            value={current}
            onChange={(e) => setCurrent(e.target.value)}
          />
          <span className="wrong">{wrongPassword && problemText(wrongPassword, 'Password')}</span>
        </label>
      )}
      {(begin.data ?? on) && (
        <label className="field words" style={{ marginTop: 10 }}>
          <span className="label">Code now</span>
          <Input
            inputMode="numeric"
            autoComplete="one-time-code"
            maxLength={6}
            value={code}
            onChange={(e) => setCode(e.target.value)}
          />
          <span className="wrong">{wrongCode && problemText(wrongCode, 'Code')}</span>
        </label>
      )}
      <div className="actions">
        <Button type={on ? 'default' : 'primary'} htmlType="submit" loading={doing.isPending}>
          {begin.data ? 'Confirm' : on ? 'Take it off' : 'Set it up'}
        </Button>
      </div>
    </form>
  );
}

/** All there is to see for somebody who has to set up their second factor first. */
export function FactorFirst() {
  return (
    <div className="signin">
      <div className="signin-plate">
        <h1>Before you start</h1>
        <p className="soft">
          This shop asks administrators and lead hands for a second factor. Set yours up; then the shop opens.
        </p>
        <OwnFactor />
      </div>
    </div>
  );
}
