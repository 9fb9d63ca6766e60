import { useMutation } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { problemText } from '../quantity/words';

/** A PIN for taking turns at a shared tablet. */
export function OwnPin() {
  const [current, setCurrent] = useState('');
  const [pin, setPin] = useState('');
  const change = useMutation({
    mutationFn: () => call('POST', '/api/me/pin', { current, pin }),
    onSuccess: () => {
      setCurrent('');
      setPin('');
    },
  });
  const problems = change.error instanceof Refusal ? change.error.problems : [];
  const wrong = at(problems, 'pin');
  const wrongPassword = at(problems, 'current');
  return (
    <form
      className="panel"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <h2>PIN for the bench tablet</h2>
      <p className="soft small">Four to eight figures; it opens nothing that is not signed in already.</p>
      <ErrorNotice error={change.error} hide={['current', 'pin']} />
      {change.isSuccess && <p className="caution">Kept. Take your turn with “change person” at the foot.</p>}
      <label className="field words" style={{ marginTop: 10 }}>
        <span className="label">PIN</span>
        <Input
          type="password"
          inputMode="numeric"
          autoComplete="off"
          maxLength={8}
          value={pin}
          status={wrong ? 'error' : ''}
          onChange={(e) => setPin(e.target.value)}
        />
        <span className="wrong">{wrong && problemText(wrong, 'PIN')}</span>
      </label>
      <label className="field words" style={{ marginTop: 10 }}>
        <span className="label">Your password</span>
        <Input
          type="password"
          autoComplete="current-password"
          value={current}
          status={wrongPassword ? 'error' : ''}
          onChange={(e) => setCurrent(e.target.value)}
        />
        <span className="wrong">{wrongPassword && problemText(wrongPassword, 'Password')}</span>
      </label>
      <div className="actions">
        <Button type="primary" htmlType="submit" loading={change.isPending} disabled={!current}>
          {pin ? 'Keep the PIN' : 'Take the PIN away'}
        </Button>
      </div>
    </form>
  );
}
