import { afterEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../api/http';
import { runTester, takeEvents, type TesterReading } from './tester';

function stream(...parts: string[]): Response {
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      parts.forEach((p) => controller.enqueue(encoder.encode(p)));
      controller.close();
    },
  });
  return new Response(body, { status: 200 });
}

afterEach(() => vi.unstubAllGlobals());

describe('the stream of the tester', () => {
  it('is taken apart event by event, a half one kept for later', () => {
    const { events, rest } = takeEvents('event:reading\ndata:{"a":1}\n\n:on\n\nevent:reading\ndata:{"a"');
    expect(events).toEqual([{ name: 'reading', data: '{"a":1}' }]);
    expect(rest).toBe('event:reading\ndata:{"a"');
  });

  it('hands on every reading and how it ended, wherever the network cut it', async () => {
    const whole =
      'event:reading\ndata:{"seconds":15,"megohm":3.1,"overRange":false,"secondsLeft":585}\n\n:on\n\n' +
      'event:reading\ndata:{"seconds":30,"megohm":3.3,"overRange":false,"secondsLeft":570}\n\n' +
      'event:ended\ndata:{"seconds":600,"aborted":false}\n\n';
    for (const cut of [1, 17, 60, 100]) {
      vi.stubGlobal('fetch', () => Promise.resolve(stream(whole.slice(0, cut), whole.slice(cut))));
      const readings: TesterReading[] = [];
      const end = await runTester('TQ-1', 600, 60, new AbortController().signal, (r) => readings.push(r));
      expect(readings.map((r) => r.seconds)).toEqual([15, 30]);
      expect(end).toEqual({ seconds: 600, aborted: false });
    }
  });

  it('says why when the gate is shut', async () => {
    vi.stubGlobal('fetch', () =>
      Promise.resolve(
        new Response(JSON.stringify({ title: 'Gate shut', detail: 'No leads: no lock-out' }), {
          status: 409,
        }),
      ),
    );
    const run = runTester('TQ-1', 600, 60, new AbortController().signal, () => undefined);
    await expect(run).rejects.toThrow('No leads: no lock-out');
    await expect(run).rejects.toBeInstanceOf(Refusal);
  });
});
