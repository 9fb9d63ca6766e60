import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { JobView, QuoteAddress, QuoteMailed, QuoteView } from '../api/types';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { moment } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { Mark } from '../verdict/Mark';

const MARKS = {
  open: 'unproven',
  accepted: 'holds',
  declined: 'stop',
  superseded: 'unproven',
  expired: 'watch',
} as const;
const SAID = { accepted: 'Accepted', declined: 'Declined', question: 'Asked' } as const;

/** Quotes of a job: each as it was given, where it stands, how it is handed out, and what came back. */
export function Quotes({ job, may }: { job: JobView; may: boolean }) {
  const tag = job.identity.tag;
  const client = useQueryClient();
  const quotes = useQuery({
    queryKey: ['quotes', tag],
    queryFn: () => call<QuoteView[]>('GET', `/api/jobs/${tag}/quotes`),
    refetchInterval: 15_000,
  });
  const again = () => void client.invalidateQueries({ queryKey: ['quotes', tag] });
  const issue = useChange(tag, again);
  const list = quotes.data ?? [];
  const newest = list[0];
  return (
    <section aria-label="Quotes" style={{ marginTop: 22 }}>
      <div className="head">
        <h2>Quotes</h2>
        <span className="soft">a quote never changes; a change makes the next one</span>
      </div>
      <ErrorNotice error={issue.error ?? quotes.error} />
      {may && (
        <div className="actions">
          <Button
            type={newest ? 'default' : 'primary'}
            loading={issue.isPending}
            onClick={() => issue.mutate({ method: 'POST', path: 'quotes', body: {} })}
          >
            {newest ? `Issue quote ${newest.version + 1}` : 'Issue the quote'}
          </Button>
          {!newest && (
            <span className="soft small">as it stands above, for good; an answer belongs to a quote</span>
          )}
        </div>
      )}
      {list.map((q) => (
        <OneQuote key={q.version} tag={tag} quote={q} may={may} changed={again} />
      ))}
      {may && newest && newest.state === 'open' && <Answer tag={tag} quote={newest} changed={again} />}
    </section>
  );
}

function OneQuote({
  tag,
  quote,
  may,
  changed,
}: {
  tag: string;
  quote: QuoteView;
  may: boolean;
  changed: () => void;
}) {
  const path = `/api/jobs/${tag}/quotes/${quote.version}`;
  const make = useMutation({
    mutationFn: () => call<QuoteAddress>('POST', `${path}/addresses`, {}),
    onSuccess: changed,
  });
  const revoke = useMutation({
    mutationFn: (id: number) => call<QuoteView[]>('DELETE', `${path}/addresses/${id}`),
    onSuccess: () => {
      make.reset();
      changed();
    },
  });
  const standing = quote.addresses.filter((a) => !a.revokedAt);
  return (
    <div className="panel" style={{ marginTop: 10 }}>
      <p style={{ display: 'flex', gap: 10, alignItems: 'center', margin: 0, flexWrap: 'wrap' }}>
        <Mark verdict={MARKS[quote.state]} />
        <b>Quote {quote.version}</b> {quote.stateLabel}
        <span className="soft">
          issued by {quote.issuedBy}, {moment(quote.issuedAt)}; valid until {moment(quote.validUntil)}
        </span>
        <a href={`${path}/quote.pdf`} target="_blank" rel="noreferrer">
          Read it (PDF)
        </a>
      </p>
      <p className="small soft" style={{ margin: '4px 0' }}>
        {quote.options
          .filter((o) => o.open)
          .map((o) => `${o.name} ${o.gross}`)
          .join(' · ')}
      </p>
      {quote.answers.map((a) => (
        <p key={a.at} style={{ margin: '4px 0' }}>
          <b>
            {SAID[a.answer]}
            {a.option && `: ${a.option}`}
          </b>{' '}
          by {a.who} ({a.how}), {moment(a.at)}
          {a.words && ` – “${a.words}”`}
        </p>
      ))}
      <ErrorNotice error={make.error ?? revoke.error} />
      {may && quote.state === 'open' && (
        <div className="actions">
          <Button onClick={() => make.mutate()} loading={make.isPending}>
            Make an address for the customer
          </Button>
          {standing.map((a) => (
            <Button key={a.id} type="text" onClick={() => revoke.mutate(a.id)}>
              Take back the address of {moment(a.madeAt)}
            </Button>
          ))}
        </div>
      )}
      {may && quote.state === 'open' && <Send path={path} quote={quote} changed={changed} />}
      {make.data && (
        <div style={{ marginTop: 8 }}>
          <p className="caution">
            This address is shown once. Whoever has it can read this quote and answer it until{' '}
            {moment(quote.validUntil)}.
          </p>
          <Input.TextArea aria-label="Letter to the customer" readOnly autoSize value={make.data.mail} />
        </div>
      )}
    </div>
  );
}

/** Sends a quote to an e-mail address, or gives the message as a file where the shop has no mail server. */
function Send({ path, quote, changed }: { path: string; quote: QuoteView; changed: () => void }) {
  const [to, setTo] = useState('');
  const send = useMutation({
    mutationFn: () => call<QuoteMailed>('POST', `${path}/mail`, { to }),
    onSuccess: changed,
  });
  const refused = send.error instanceof Refusal ? send.error.problems : [];
  const file = send.data?.file;
  return (
    <form
      style={{ display: 'flex', gap: 12, alignItems: 'end', flexWrap: 'wrap' }}
      onSubmit={(e) => {
        e.preventDefault();
        send.mutate();
      }}
    >
      <TypedField
        words
        label="Send it to"
        hint="name@example"
        value={to}
        problem={at(refused, 'to')}
        onChange={setTo}
      />
      <Button htmlType="submit" loading={send.isPending} style={{ marginBottom: 22 }}>
        Send by e-mail
      </Button>
      {send.data?.sent && <p style={{ marginBottom: 28 }}>Sent.</p>}
      {file && (
        <p style={{ marginBottom: 28 }}>
          {send.data?.why}.{' '}
          <a
            download={`quote-${String(quote.version)}.eml`}
            href={`data:message/rfc822;charset=utf-8,${encodeURIComponent(file)}`}
          >
            Take the message as a file
          </a>{' '}
          and send it by hand.
        </p>
      )}
      <ErrorNotice error={send.error} hide={['to']} />
    </form>
  );
}

const WAYS = ['signature', 'e-mail', 'telephone', 'in person'] as const;
const ANSWERS = [
  ['accepted', 'Accepts'],
  ['declined', 'Declines'],
  ['question', 'Asks'],
] as const;

function Answer({ tag, quote, changed }: { tag: string; quote: QuoteView; changed: () => void }) {
  const [answer, setAnswer] = useState<(typeof ANSWERS)[number][0]>('accepted');
  const [option, setOption] = useState<string>();
  const [customer, setCustomer] = useState('');
  const [how, setHow] = useState<(typeof WAYS)[number]>('telephone');
  const [reason, setReason] = useState('');
  const choose = useChange(tag, () => {
    setReason('');
    changed();
  });
  const refused = choose.error instanceof Refusal ? choose.error.problems : [];
  return (
    <form
      className="panel"
      style={{ marginTop: 14 }}
      onSubmit={(e) => {
        e.preventDefault();
        choose.mutate({
          method: 'POST',
          path: `quotes/${quote.version}/answer`,
          body: { answer, option: option ?? '', customer, how, reason },
        });
      }}
    >
      <h2>The customer’s answer to quote {quote.version}</h2>
      <ErrorNotice error={choose.error} hide={['who', 'words', 'option']} />
      <Picks label="The customer" value={answer} options={ANSWERS} onPick={setAnswer} />
      {answer === 'accepted' && (
        <>
          <Picks
            label="Chosen"
            value={option}
            options={quote.options.filter((o) => o.open).map((o) => [o.name, o.name] as const)}
            onPick={setOption}
          />
          {at(refused, 'option') && (
            <p className="wrong">{option ? at(refused, 'option')?.message : 'Which option?'}</p>
          )}
        </>
      )}
      <div className="grid2">
        <TypedField
          words
          label="Who answered"
          value={customer}
          problem={at(refused, 'who')}
          onChange={setCustomer}
        />
        <TypedField
          words
          label="What was said"
          value={reason}
          problem={at(refused, 'words')}
          onChange={setReason}
        />
      </div>
      <Picks label="How it was said" value={how} options={WAYS.map((w) => [w, w] as const)} onPick={setHow} />
      <Button type="primary" htmlType="submit" loading={choose.isPending}>
        Record the answer
      </Button>
    </form>
  );
}
