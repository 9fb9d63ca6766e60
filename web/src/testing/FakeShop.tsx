import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import type { JobView } from '../api/types';
import { useJob } from '../job/useJob';

export interface Sent {
  method: string;
  path: string;
  body: unknown;
}

/**
 * A server for tests of one step: it keeps the sheets of one job, writes down every change that comes, and answers what a
 * test tells it to.
 */
export class FakeShop {
  readonly tag = 'TQ-0001';
  readonly sent: Sent[] = [];
  readonly answers: Record<string, unknown> = {};
  /** What the next write of a sheet is refused with, one after the other. */
  readonly refusals: { status: number; body: object }[] = [];
  private late: (() => void)[] = [];
  private slow = false;
  private readonly job: JobView;

  constructor(job: object = {}) {
    this.job = {
      identity: { tag: this.tag, mark: '' },
      sheets: {},
      apart: {},
      opening: { open: true },
      evidence: [],
      advice: [],
      ...job,
    } as unknown as JobView;
    vi.stubGlobal('fetch', async (path: string, init: RequestInit = {}) => {
      const answer = this.answer(init.method ?? 'GET', path, init.body);
      if (this.slow && init.method === 'PUT') {
        await new Promise<void>((done) => this.late.push(done));
      }
      return answer;
    });
  }

  /** From now on answers to writes wait until they are let through. */
  holdAnswers() {
    this.slow = true;
  }

  letThrough() {
    this.slow = false;
    this.late.splice(0).forEach((done) => done());
  }

  /** Somebody else writes a sheet. */
  writtenBy(by: string, kind: string, typed: object) {
    const version = (this.job.sheets[kind]?.version ?? 0) + 1;
    this.job.sheets = {
      ...this.job.sheets,
      [kind]: { version, typed, by, at: '2026-03-02T10:00:00Z' },
    } as JobView['sheets'];
  }

  /** What was written into the sheet `kind`, one entry for each time. */
  written<T>(kind: string): T[] {
    return this.sent
      .filter((s) => s.method === 'PUT' && s.path.endsWith(`/sheets/${kind}`))
      .map((s) => (s.body as { typed: T }).typed);
  }

  /** Shows a step of the job as the application would. */
  show(step: (job: JobView) => ReactNode) {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    const Shown = () => {
      const job = useJob(this.tag).data;
      return job ? step(job) : null;
    };
    return render(
      <QueryClientProvider client={client}>
        <MemoryRouter>
          <Shown />
        </MemoryRouter>
      </QueryClientProvider>,
    );
  }

  private answer(method: string, path: string, body: unknown): Response {
    const read: unknown = typeof body === 'string' ? JSON.parse(body) : undefined;
    const own = `/api/jobs/${this.tag}`;
    if (method !== 'GET' && !path.endsWith('/preview')) {
      this.sent.push({ method, path: path.replace(own, ''), body: read });
    }
    const kind = /\/sheets\/([a-z-]+)$/.exec(path)?.[1];
    if (method === 'PUT' && kind) {
      const refused = this.refusals.shift();
      if (refused) {
        return new Response(JSON.stringify(refused.body), { status: refused.status });
      }
      this.writtenBy('Mara Orre', kind, (read as { typed: object }).typed);
    }
    const told =
      this.answers[path] ??
      (path.endsWith('/preview') ? { problems: [], shown: {} } : path.endsWith('/photos') ? [] : this.job);
    return new Response(JSON.stringify(told), { status: 200 });
  }
}
