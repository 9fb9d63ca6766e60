import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { FloorRow, JobView } from '../api/types';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { moment } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';

function useJobPost(path: string, done?: () => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ tag, body }: { tag: string; body: unknown }) =>
      call<JobView>('POST', `/api/jobs/${tag}/${path}`, body),
    onSuccess: (job) => {
      client.setQueryData(['job', job.identity.tag], job);
      void client.invalidateQueries({ queryKey: ['floor'] });
      done?.();
    },
  });
}

export function usePickUp() {
  return useJobPost('pick-up');
}

/** One line on where the hands were, so that whoever picks it up need not guess. */
export function SetDownForm({ tag, rushes, done }: { tag: string; rushes: string[]; done: () => void }) {
  const [workNote, setHandsWere] = useState('');
  const [displacedBy, setDisplacedBy] = useState('');
  const setDown = useJobPost('set-down', done);
  const problems = setDown.error instanceof Refusal ? setDown.error.problems : [];
  return (
    <form
      className="panel"
      style={{ margin: '14px 0' }}
      onSubmit={(e) => {
        e.preventDefault();
        setDown.mutate({ tag, body: { workNote, displacedBy } });
      }}
    >
      <h2>Set {tag} down</h2>
      <ErrorNotice error={setDown.error} hide={['workNote']} />
      <TypedField
        words
        label="Where my hands were"
        hint="fan end cap off, wave washer in tray 4"
        value={workNote}
        problem={at(problems, 'workNote')}
        onChange={setHandsWere}
        autoFocus
      />
      {rushes.length > 0 && (
        <label className="field words" style={{ maxWidth: 320, marginBottom: 12 }}>
          <span className="label">For which rush job (may be none)</span>
          <Select
            allowClear
            style={{ width: '100%' }}
            value={displacedBy || null}
            options={rushes.map((r) => ({ value: r, label: r }))}
            onChange={(r: string | null) => setDisplacedBy(r ?? '')}
          />
        </label>
      )}
      <div className="actions" style={{ marginTop: 4 }}>
        <Button type="primary" htmlType="submit" loading={setDown.isPending}>
          Set it down
        </Button>
        <Button onClick={done}>Keep it in hand</Button>
      </div>
    </form>
  );
}

type SetDown = NonNullable<FloorRow['setDown']>;

/** Who set it down, for what, and the line they left. */
export function SetDownNotice({ tag, setDown }: { tag: string; setDown: SetDown }) {
  const pickUp = usePickUp();
  return (
    <div className="notice" style={{ borderColor: 'var(--brass)', background: 'var(--edge)' }}>
      <div style={{ flex: 1 }}>
        <b>Set down: “{setDown.workNote}”</b>
        <div className="small soft">
          {setDown.by}, {moment(setDown.at)}
          {setDown.displacedBy && `, for ${setDown.displacedBy}`}
        </div>
        <ErrorNotice error={pickUp.error} />
      </div>
      <Button type="primary" loading={pickUp.isPending} onClick={() => pickUp.mutate({ tag, body: {} })}>
        Pick it up
      </Button>
    </div>
  );
}
