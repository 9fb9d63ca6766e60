import { Button, Input } from 'antd';
import { useState } from 'react';
import { Refusal } from '../api/http';
import { usePerson } from '../session/session';
import type { Sheet } from './sheet';

/** A change that would lift what holds a gate asks a lead hand for a reason; it stays on record. */
export function GuardReason<T extends object>({ sheet }: { sheet: Sheet<T> }) {
  const asked = sheet.keep.error instanceof Refusal && sheet.keep.error.title === 'Needs a reason';
  return asked ? <Reason sheet={sheet} /> : null;
}

function Reason<T extends object>({ sheet }: { sheet: Sheet<T> }) {
  const person = usePerson();
  const [reason, setReason] = useState('');
  if (person.role !== 'lead' && person.role !== 'admin') {
    return null;
  }
  return (
    <div className="actions" style={{ flexWrap: 'nowrap' }}>
      <Input
        aria-label="Reason for this change"
        placeholder="why: bearing replaced, turned by hand twice"
        maxLength={300}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button disabled={!reason.trim()} onClick={() => sheet.save(reason)}>
        Keep it with this reason
      </Button>
    </div>
  );
}
