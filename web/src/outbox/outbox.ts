import { call, Queued, Refusal, send, StorageFull, Unreachable, type Progress } from '../api/http';
import * as store from './store';
import type { Waiting } from './store';

export type { Waiting } from './store';

/** What a delivered write was answered with. */
export interface Delivered {
  entry: Waiting;
  answer: unknown;
}

const CHANGED = 'brasskettle-outbox';
const DELIVERED = 'brasskettle-delivered';

function changed() {
  window.dispatchEvent(new Event(CHANGED));
}

/** Calls `listener` whenever something comes into the outbox or leaves it; answers how to stop that. */
export function onChanged(listener: () => void): () => void {
  window.addEventListener(CHANGED, listener);
  return () => window.removeEventListener(CHANGED, listener);
}

/** Calls `listener` with every write that the server took late; answers how to stop that. */
export function onDelivered(listener: (delivered: Delivered) => void): () => void {
  const heard = (e: Event) => listener((e as CustomEvent<Delivered>).detail);
  window.addEventListener(DELIVERED, heard);
  return () => window.removeEventListener(DELIVERED, heard);
}

/** What is in the outbox, oldest first. */
export const waiting = store.waiting;

/** Takes a write out that nobody wants any longer. */
export async function discard(key: string): Promise<void> {
  await store.remove(key);
  changed();
}

/**
 * Sends a write, or keeps it where the server does not answer.
 *
 * @throws Queued where it is kept
 * @throws StorageFull where it could not be
 */
export async function sendOrKeep<T>(entry: Waiting, progress?: Progress): Promise<T> {
  try {
    const answer = await deliver<T>(entry, progress);
    await store.remove(entry.key).then(changed, () => undefined);
    return answer;
  } catch (error) {
    if (!(error instanceof Unreachable)) {
      throw error;
    }
    await store.put(entry).catch(() => {
      throw new StorageFull();
    });
    changed();
    throw new Queued(entry.key);
  }
}

function deliver<T>(entry: Waiting, progress?: Progress): Promise<T> {
  return entry.file
    ? send<T>(entry.path, entry.file, entry.once ?? entry.key, progress)
    : call<T>(entry.method, entry.path, entry.body, entry.once ?? entry.key);
}

let flushing = false;

/** Sends what waits of one person, in its order, until the server does not answer again. */
export async function flush(username: string): Promise<void> {
  if (flushing) {
    return;
  }
  flushing = true;
  try {
    for (const entry of (await store.waiting()).filter((e) => e.username === username && !e.refused)) {
      if (!(await tryOne(entry))) {
        return;
      }
    }
  } finally {
    flushing = false;
  }
}

async function tryOne(entry: Waiting): Promise<boolean> {
  try {
    const answer = await deliver<unknown>(entry);
    const now = await store.find(entry.key);
    // What was written into the same sheet meanwhile is another write, and waits for its own turn.
    if (now?.at === entry.at) {
      await store.remove(entry.key);
    }
    window.dispatchEvent(new CustomEvent<Delivered>(DELIVERED, { detail: { entry, answer } }));
    changed();
    return true;
  } catch (error) {
    if (!(error instanceof Refusal) || error.status === 401 || error.status >= 500) {
      return false;
    }
    const told = error.problems[0]?.message ?? error.message;
    // What was sent anew or discarded meanwhile is not brought back.
    if ((await store.find(entry.key))?.at === entry.at) {
      await store.put({ ...entry, refused: error.clash ? `${error.clash.by} changed it meanwhile` : told });
    }
    changed();
    return true;
  }
}
