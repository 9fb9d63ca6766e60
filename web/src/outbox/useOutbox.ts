import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { usePerson } from '../session/session';
import { forgetDraft } from '../ui/drafts';
import { flush, onChanged, onDelivered, waiting, type Waiting } from './outbox';

const EVERY_MS = 4_000;

/** What waits in this browser; sent by itself, each person's under their own name, while they are signed in. */
export function useOutbox(): Waiting[] {
  const { username } = usePerson();
  const client = useQueryClient();
  const [entries, setEntries] = useState<Waiting[]>([]);
  useEffect(() => {
    const recount = () => void waiting().then(setEntries, () => setEntries([]));
    recount();
    return onChanged(recount);
  }, []);
  useEffect(
    () =>
      onDelivered(({ entry }) => {
        if (entry.draft) {
          forgetDraft(entry.username, entry.draft);
        }
        if (entry.tag) {
          void client.invalidateQueries({ queryKey: [entry.file ? 'photos' : 'job', entry.tag] });
        }
        void client.invalidateQueries({ queryKey: ['floor'] });
      }),
    [client],
  );
  const mine = entries.filter((e) => e.username === username && !e.refused).length;
  useEffect(() => {
    if (mine === 0) {
      return;
    }
    const again = () => void flush(username);
    again();
    const timer = setInterval(again, EVERY_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [mine, username]);
  return entries;
}
