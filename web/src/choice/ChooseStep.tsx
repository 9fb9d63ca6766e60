import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { call, Refusal } from '../api/http';
import type { ChoiceReading, JobView, SheetPreview } from '../api/types';
import { at, usePreview, whileTyping } from '../ui/preview';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { hours, money, moment } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { useMoney } from '../settings/useSettings';
import { usePerson } from '../session/session';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import { OfferForm, type Offers } from './OfferForm';
import { Loading } from '../ui/Loading';

const CostChart = lazy(() => import('./CostChart').then((m) => ({ default: m.CostChart })));

const OFFICE = ['office', 'lead', 'admin'];

/** Options side by side: gates first, then money, then the customer's answer. */
export function ChooseStep({ job }: { job: JobView }) {
  const person = usePerson();
  const sheet = job.sheets['offers'];
  const estimate = useQuery({
    queryKey: ['estimate', job.identity.tag],
    queryFn: () => call<Offers>('GET', `/api/jobs/${job.identity.tag}/offers/estimate`),
    enabled: sheet === undefined && job.plate !== null,
    staleTime: Infinity,
  });
  const start = (sheet?.typed as Offers | undefined) ?? estimate.data;
  if (!job.plate) {
    return (
      <>
        <h1>Recondition, rewind or replace</h1>
        <p>Read the nameplate first: costs go by its power.</p>
      </>
    );
  }
  if (!start) {
    return <ErrorNotice error={estimate.error} />;
  }
  return <Options job={job} start={start} mayPrice={OFFICE.includes(person.role)} />;
}

function Options({ job, start, mayPrice }: { job: JobView; start: Offers; mayPrice: boolean }) {
  const tag = job.identity.tag;
  const sheet = useSheet<Offers>(job, 'offers', start, () => setEditing(false));
  const written = sheet.written;
  const v = sheet.value;
  const [editing, setEditing] = useState(written === undefined && mayPrice);
  const preview = usePreview<SheetPreview>(`/api/jobs/${tag}/sheets/offers/preview`, { ...v }, true);
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const choice = preview?.choice ?? job.choice;
  return (
    <>
      <div className="head">
        <h1>Recondition, rewind or replace</h1>
        <span className="soft">
          {written
            ? `priced by ${written.by}, ${moment(written.at)}`
            : 'a first estimate by power; the office prices it'}
        </span>
      </div>
      {choice && <Compared choice={choice} outagePerHour={job.identity.outageCostPerHour} />}
      {choice && (
        <Judged
          judgement={choice.advice}
          word={job.terms.advice[choice.advice.verdict]}
          other={choice.crossings.join(' ') || undefined}
        />
      )}
      {choice && (
        <Suspense fallback={<Loading />}>
          <h3 style={{ marginBottom: 6 }}>
            Spent by the end of each year{' '}
            <span className="soft small">price, outage, and energy beyond the most frugal option</span>
          </h3>
          <CostChart choice={choice} />
        </Suspense>
      )}
      {editing ? (
        <SheetForm
          sheet={sheet}
          title="Prices"
          aside="quantity × rate for each line; conditions first"
          keep="Keep these prices"
          correct="Keep these prices"
          label={words}
        >
          <OfferForm value={v} problems={problems} shown={preview?.shown ?? {}} onChange={sheet.change} />
        </SheetForm>
      ) : (
        mayPrice && (
          <div className="actions">
            <Button onClick={() => setEditing(true)}>Change prices and lives</Button>
          </div>
        )
      )}
      {!mayPrice && (
        <p className="soft" style={{ marginTop: 12 }}>
          Prices and the answer are the office’s or the lead hand’s to enter.
        </p>
      )}
      {written && choice && <Answer job={job} choice={choice} may={mayPrice} />}
      {choice && <Arithmetic steps={choice.steps} />}
    </>
  );
}

function Compared({ choice, outagePerHour }: { choice: ChoiceReading; outagePerHour: number }) {
  const inMoney = useMoney();
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th>option</th>
          <th className="n">price{inMoney}</th>
          <th className="n">lead time</th>
          <th className="n">outage</th>
          <th className="n">energy a year</th>
          <th className="n">a year in all</th>
          <th className="n">level at</th>
        </tr>
      </thead>
      <tbody>
        {choice.options.map((o) => (
          <tr key={o.kind}>
            <td>
              <b style={o.open ? {} : { textDecoration: 'line-through' }}>{o.name}</b>
              {o.reason && (
                <div className="small" style={{ display: 'flex', gap: 6, alignItems: 'center' }}>
                  <Mark verdict={o.open ? 'watch' : 'stop'} size={14} />
                  <span>{o.reason}</span>
                </div>
              )}
              <div className="small soft">
                {o.efficiencyPercent} % · {o.expectedLifeYears} years
              </div>
            </td>
            <td className="n">{money(o.price)}</td>
            <td className="n">{hours(o.leadTimeHours)}</td>
            <td className="n">{outagePerHour > 0 ? money(o.outageCost) : '–'}</td>
            <td className="n">{money(o.annualEnergyCost)}</td>
            <td className="n">
              <b>{money(o.equivalentAnnualCost)}</b>
            </td>
            <td className="n">{o.levelPrice === null ? '–' : money(o.levelPrice)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const WAYS = ['signature', 'e-mail', 'telephone', 'in person'] as const;

function Answer({ job, choice, may }: { job: JobView; choice: ChoiceReading; may: boolean }) {
  const [option, setOption] = useState<string>();
  const [customer, setCustomer] = useState('');
  const [how, setHow] = useState<(typeof WAYS)[number]>('telephone');
  const [reason, setReason] = useState('');
  const choose = useChange(job.identity.tag, () => setReason(''));
  const refused = choose.error instanceof Refusal ? choose.error.problems : [];
  const done = job.chosen;
  return (
    <form
      className="panel"
      style={{ marginTop: 20 }}
      onSubmit={(e) => {
        e.preventDefault();
        choose.mutate({
          method: 'POST',
          path: 'choice',
          body: { option: option ?? '', customer, how, reason },
        });
      }}
    >
      <h2>The customer’s answer</h2>
      {done && (
        <p style={{ display: 'flex', gap: 10, alignItems: 'center', margin: '8px 0' }}>
          <Mark verdict="holds" />
          <span>
            <b>{done.option}</b>, chosen by {done.customer} ({done.how}), taken down by {done.done.by},{' '}
            {moment(done.done.at)}: {done.reason}
          </span>
        </p>
      )}
      {may && (
        <>
          <ErrorNotice error={choose.error} hide={['customer', 'reason', 'option']} />
          <Picks
            label={done ? 'Changed to' : 'Chosen'}
            value={option}
            options={choice.options.filter((o) => o.open).map((o) => [o.kind as string, o.name] as const)}
            onPick={setOption}
          />
          {at(refused, 'option') && (
            <p className="wrong">{option ? at(refused, 'option')?.message : 'Which option?'}</p>
          )}
          <div className="grid2">
            <TypedField
              words
              label="Who chose"
              value={customer}
              problem={at(refused, 'customer')}
              onChange={setCustomer}
            />
            <TypedField
              words
              label="Why"
              value={reason}
              problem={at(refused, 'reason')}
              onChange={setReason}
            />
          </div>
          <Picks
            label="How it was said"
            value={how}
            options={WAYS.map((w) => [w, w] as const)}
            onPick={setHow}
          />
          <Button type={done ? 'default' : 'primary'} htmlType="submit" loading={choose.isPending}>
            Record the answer
          </Button>
        </>
      )}
    </form>
  );
}
