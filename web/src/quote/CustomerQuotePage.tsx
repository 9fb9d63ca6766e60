import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import { call, Refusal } from '../api/http';
import { useOnce } from '../api/once';
import type { CustomerQuote } from '../api/types';
import { moment, money } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Loading } from '../ui/Loading';
import { Mark } from '../verdict/Mark';
import './quote.css';

type Quote = CustomerQuote['quote'];
type Option = Quote['options'][number];

/** A quote as its customer reads and answers it on a telephone; nothing else of the shop can be reached from here. */
export function CustomerQuotePage() {
  const { address = '' } = useParams();
  const path = `/api/quotes/${encodeURIComponent(address)}`;
  const read = useQuery({
    queryKey: ['customer-quote', address],
    queryFn: () => call<CustomerQuote>('GET', path),
  });
  if (read.isPending) {
    return <Loading />;
  }
  return (
    <main className="customer" id="work">
      {read.data ? (
        <Paper view={read.data} path={path} address={address} />
      ) : (
        <>
          <h1>This address opens no quote</h1>
          <ErrorNotice error={read.error} />
          <p>Call the shop: it can send you a new one.</p>
        </>
      )}
    </main>
  );
}

function Paper({ view, path, address }: { view: CustomerQuote; path: string; address: string }) {
  const q = view.quote;
  const advised = q.options.find((o) => o.name === q.advised);
  return (
    <>
      <header>
        <strong>{q.shop.name}</strong>
        <span>
          Quote {q.version} · job {q.tag}
        </span>
      </header>
      <h1>{q.machine}</h1>
      <p className="soft">
        {q.customer}
        {q.motor && ` · ${q.motor}`}
      </p>
      <State view={view} />
      <h2>Why it failed</h2>
      <p>{q.why}</p>
      {q.prevention.length > 0 && (
        <>
          <h2>What keeps it from coming back</h2>
          <ul>
            {q.prevention.map((p) => (
              <li key={p}>{p}</li>
            ))}
          </ul>
        </>
      )}
      <h2>
        {advised ? `We recommend: ${advised.name}` : 'What can be done'}
        {advised && q.advice.word !== 'Advised' && (
          <span className="soft"> ({q.advice.word.toLowerCase()})</span>
        )}
      </h2>
      <p>{q.advice.because}.</p>
      <Answering view={view} path={path} address={address} />
      <details>
        <summary>What we found</summary>
        <ul>
          {q.found.map((f) => (
            <li key={f.sentence}>{f.sentence}</li>
          ))}
        </ul>
        {q.coilMap && (
          <img
            alt="The winding from the connection end: the darker, the hotter it was"
            src={`data:image/svg+xml;utf8,${encodeURIComponent(q.coilMap)}`}
          />
        )}
        {q.photos.map((p) => (
          <figure key={p.id}>
            <img alt={p.caption || 'photograph of the motor'} src={`${path}/photos/${p.id}`} />
            <figcaption>{p.caption}</figcaption>
          </figure>
        ))}
      </details>
      {q.flips.length > 0 && (
        <details>
          <summary>What would change this advice</summary>
          <ul>
            {q.flips.map((f) => (
              <li key={f}>{f}</li>
            ))}
          </ul>
        </details>
      )}
      <p>
        <a href={`${path}/quote.pdf`} target="_blank" rel="noreferrer">
          The whole quote with what was measured (PDF)
        </a>
      </p>
      <p className="small soft">
        {q.shop.terms && `${q.shop.terms} `}
        {q.simulated && 'Some readings come from simulated instruments and say nothing of a real motor. '}
        {q.shop.address}
      </p>
    </>
  );
}

const MARKS = {
  open: 'unproven',
  accepted: 'holds',
  declined: 'stop',
  superseded: 'watch',
  expired: 'watch',
} as const;

function State({ view }: { view: CustomerQuote }) {
  const settled = view.answers.find((a) => a.answer !== 'question');
  return (
    <p className="state" role="status">
      <Mark verdict={MARKS[view.state]} size={22} />
      <span>
        {settled ? (
          <>
            <b>{settled.answer === 'accepted' ? `Accepted: ${settled.option}` : 'Declined'}</b> by{' '}
            {settled.who}, {moment(settled.at)}
          </>
        ) : (
          <>
            <b>{view.state === 'open' ? 'Waits for your answer' : view.stateLabel}</b>
            {view.state === 'open' && `, until ${moment(view.quote.validUntil)}`}
          </>
        )}
      </span>
    </p>
  );
}

function Card({
  option: o,
  quote,
  picked,
  onPick,
}: {
  option: Option;
  quote: Quote;
  picked: boolean;
  onPick?: () => void;
}) {
  const inMoney = quote.shop.currency ? ` ${quote.shop.currency}` : '';
  const can = o.open && o.priced;
  const body = (
    <>
      <span className="name">
        {o.open ? o.name : <s>{o.name}</s>}
        {quote.advised === o.name && <em>recommended</em>}
      </span>
      {can && (
        <>
          <span className="price">
            {o.price.gross.toFixed(2)}
            {inMoney}
          </span>
          <span>ready in {o.lead}</span>
          <span className="soft">
            {o.warranty && `${o.warranty} of warranty · `}lasts about {o.life} · {money(Number(o.yearly))}
            {inMoney} a year, outage and energy counted
          </span>
        </>
      )}
      {o.open && !o.priced && <span>Price on request</span>}
      {o.reason && <span className="soft">{o.reason}</span>}
      {!o.open && o.bringsBack && <span className="soft">What would bring it back: {o.bringsBack}</span>}
      {o.open && o.notIncluded && <span className="soft">Not included: {o.notIncluded}</span>}
    </>
  );
  return can && onPick ? (
    <button type="button" className="card" role="radio" aria-checked={picked} onClick={onPick}>
      {body}
    </button>
  ) : (
    <div className="card" data-shut={!can}>
      {body}
    </div>
  );
}

/** What is recommended first, what cannot be had last; else as it was offered. */
function inOrder(quote: Quote): Option[] {
  const rank = (o: Option) => (quote.advised === o.name ? 0 : o.open ? 1 : 2);
  return [...quote.options].sort((a, b) => rank(a) - rank(b));
}

function Answering({ view, path, address }: { view: CustomerQuote; path: string; address: string }) {
  const q = view.quote;
  const client = useQueryClient();
  const open = view.state === 'open';
  const [option, setOption] = useState(q.advised ?? '');
  const [who, setWho] = useState('');
  const [words, setWords] = useState('');
  const once = useOnce();
  const send = useMutation({
    mutationFn: (answer: 'accepted' | 'declined' | 'question') => {
      const body = { answer, option, who, words };
      return call<CustomerQuote>('POST', `${path}/answer`, body, once.key(body));
    },
    onSuccess: (after) => {
      setWords('');
      once.done();
      client.setQueryData(['customer-quote', address], after);
    },
    onError: (error) => {
      if (error instanceof Refusal) {
        once.done();
        void client.invalidateQueries({ queryKey: ['customer-quote', address] });
      }
    },
  });
  const refused = send.error instanceof Refusal ? send.error.problems : [];
  const asked = view.answers.filter((a) => a.answer === 'question');
  return (
    <section aria-label="Your answer">
      <div role={open ? 'radiogroup' : undefined} aria-label={open ? 'Options' : undefined}>
        {inOrder(q).map((o) => (
          <Card
            key={o.name}
            option={o}
            quote={q}
            picked={option === o.name}
            {...(open ? { onPick: () => setOption(o.name) } : {})}
          />
        ))}
      </div>
      {asked.map((a) => (
        <p key={a.at} className="soft">
          Asked by {a.who}, {moment(a.at)}: “{a.words}”
        </p>
      ))}
      <ErrorNotice error={send.error} hide={['who', 'words', 'option']} />
      <TypedField words label="Your name" value={who} problem={at(refused, 'who')} onChange={setWho} />
      <label className="field words">
        <span className="label">Anything to add, or a question</span>
        <Input.TextArea
          autoSize={{ minRows: 2 }}
          value={words}
          status={at(refused, 'words') ? 'error' : ''}
          onChange={(e) => setWords(e.target.value)}
        />
        {at(refused, 'words') && <span className="wrong">{at(refused, 'words')?.message}</span>}
      </label>
      {at(refused, 'option') && <p className="wrong">{at(refused, 'option')?.message}</p>}
      <div className="ways">
        {open && (
          <Button
            type="primary"
            size="large"
            loading={send.isPending}
            disabled={option === ''}
            onClick={() => send.mutate('accepted')}
          >
            Accept: {option || 'pick an option'}
          </Button>
        )}
        <Button size="large" onClick={() => send.mutate('question')}>
          Send the question
        </Button>
        {open && (
          <Button size="large" type="text" onClick={() => send.mutate('declined')}>
            Decline all
          </Button>
        )}
      </div>
    </section>
  );
}
