import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { call } from '../api/http';
import type { JobView, SheetPreview } from '../api/types';
import { usePreview, whileTyping } from '../ui/preview';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { ErrorNotice } from '../ui/ErrorNotice';
import { moment } from '../quantity/figures';
import { usePerson } from '../session/session';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import { Compared } from './Compared';
import { OfferForm } from './OfferForm';
import type { Offers } from './offers';
import { Quotes } from './Quotes';
import { FlipList, Reasons } from './Reasons';
import { Loading } from '../ui/Loading';

const CostChart = lazy(() => import('./CostChart').then((m) => ({ default: m.CostChart })));

const OFFICE = ['office', 'lead', 'admin'];

/** Options side by side: gates first, then money, then the quote and the customer's answer. */
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
            : 'built from the shop’s tables and this job; the office prices it'}
        </span>
      </div>
      {job.chosen && <Chosen chosen={job.chosen} />}
      {choice && <Judged judgement={choice.advice} word={choice.firmnessLabel} />}
      {choice && <Compared choice={choice} outagePerHour={job.identity.outageCostPerHour} />}
      {choice && <FlipList flips={choice.flips} />}
      {choice && <Reasons choice={choice} />}
      {choice && choice.options.some((o) => o.open && o.priced) && (
        <Suspense fallback={<Loading />}>
          <h3 style={{ margin: '16px 0 6px' }}>
            Spent by the end of each year{' '}
            <span className="soft small">price, outage, and energy beyond the most frugal option</span>
          </h3>
          <CostChart choice={choice} />
          {choice.crossings.length > 0 && <p className="soft">{choice.crossings.join(' ')}</p>}
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
          Prices, quotes and the answer are the office’s or the lead hand’s to enter.
        </p>
      )}
      {written && !editing && <Quotes job={job} may={mayPrice} />}
      {choice && <Arithmetic steps={choice.steps} />}
    </>
  );
}

function Chosen({ chosen: c }: { chosen: NonNullable<JobView['chosen']> }) {
  return (
    <>
      <p style={{ display: 'flex', gap: 10, alignItems: 'center', margin: '8px 0' }}>
        <Mark verdict="holds" />
        <span>
          <b>{c.option}</b>, chosen by {c.customer} ({c.how})
          {c.price && `, at ${c.price} without tax${c.quote > 0 ? ` by quote ${c.quote}` : ''}`}, taken down
          by {c.done.by}, {moment(c.done.at)}
          {c.reason && `: ${c.reason}`}
        </span>
      </p>
      {c.exceeded && <Judged judgement={c.exceeded} />}
    </>
  );
}
