import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call } from '../api/http';
import type { Feed, MadeFeed, Roster } from '../api/types';
import { moment } from '../quantity/figures';
import { ErrorNotice } from '../ui/ErrorNotice';

/** Addresses by which a calendar program reads the plan of one person or place; each can be taken back. */
export function FeedPanel({ roster }: { roster: Roster }) {
  const client = useQueryClient();
  const [whose, setWhose] = useState('');
  const feeds = useQuery({ queryKey: ['feeds'], queryFn: () => call<Feed[]>('GET', '/api/plan/feeds') });
  const took = (list: Feed[]) => client.setQueryData(['feeds'], list);
  const make = useMutation({
    mutationFn: () => {
      const [kind, name] = whose.split('|');
      return call<MadeFeed>('POST', '/api/plan/feeds', { kind, name });
    },
    onSuccess: (made) => took(made.feeds),
  });
  const revoke = useMutation({
    mutationFn: (id: number) => call<Feed[]>('POST', `/api/plan/feeds/${id}/revoke`),
    onSuccess: took,
  });
  return (
    <section className="panel block" aria-label="Calendars">
      <h2>Calendars</h2>
      <p className="soft small">
        A calendar program that knows the address reads the accepted plan of one person or place. Whoever has
        the address sees tags, tasks and customers in it: give it to that person alone.
      </p>
      <ErrorNotice error={feeds.error ?? make.error ?? revoke.error} />
      <div className="actions">
        <select
          className="plain"
          style={{ width: 260 }}
          aria-label="Whose calendar"
          value={whose}
          onChange={(e) => setWhose(e.target.value)}
        >
          <option value="">whose …</option>
          {roster.people.map((p) => (
            <option key={p.name} value={`person|${p.name}`}>
              {p.name}
            </option>
          ))}
          {roster.places.map((p) => (
            <option key={p.name} value={`place|${p.name}`}>
              {p.name}
            </option>
          ))}
        </select>
        <Button disabled={!whose || make.isPending} onClick={() => make.mutate()}>
          Make an address
        </Button>
      </div>
      {make.data && (
        <p role="status">
          Shown this once: <span className="address">{make.data.address}</span>
        </p>
      )}
      <table className="quiet ruled">
        <tbody>
          {feeds.data?.map((f) => (
            <tr key={f.id}>
              <td>{f.name}</td>
              <td className="soft">
                made by {f.madeBy}, {moment(f.madeAt)}
              </td>
              <td>
                <Button size="small" onClick={() => revoke.mutate(f.id)}>
                  Take it back
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
