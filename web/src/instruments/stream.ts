import { open } from '../api/http';

/** How a run ended: time under voltage, whether somebody broke it off, and why the instrument did, if it did. */
export interface RunEnd {
  seconds: number;
  aborted: boolean;
  fault: string;
}

/** A run as it begins: the key by which it is taken off, and the voltage it holds where it is one. */
export interface Begun {
  off: string;
  testVoltageV: number | null;
}

/** Parts of a server-sent stream as they arrive, each with its name and its data. */
export function takeEvents(text: string): { events: { name: string; data: string }[]; rest: string } {
  const blocks = text.split('\n\n');
  const rest = blocks.pop() ?? '';
  const events = blocks.flatMap((block) => {
    const lines = block.split('\n');
    const field = (name: string) =>
      lines
        .filter((l) => l.startsWith(`${name}:`))
        .map((l) => l.slice(name.length + 1).trimStart())
        .join('\n');
    const data = field('data');
    return data ? [{ name: field('event'), data }] : [];
  });
  return { events, rest };
}

/** Starts an instrument of a job; the signal aborts it, which switches its voltage off. */
export async function runInstrument<R>(
  path: string,
  body: unknown,
  signal: AbortSignal,
  onReading: (reading: R) => void,
  onLeft: (secondsLeft: number) => void,
  onBegun: (begun: Begun) => void = () => undefined,
): Promise<RunEnd | undefined> {
  const answer = await open('POST', path, body);
  const reader = answer.body?.getReader();
  if (!reader) {
    return undefined;
  }
  const hangUp = () => void reader.cancel().catch(() => undefined);
  signal.addEventListener('abort', hangUp);
  if (signal.aborted) {
    hangUp();
  }
  const decoder = new TextDecoder();
  let text = '';
  let end: RunEnd | undefined;
  for (;;) {
    const part = await reader.read().catch(() => ({ done: true, value: undefined }));
    if (part.done) {
      return end;
    }
    const { events, rest } = takeEvents(text + decoder.decode(part.value, { stream: true }));
    text = rest;
    for (const e of events) {
      if (e.name === 'reading') {
        onReading(JSON.parse(e.data) as R);
      } else if (e.name === 'begun') {
        onBegun(JSON.parse(e.data) as Begun);
      } else if (e.name === 'progress') {
        onLeft((JSON.parse(e.data) as { secondsLeft: number }).secondsLeft);
      } else if (e.name === 'ended') {
        end = JSON.parse(e.data) as RunEnd;
      }
    }
  }
}
