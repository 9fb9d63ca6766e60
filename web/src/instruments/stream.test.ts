import { afterEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../api/http';
import { runInstrument, takeEvents } from './stream';

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

function run(readings: { seconds: number }[], left: number[] = []) {
  return runInstrument<{ seconds: number }>(
    '/api/jobs/TQ-1/instruments/insulation-tester',
    { seconds: 600, pace: 60 },
    new AbortController().signal,
    (r) => readings.push(r),
    (s) => left.push(s),
  );
}

afterEach(() => vi.unstubAllGlobals());

describe('the stream of an instrument', () => {
  it('is taken apart event by event, a half one kept for later', () => {
    const { events, rest } = takeEvents('event:reading\ndata:{"a":1}\n\n:on\n\nevent:reading\ndata:{"a"');
    expect(events).toEqual([{ name: 'reading', data: '{"a":1}' }]);
    expect(rest).toBe('event:reading\ndata:{"a"');
  });

  it('hands on every reading, the time left and how it ended, wherever the network cut it', async () => {
    const whole =
      'event:reading\ndata:{"seconds":15,"megohm":3.1}\n\n' +
      'event:progress\ndata:{"seconds":20,"secondsLeft":580}\n\n' +
      'event:reading\ndata:{"seconds":30,"megohm":3.3}\n\n' +
      'event:ended\ndata:{"seconds":600,"aborted":false,"fault":""}\n\n';
    for (const cut of [1, 17, 60, 100, 140]) {
      vi.stubGlobal('fetch', () => Promise.resolve(stream(whole.slice(0, cut), whole.slice(cut))));
      const readings: { seconds: number }[] = [];
      const left: number[] = [];
      const end = await run(readings, left);
      expect(readings.map((r) => r.seconds)).toEqual([15, 30]);
      expect(left).toEqual([580]);
      expect(end).toEqual({ seconds: 600, aborted: false, fault: '' });
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
    const refused = run([]);
    await expect(refused).rejects.toThrow('No leads: no lock-out');
    await expect(refused).rejects.toBeInstanceOf(Refusal);
  });
});
