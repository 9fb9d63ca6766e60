import { shopHeader } from './shop';
import type { Clash, Problem } from './types';

/** An answer that refuses: its words for the top of the page, its problems for the fields. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly problems: Problem[],
    /** What two people changed differently, with everything else merged already. */
    readonly clash?: { version: number; by: string; merged: unknown; clashes: Clash[] },
  ) {
    super(detail);
  }
}

/** The server did not answer at all. */
export class Unreachable extends Error {
  constructor() {
    super('The server does not answer. What you typed is kept here; try again when it is back');
  }
}

/** The server did not answer; the write is kept in this browser and is sent by itself. */
export class Queued extends Error {
  constructor(readonly key: string) {
    super(
      'The server does not answer. This is kept on this tablet and sent by itself when the server is back',
    );
  }
}

/** The browser would not keep it: it is on the screen and nowhere else. */
export class StorageFull extends Error {
  constructor() {
    super(
      'The server does not answer, and this tablet has no room left to keep it. Leave the page open, or write it down',
    );
  }
}

function csrf(): Record<string, string> {
  const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie);
  return found?.[1] ? { 'X-XSRF-TOKEN': decodeURIComponent(found[1]) } : {};
}

/** A key by which a repeated call is known to the server, so that a retry makes no second record. */
export function requestKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
}

const NOTHING_NEW = 304;
const NOT_SIGNED_IN = 401;
const UNDER_WAY = 409;
const BUSY = 503;

/** What browsers send to its end though its window is gone. */
const OUTLASTS_BYTES = 60_000;

export async function open(
  method: string,
  path: string,
  body?: unknown,
  key?: string,
  seen?: string,
): Promise<Response> {
  const init: RequestInit = { method, headers: { ...csrf(), ...shopHeader() } };
  const headers = init.headers as Record<string, string>;
  if (body !== undefined) {
    headers['Content-Type'] = 'application/json';
    init.body = JSON.stringify(body);
    // What is sent by a window on its way out must not be cut off with it.
    init.keepalive = document.visibilityState === 'hidden' && new Blob([init.body]).size < OUTLASTS_BYTES;
  }
  if (seen) {
    headers['If-None-Match'] = seen;
  }
  // Whatever changes something carries a key, so that a repetition on the way makes no second record.
  const once = key ?? (method === 'GET' ? undefined : requestKey());
  if (once) {
    headers['Idempotency-Key'] = once;
  }
  const answer = await patiently(() =>
    fetch(path, init).catch(() => {
      throw new Unreachable();
    }),
  );
  if (!answer.ok && answer.status !== NOTHING_NEW) {
    throw await refusal(answer);
  }
  return answer;
}

/** How often a server that is busy is asked again before its refusal is shown. */
const PATIENCE = 5;
const LONGEST_WAIT_S = 10;

/** Asks again where the server says when: it is busy for a moment, or still answers the same call. */
async function patiently(ask: () => Promise<Response>): Promise<Response> {
  let answer = await ask();
  for (let i = 0; i < PATIENCE; i++) {
    const wait = Number(answer.headers.get('Retry-After') ?? NaN);
    if (!(answer.status === BUSY || answer.status === UNDER_WAY) || !(wait <= LONGEST_WAIT_S)) {
      return answer;
    }
    await new Promise((done) => setTimeout(done, 1000 * wait));
    answer = await ask();
  }
  if (answer.status === BUSY && answer.headers.has('Retry-After')) {
    // As good as away: what can wait here waits here, and is sent by itself.
    throw new Unreachable();
  }
  return answer;
}

/** A session that ended takes its token with it, and then a change is refused before anybody asks who sends it. */
async function signedIn(): Promise<boolean> {
  const session = (await fetch('/api/session')
    .then((r) => r.json())
    .catch(() => undefined)) as { person: unknown } | undefined;
  return session === undefined || session.person !== null;
}

async function refusal(answer: Response): Promise<Refusal> {
  const told = (await answer.json().catch(() => ({}))) as Partial<{
    title: string;
    detail: string;
    problems: Problem[];
    version: number;
    by: string;
    merged: unknown;
    clashes: Clash[];
  }>;
  // Where a session ended its token went with it, and a write is refused for the token first: nobody is signed in all the same.
  const ended = answer.status === NOT_SIGNED_IN || (answer.status === 403 && !(await signedIn()));
  if (ended) {
    window.dispatchEvent(new Event('brasskettle-signed-out'));
  }
  return new Refusal(
    ended ? NOT_SIGNED_IN : answer.status,
    told.title ?? 'Refused',
    told.detail ?? `The server refused (${answer.status})`,
    told.problems ?? [],
    told.clashes && {
      version: told.version ?? 0,
      by: told.by ?? '',
      merged: told.merged,
      clashes: told.clashes,
    },
  );
}

/** Told how much of a file is on its way, from 0 to 1. */
export type Progress = (share: number) => void;

/** A file as the body of a call, as it is; `progress` is told how far it is. */
export async function send<T>(
  path: string,
  file: Blob,
  key: string,
  progress?: Progress,
  type = 'application/octet-stream',
): Promise<T> {
  const headers = { ...csrf(), ...shopHeader(), 'Content-Type': type, 'Idempotency-Key': key };
  const answer = await patiently(() =>
    progress ? upload(path, headers, file, progress) : posted(path, headers, file),
  );
  if (!answer.ok) {
    throw await refusal(answer);
  }
  return (await answer.json()) as T;
}

function posted(path: string, headers: Record<string, string>, file: Blob): Promise<Response> {
  return fetch(path, { method: 'POST', headers, body: file }).catch(() => {
    throw new Unreachable();
  });
}

/** The same by the one interface of browsers that tells how much of a body is sent. */
function upload(
  path: string,
  headers: Record<string, string>,
  file: Blob,
  progress: Progress,
): Promise<Response> {
  return new Promise((done, failed) => {
    const request = new XMLHttpRequest();
    request.open('POST', path);
    Object.entries(headers).forEach(([name, value]) => request.setRequestHeader(name, value));
    request.upload.onprogress = (e) => e.lengthComputable && progress(e.loaded / e.total);
    request.onerror = () => failed(new Unreachable());
    request.onload = () => {
      const wait = request.getResponseHeader('Retry-After');
      const told = wait === null ? undefined : { 'Retry-After': wait };
      done(new Response(request.responseText, { status: request.status, headers: told }));
    };
    request.send(file);
  });
}

export async function call<T>(method: string, path: string, body?: unknown, key?: string): Promise<T> {
  const answer = await open(method, path, body, key);
  return (await answer.json()) as T;
}

/** What was answered, and the version by which the server tells whether there is anything new. */
interface Versioned<T> {
  version: string;
  value: T;
}

const versioned = new Map<string, Versioned<unknown>>();

/** Answers kept to compare with: more than anybody has open. */
const KEPT = 12;

/** Reads what has a version: as long as there is nothing new the same object is answered, and nothing is sent. */
export async function callVersioned<T>(path: string): Promise<T> {
  const known = versioned.get(path) as Versioned<T> | undefined;
  const answer = await open('GET', path, undefined, undefined, known?.version);
  if (known && answer.status === NOTHING_NEW) {
    return known.value;
  }
  const value = (await answer.json()) as T;
  const version = answer.headers.get('ETag');
  if (version) {
    versioned.delete(path);
    versioned.set(path, { version, value });
    for (const oldest of [...versioned.keys()].slice(0, -KEPT)) {
      versioned.delete(oldest);
    }
  }
  return value;
}
