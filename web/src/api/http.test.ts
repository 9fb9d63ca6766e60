import { afterEach, describe, expect, it, vi } from 'vitest';
import { call, callVersioned, Refusal, requestKey, Unreachable } from './http';

afterEach(() => vi.unstubAllGlobals());

function answer(status: number, body: unknown) {
  const fetching = vi.fn<(path: string, init: RequestInit) => Promise<Response>>(() =>
    Promise.resolve(new Response(JSON.stringify(body), { status })),
  );
  vi.stubGlobal('fetch', fetching);
  return fetching;
}

describe('a call', () => {
  it('carries the token of the page and the key of the entry', async () => {
    document.cookie = 'XSRF-TOKEN=abc%3D';
    const fetching = answer(200, { ok: true });
    await call('POST', '/api/jobs', { a: 1 }, 'key-12345');
    const headers = fetching.mock.calls[0]?.[1].headers as Record<string, string>;
    expect(headers['X-XSRF-TOKEN']).toBe('abc=');
    expect(headers['Idempotency-Key']).toBe('key-12345');
  });

  it.each([
    ['visible', { a: 1 }, false],
    ['hidden', { a: 1 }, true],
    ['hidden', { a: 'é'.repeat(31_000) }, false],
  ] as const)('from a window that is %s outlasts it where browsers let it', async (state, body, outlasts) => {
    const window = vi.spyOn(document, 'visibilityState', 'get').mockReturnValue(state);
    const fetching = answer(200, {});
    await call('PUT', '/x', body);
    expect(fetching.mock.calls[0]?.[1].keepalive).toBe(outlasts);
    window.mockRestore();
  });

  it('that is refused brings its words and its problems', async () => {
    answer(400, {
      title: 'Not usable',
      detail: 'Something is wrong',
      problems: [{ field: 'a', code: 'range', message: 'm' }],
    });
    const refusal = await call('POST', '/x', {}).catch((e: unknown) => e);
    expect(refusal).toBeInstanceOf(Refusal);
    expect((refusal as Refusal).problems).toHaveLength(1);
    expect((refusal as Refusal).message).toBe('Something is wrong');
  });

  it('that finds nobody signed in says so to the whole page', async () => {
    const heard = vi.fn();
    window.addEventListener('brasskettle-signed-out', heard, { once: true });
    answer(401, { detail: 'Sign in' });
    await call('GET', '/x').catch(() => undefined);
    expect(heard).toHaveBeenCalledOnce();
  });

  it('that is refused because the session ended with its token says so too', async () => {
    const heard = vi.fn();
    window.addEventListener('brasskettle-signed-out', heard);
    vi.stubGlobal('fetch', (path: string) =>
      Promise.resolve(
        path === '/api/session'
          ? new Response(JSON.stringify({ person: null, demo: true }), { status: 200 })
          : new Response(JSON.stringify({ title: 'Not allowed', detail: 'no token' }), { status: 403 }),
      ),
    );
    await call('POST', '/x', {}).catch(() => undefined);
    expect(heard).toHaveBeenCalledOnce();
    vi.stubGlobal('fetch', (path: string) =>
      Promise.resolve(
        path === '/api/session'
          ? new Response(JSON.stringify({ person: { username: 'tech' }, demo: true }), { status: 200 })
          : new Response(JSON.stringify({ title: 'Not allowed', detail: 'wrong role' }), { status: 403 }),
      ),
    );
    await call('POST', '/x', {}).catch(() => undefined);
    expect(heard).toHaveBeenCalledOnce();
    window.removeEventListener('brasskettle-signed-out', heard);
  });

  it('that reaches no server says that nothing is lost', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('network')));
    const error = await call('GET', '/x').catch((e: unknown) => e);
    expect(error).toBeInstanceOf(Unreachable);
    expect((error as Error).message).toContain('kept here');
  });

  it('has a key nobody else has', () => {
    const keys = new Set(Array.from({ length: 200 }, requestKey));
    expect(keys.size).toBe(200);
    expect([...keys].every((k) => k.length === 32)).toBe(true);
  });
});

describe('what has a version', () => {
  it('is the same object as long as the server has nothing new', async () => {
    const answers = [
      new Response('{"a":1}', { headers: { ETag: '"1"' } }),
      new Response(null, { status: 304 }),
      new Response('{"a":2}', { headers: { ETag: '"2"' } }),
    ];
    const fetching = vi.fn<(path: string, init: RequestInit) => Promise<Response>>(() =>
      Promise.resolve(answers.shift() ?? Response.error()),
    );
    vi.stubGlobal('fetch', fetching);
    const first = await callVersioned('/api/jobs/TQ-9');
    expect(await callVersioned('/api/jobs/TQ-9')).toBe(first);
    expect(await callVersioned('/api/jobs/TQ-9')).toEqual({ a: 2 });
    expect(fetching.mock.calls.map((c) => (c[1].headers as Record<string, string>)['If-None-Match'])).toEqual(
      [undefined, '"1"', '"1"'],
    );
  });

  it('asks a busy server again when it says, with the same key, and shows a refusal that lasts', async () => {
    const keys: string[] = [];
    const answers = [
      new Response('{}', { status: 503, headers: { 'Retry-After': '0' } }),
      new Response('{}', { status: 409, headers: { 'Retry-After': '0' } }),
      new Response('{"ok":true}'),
    ];
    vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
      keys.push((init.headers as Record<string, string>)['Idempotency-Key'] ?? '');
      return Promise.resolve(answers.shift());
    });
    await expect(call('POST', '/api/jobs/TQ-1/hold', {})).resolves.toEqual({ ok: true });
    expect(keys).toHaveLength(3);
    expect(new Set(keys).size).toBe(1);
    expect(keys[0]).toMatch(/^[0-9a-f]{32}$/);
    const busy = () => new Response('{}', { status: 503, headers: { 'Retry-After': '0' } });
    answers.push(...Array.from({ length: 6 }, busy));
    await expect(call('POST', '/api/jobs/TQ-1/hold', {})).rejects.toBeInstanceOf(Unreachable);
    answers.push(new Response('{"title":"Changed meanwhile"}', { status: 409 }));
    await expect(call('POST', '/api/jobs/TQ-1/hold', {})).rejects.toMatchObject({ status: 409 });
  });
});
