import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Queued, Refusal, StorageFull } from '../api/http';
import { discard, flush, onDelivered, sendOrKeep, waiting, type Waiting } from './outbox';
import * as store from './store';

interface Sent {
  method: string;
  path: string;
  key: string;
  body: unknown;
}

/** A server that is away until it is let in, and refuses what it is told to. */
class Far {
  away = true;
  refuses: string | undefined;
  sessionEnded = false;
  forbids = false;
  readonly got: Sent[] = [];

  constructor() {
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
      if (this.away) {
        return Promise.reject(new TypeError('no route'));
      }
      if (path === '/api/session') {
        const person = this.sessionEnded ? null : { username: 'mara' };
        return Promise.resolve(new Response(JSON.stringify({ person })));
      }
      if (this.sessionEnded || this.forbids) {
        return Promise.resolve(
          new Response(JSON.stringify({ title: 'No', detail: 'Not yours' }), { status: 403 }),
        );
      }
      if (this.refuses === path) {
        return Promise.resolve(
          new Response(JSON.stringify({ title: 'No', detail: 'Not so' }), { status: 409 }),
        );
      }
      const headers = init.headers as Record<string, string>;
      this.got.push({
        method: init.method ?? '',
        path,
        key: headers['Idempotency-Key'] ?? '',
        body: typeof init.body === 'string' ? JSON.parse(init.body) : init.body,
      });
      return Promise.resolve(new Response(JSON.stringify({ ok: true })));
    });
  }
}

const entry = (key: string, more: Partial<Waiting> = {}): Waiting => ({
  key,
  username: 'mara',
  displayName: 'Mara Orre',
  method: 'POST',
  path: `/api/jobs/TQ-1/tests/${key}`,
  body: { key },
  label: key,
  page: '/jobs/TQ-1',
  tag: 'TQ-1',
  at: Date.now(),
  ...more,
});

let far: Far;

beforeEach(() => {
  far = new Far();
});

afterEach(async () => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
  for (const e of await waiting()) {
    await discard(e.key);
  }
});

describe('the outbox', () => {
  it('keeps what comes to a server where the session ended, token and all, until somebody has signed in', async () => {
    await expect(sendOrKeep(entry('t'))).rejects.toBeInstanceOf(Queued);
    far.away = false;
    far.sessionEnded = true;
    await flush('mara');
    expect((await waiting()).map((w) => w.refused)).toEqual([undefined]);
    far.sessionEnded = false;
    await flush('mara');
    expect(far.got.map((g) => g.key)).toEqual(['t']);
    expect(await waiting()).toEqual([]);
  });

  it('tells what somebody signed in may not do', async () => {
    await expect(sendOrKeep(entry('u'))).rejects.toBeInstanceOf(Queued);
    far.away = false;
    far.forbids = true;
    await flush('mara');
    expect((await waiting()).map((w) => w.refused)).toEqual(['Not yours']);
  });

  it('keeps what the server does not answer, and sends it with its key when it does', async () => {
    await expect(sendOrKeep(entry('a', { at: 1 }))).rejects.toBeInstanceOf(Queued);
    await expect(sendOrKeep(entry('b', { at: 2 }))).rejects.toBeInstanceOf(Queued);
    await flush('mara');
    expect(far.got).toEqual([]);
    far.away = false;
    await flush('mara');
    expect(far.got.map((s) => s.key)).toEqual(['a', 'b']);
    expect(await waiting()).toEqual([]);
  });

  it('sends each under the name of whoever wrote it and nobody else', async () => {
    await sendOrKeep(entry('a')).catch(() => undefined);
    far.away = false;
    await flush('jon');
    expect(far.got).toEqual([]);
    expect(await waiting()).toHaveLength(1);
    await flush('mara');
    expect(far.got).toHaveLength(1);
  });

  it('sends the newest state of a sheet once', async () => {
    await sendOrKeep(entry('sheet', { body: { v: 1 }, at: 1 })).catch(() => undefined);
    await sendOrKeep(entry('sheet', { body: { v: 2 }, at: 2 })).catch(() => undefined);
    far.away = false;
    await flush('mara');
    expect(far.got.map((s) => s.body)).toEqual([{ v: 2 }]);
  });

  it('keeps what is written into a sheet while its older state is on its way', async () => {
    await sendOrKeep(entry('sheet', { body: { v: 1 }, at: 1 })).catch(() => undefined);
    far.away = false;
    vi.spyOn(store, 'find').mockResolvedValueOnce(entry('sheet', { at: 2 }));
    await flush('mara');
    expect(await waiting()).toHaveLength(1);
  });

  it('sends photographs too', async () => {
    const file = new Blob(['a picture']);
    await sendOrKeep(entry('photo', { file, path: '/api/jobs/TQ-1/photos?step=plate' })).catch(
      () => undefined,
    );
    far.away = false;
    await flush('mara');
    expect(far.got[0]?.path).toBe('/api/jobs/TQ-1/photos?step=plate');
    expect(far.got[0]?.key).toBe('photo');
  });

  it('lets what is refused wait for a hand, and goes on with the rest', async () => {
    await sendOrKeep(entry('a', { at: 1 })).catch(() => undefined);
    await sendOrKeep(entry('b', { at: 2 })).catch(() => undefined);
    far.away = false;
    far.refuses = '/api/jobs/TQ-1/tests/a';
    await flush('mara');
    expect(far.got.map((s) => s.key)).toEqual(['b']);
    expect((await waiting()).map((e) => [e.key, e.refused])).toEqual([['a', 'Not so']]);
    await flush('mara');
    expect(far.got).toHaveLength(1);
    await discard('a');
    expect(await waiting()).toEqual([]);
  });

  it('does not bring back what was discarded while it was on its way', async () => {
    await sendOrKeep(entry('a')).catch(() => undefined);
    far.away = false;
    far.refuses = '/api/jobs/TQ-1/tests/a';
    const sending = flush('mara');
    await discard('a');
    await sending;
    expect(await waiting()).toEqual([]);
  });

  it('keeps nothing that the server refuses at once', async () => {
    far.away = false;
    far.refuses = '/api/jobs/TQ-1/tests/a';
    await expect(sendOrKeep(entry('a'))).rejects.toBeInstanceOf(Refusal);
    expect(await waiting()).toEqual([]);
  });

  it('says that nothing is kept where there is no room', async () => {
    vi.spyOn(store, 'put').mockRejectedValueOnce(new DOMException('full', 'QuotaExceededError'));
    await expect(sendOrKeep(entry('a'))).rejects.toBeInstanceOf(StorageFull);
  });

  it('tells whoever listens what the server answered late', async () => {
    const told: unknown[] = [];
    const stop = onDelivered((d) => told.push(d.answer));
    await sendOrKeep(entry('a')).catch(() => undefined);
    far.away = false;
    await flush('mara');
    stop();
    expect(told).toEqual([{ ok: true }]);
  });
});
