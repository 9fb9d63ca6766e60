import { open } from '../api/http';

export interface TesterReading {
  seconds: number;
  megohm: number;
  overRange: boolean;
  secondsLeft: number;
}

export interface TesterEnd {
  seconds: number;
  aborted: boolean;
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

/** Starts the simulated insulation tester; the signal aborts it, which switches its voltage off. */
export async function runTester(
  tag: string,
  seconds: number,
  pace: number,
  signal: AbortSignal,
  onReading: (reading: TesterReading) => void,
): Promise<TesterEnd | undefined> {
  const answer = await open('POST', `/api/jobs/${tag}/instruments/insulation-tester`, { seconds, pace });
  const reader = answer.body?.getReader();
  if (!reader) {
    return undefined;
  }
  signal.addEventListener('abort', () => void reader.cancel().catch(() => undefined));
  const decoder = new TextDecoder();
  let text = '';
  let end: TesterEnd | undefined;
  for (;;) {
    const part = await reader.read().catch(() => ({ done: true, value: undefined }));
    if (part.done) {
      return end;
    }
    const { events, rest } = takeEvents(text + decoder.decode(part.value, { stream: true }));
    text = rest;
    for (const e of events) {
      if (e.name === 'reading') {
        onReading(JSON.parse(e.data) as TesterReading);
      } else if (e.name === 'ended') {
        end = JSON.parse(e.data) as TesterEnd;
      }
    }
  }
}
