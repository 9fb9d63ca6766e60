import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useDeferredValue, useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { call, Refusal, requestKey } from '../api/http';
import { useOnce } from '../api/once';
import { useShop } from '../api/shop';
import { useGoOn } from '../job/useGoOn';
import type { Customer, JobView } from '../api/types';
import { useDraft } from '../ui/drafts';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { KnownMotor } from '../passport/KnownMotor';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { onDelivered, sendOrKeep } from '../outbox/outbox';
import { usePerson } from '../session/session';
import { useMoney } from '../settings/useSettings';
import { Frame } from '../shell/Frame';

const EMPTY = {
  customer: '',
  machine: '',
  complaint: '',
  supply: '',
  urgency: 'usual' as 'rush' | 'usual' | 'can-wait',
  outageCostPerHour: '',
  promised: '',
  serial: '',
  askedBy: '',
  contactName: '',
  contactPart: '',
  contactPhone: '',
  contactEmail: '',
};

const FIELDS = [
  'customer',
  'machine',
  'complaint',
  'supply',
  'urgency',
  'outageCostPerHour',
  'promisedAt',
  'serial',
  'askedBy',
  'contact.name',
  'contact.phone',
  'contact.email',
];

const CONTACT = [
  ['contactName', 'Name', 'contact.name'],
  ['contactPart', 'What they decide', 'contact.part'],
  ['contactPhone', 'Telephone', 'contact.phone'],
  ['contactEmail', 'E-mail', 'contact.email'],
] as const;

/** A motor at the door: who, what, what happened, how urgent. */
export function ReceivePage() {
  const goOn = useGoOn();
  const client = useQueryClient();
  const person = usePerson();
  const { shop, shops } = useShop();
  const draft = useDraft('receive', EMPTY);
  const v = draft.value;
  const key = useRef(requestKey());
  const once = useOnce();
  const took = (job: JobView) => {
    draft.settle(EMPTY);
    client.setQueryData(['job', job.identity.tag], job);
    void client.invalidateQueries({ queryKey: ['floor'] });
    goOn(`/jobs/${job.identity.tag}/receive`);
  };
  const receive = useMutation({
    mutationFn: () => {
      const { promised, contactName, contactPart, contactPhone, contactEmail, ...rest } = v;
      const promisedAt = promised ? new Date(promised).toISOString() : null;
      const somebody = contactName || contactPhone || contactEmail;
      const contact = somebody
        ? { name: contactName, part: contactPart, phone: contactPhone, email: contactEmail }
        : null;
      const body = { ...rest, promisedAt, contact };
      return sendOrKeep<JobView>({
        key: key.current,
        once: once.key(body),
        username: person.username,
        displayName: person.displayName,
        method: 'POST',
        path: '/api/jobs',
        body,
        label: `Received: ${v.customer}, ${v.machine}`,
        page: '/receive',
        tag: '',
        draft: 'receive',
        at: Date.now(),
      });
    },
    onSuccess: took,
  });
  // What waited for the server was taken late: go on as if the answer had come at once.
  const late = useRef(took);
  useEffect(() => {
    late.current = took;
  });
  useEffect(
    () =>
      onDelivered(({ entry, answer }) => {
        if (entry.key === key.current) {
          late.current(answer as JobView);
        }
      }),
    [],
  );
  const problems = receive.error instanceof Refusal ? receive.error.problems : [];
  const set = (part: Partial<typeof EMPTY>) => draft.change({ ...v, ...part });
  const cost = Number(v.outageCostPerHour);
  const inMoney = useMoney();
  const wanted = useDeferredValue(v.customer.trim());
  const customers = useQuery({
    queryKey: ['customers', wanted],
    queryFn: () => call<Customer[]>('GET', `/api/customers?find=${encodeURIComponent(wanted)}`),
    placeholderData: keepPreviousData,
  });
  const same = customers.data?.find((c) => c.name.toLowerCase() === wanted.toLowerCase());
  const serial = useDeferredValue(v.serial);
  return (
    <Frame keys={[{ key: 'Escape', label: 'back to the floor', run: () => goOn('/') }]}>
      <main className="page" id="work">
        <form
          style={{ maxWidth: 860 }}
          onSubmit={(e) => {
            e.preventDefault();
            receive.mutate();
          }}
        >
          <div className="head">
            <h1>Receive a motor{shops.length > 1 && <> at {shops.find((s) => s.id === shop)?.name}</>}</h1>
            <span className="soft">what the customer says now is what makes the cause findable later</span>
          </div>
          <ErrorNotice error={receive.error} hide={FIELDS} />
          <div className="grid2">
            <TypedField
              words
              label="Customer"
              value={v.customer}
              problem={at(problems, 'customer')}
              list={customers.data?.map((c) => c.name)}
              note={wanted && customers.isSuccess ? known(same) : undefined}
              onChange={(customer) => set({ customer })}
            />
            <TypedField
              words
              label="Machine it drives"
              value={v.machine}
              problem={at(problems, 'machine')}
              onChange={(machine) => set({ machine })}
            />
          </div>
          <TypedField
            words
            label="Serial number, or the shop’s own mark on it"
            hint="as punched or written; empty when there is neither"
            value={v.serial}
            problem={at(problems, 'serial')}
            onChange={(text) => set({ serial: text })}
          />
          {serial.trim().length > 3 && <KnownMotor serial={serial} />}
          <label className="field words">
            <span className="label">Complaint, in the customer’s words</span>
            <Input.TextArea
              rows={3}
              value={v.complaint}
              maxLength={2000}
              placeholder="What happened, and what just before? Power cut, new drive, flooding, trips, noise"
              onChange={(e) => set({ complaint: e.target.value })}
            />
            <span className="said">{at(problems, 'complaint')?.message}</span>
          </label>
          <TypedField
            words
            label="Supply and protection when it failed"
            hint="mains, star-delta, drive and cable length; which relay at which setting"
            value={v.supply}
            problem={at(problems, 'supply')}
            onChange={(supply) => set({ supply })}
          />
          <Picks
            label="How urgent"
            value={v.urgency}
            options={[
              ['rush', 'Rush'],
              ['usual', 'Usual'],
              ['can-wait', 'Can wait'],
            ]}
            onPick={(urgency) => set({ urgency })}
          />
          {v.urgency === 'rush' && (
            <TypedField
              words
              label="Who asked for the rush"
              hint="a rush pushes other work aside: by name"
              value={v.askedBy}
              problem={at(problems, 'askedBy')}
              onChange={(askedBy) => set({ askedBy })}
            />
          )}
          <div className="grid2">
            <TypedField
              label={`An hour of outage costs${inMoney}`}
              value={v.outageCostPerHour}
              problem={at(problems, 'outageCostPerHour')}
              note={
                cost > 0
                  ? `${Math.round(cost * 24)} a day; it counts from now`
                  : 'empty when nothing waits for it'
              }
              onChange={(outageCostPerHour) => set({ outageCostPerHour })}
            />
            <label className="field words">
              <span className="label">Promised for</span>
              <Input
                type="datetime-local"
                value={v.promised}
                onChange={(e) => set({ promised: e.target.value })}
              />
              <span className="wrong">
                {at(problems, 'promisedAt') && 'The promised time lies in the past'}
              </span>
              <Link to="/plan/what-if">When could it be ready? Ask the plan first</Link>
            </label>
          </div>
          {!(same && same.contacts.length > 0) && (
            <fieldset>
              <legend>Whom to call about it</legend>
              <div className="grid2">
                {CONTACT.map(([field, label, path]) => (
                  <TypedField
                    key={field}
                    words
                    label={label}
                    value={v[field]}
                    problem={at(problems, path)}
                    onChange={(text) => set({ [field]: text })}
                  />
                ))}
              </div>
            </fieldset>
          )}
          <div className="actions">
            <Button type="primary" htmlType="submit" loading={receive.isPending}>
              Take it in, then look it over
            </Button>
          </div>
        </form>
      </main>
    </Frame>
  );
}

/** What is known of the customer being typed, at once. */
function known(customer: Customer | undefined): string {
  if (!customer) {
    return 'new here';
  }
  const first = customer.contacts[0];
  const jobs = customer.jobs === 1 ? 'one job so far' : `${customer.jobs} jobs so far`;
  return first
    ? `${jobs}; call ${first.name}, ${first.phone || first.email}`
    : `${jobs}; nobody to call noted`;
}
