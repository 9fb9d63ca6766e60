import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useDeferredValue, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { call, Refusal } from '../api/http';
import type { Contact, Customer } from '../api/types';
import { useDraft } from '../ui/drafts';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { TypedField } from '../quantity/TypedField';
import { Frame, Places } from '../shell/Frame';
import { usePerson } from '../session/session';

const PARTS = [
  ['name', 'Name', ''],
  ['part', 'What they decide', 'approves cost'],
  ['phone', 'Telephone', ''],
  ['email', 'E-mail', ''],
] as const;
const NOBODY: Contact = { name: '', part: '', phone: '', email: '' };

/** Customers, and whom to call about what. */
export function CustomersPage() {
  const { id } = useParams();
  const navigate = useNavigate();
  const [find, setFind] = useState('');
  const wanted = useDeferredValue(find.trim());
  const customers = useQuery({
    queryKey: ['customers', wanted],
    queryFn: () => call<Customer[]>('GET', `/api/customers?find=${encodeURIComponent(wanted)}`),
    placeholderData: keepPreviousData,
  });
  const one = useQuery({
    queryKey: ['customer', id],
    queryFn: () => call<Customer>('GET', `/api/customers/${id ?? ''}`),
    enabled: id !== undefined,
  });
  return (
    <Frame
      band={
        <>
          <Places />
          <label className="find">
            <span className="skip">Find a customer</span>
            <input
              id="find"
              type="search"
              placeholder="customer …"
              value={find}
              onChange={(e) => setFind(e.target.value)}
            />
            <kbd>/</kbd>
          </label>
        </>
      }
      keys={[
        { key: '/', label: 'find', run: () => document.getElementById('find')?.focus() },
        { key: 'F', label: 'floor', run: () => void navigate('/') },
      ]}
    >
      <main className="page" id="work">
        <ErrorNotice error={customers.error ?? one.error} />
        <div className="two">
          <ul className="customers" aria-label="Customers">
            {customers.data?.map((c) => (
              <li key={c.id}>
                <Link to={`/customers/${c.id}`} aria-current={String(c.id) === id ? 'page' : undefined}>
                  <b>{c.name}</b>
                  <small>
                    {c.jobs === 1 ? 'one job' : `${c.jobs} jobs`}
                    {c.contacts[0] ? ` · ${c.contacts[0].name}` : ' · nobody to call noted'}
                  </small>
                </Link>
              </li>
            ))}
          </ul>
          {one.data ? (
            <Card key={`${one.data.id} ${one.data.version}`} customer={one.data} />
          ) : (
            <p className="soft">Pick a customer to see whom to call.</p>
          )}
        </div>
      </main>
    </Frame>
  );
}

function Card({ customer }: { customer: Customer }) {
  const client = useQueryClient();
  const person = usePerson();
  const may = person.role !== 'technician';
  const draft = useDraft(`customer ${customer.id}`, {
    name: customer.name,
    note: customer.note,
    contacts: customer.contacts,
  });
  const v = draft.value;
  const save = useMutation({
    mutationFn: () =>
      call<Customer>('PUT', `/api/customers/${customer.id}`, { version: customer.version, ...v }),
    onSuccess: (after) => {
      draft.settle({ name: after.name, note: after.note, contacts: after.contacts });
      client.setQueryData(['customer', String(customer.id)], after);
      void client.invalidateQueries({ queryKey: ['customers'] });
    },
  });
  const problems = save.error instanceof Refusal ? save.error.problems : [];
  const contact = (n: number, part: Partial<Contact>) =>
    draft.change({ ...v, contacts: v.contacts.map((c, k) => (k === n ? { ...c, ...part } : c)) });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <div className="head">
        <h1>{customer.name}</h1>
        <span className="soft">
          {customer.jobs === 1 ? 'one job' : `${customer.jobs} jobs`} ·{' '}
          {v.contacts.length === 0 ? 'nobody to call noted' : `call ${v.contacts[0]?.name || '…'} first`}
        </span>
      </div>
      <ErrorNotice error={save.error} hide={problems.map((p) => p.field)} />
      <div className="grid2">
        <TypedField
          words
          label="Name"
          value={v.name}
          disabled={!may}
          problem={at(problems, 'name')}
          onChange={(name) => draft.change({ ...v, name })}
        />
        <TypedField
          words
          label="To keep in mind"
          hint="pays within 30 days; gate closes at four"
          value={v.note}
          disabled={!may}
          problem={at(problems, 'note')}
          onChange={(note) => draft.change({ ...v, note })}
        />
      </div>
      {v.contacts.map((c, n) => (
        <section key={n} className="panel block" aria-label={`Contact ${n + 1}`}>
          <div className="grid2">
            {PARTS.map(([field, label, hint]) => (
              <TypedField
                key={field}
                words
                label={label}
                hint={hint}
                value={c[field]}
                disabled={!may}
                problem={at(problems, `contacts[${n}].${field}`)}
                onChange={(text) => contact(n, { [field]: text })}
              />
            ))}
          </div>
          {may && (
            <Button
              type="text"
              onClick={() => draft.change({ ...v, contacts: v.contacts.filter((_, k) => k !== n) })}
            >
              Take {c.name || 'this one'} off
            </Button>
          )}
        </section>
      ))}
      {may && (
        <div className="actions">
          <Button type="primary" htmlType="submit" loading={save.isPending} disabled={!draft.dirty}>
            Keep it
          </Button>
          <Button onClick={() => draft.change({ ...v, contacts: [...v.contacts, NOBODY] })}>
            Somebody else to call
          </Button>
        </div>
      )}
    </form>
  );
}
