import { useMutation } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { problemText } from '../quantity/words';

/** One's own password; other sessions end with the old one. */
export function OwnPassword() {
  const [current, setCurrent] = useState('');
  const [fresh, setFresh] = useState('');
  const change = useMutation({
    mutationFn: () => call('POST', '/api/me/password', { current, fresh }),
    onSuccess: () => {
      setCurrent('');
      setFresh('');
    },
  });
  const problems = change.error instanceof Refusal ? change.error.problems : [];
  const field = (
    name: string,
    label: string,
    value: string,
    set: (text: string) => void,
    complete: string,
  ) => {
    const wrong = at(problems, name);
    return (
      <label className="field words" style={{ marginTop: 10 }}>
        <span className="label">{label}</span>
        <Input
          type="password"
          autoComplete={complete}
          value={value}
          status={wrong ? 'error' : ''}
          onChange={(e) => set(e.target.value)}
        />
        <span className="wrong">{wrong && problemText(wrong, label)}</span>
      </label>
    );
  };
  return (
    <form
      className="panel"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <h2>Password</h2>
      <ErrorNotice error={change.error} hide={['current', 'fresh']} />
      {change.isSuccess && (
        <p className="caution">Changed. Other tablets you were signed in at ask for the new one.</p>
      )}
      {field('current', 'Current password', current, setCurrent, 'current-password')}
      {field('fresh', 'New password', fresh, setFresh, 'new-password')}
      <div className="actions">
        <Button type="primary" htmlType="submit" loading={change.isPending} disabled={!current || !fresh}>
          Change it
        </Button>
      </div>
    </form>
  );
}
