import type { PlanItem } from '../api/types';

/** The board shows the hours of the day in which people work; what runs on over night is cut and goes on in the next column. */
export const OPENS_MIN = 6 * 60;
export const SHUTS_MIN = 18 * 60;

/** A moment on the wall of the shop. */
export interface Wall {
  day: string;
  minute: number;
}

const PARTS = new Map<string, Intl.DateTimeFormat>();

export function wall(iso: string, zone: string): Wall {
  let format = PARTS.get(zone);
  if (!format) {
    format = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short', timeStyle: 'short' });
    PARTS.set(zone, format);
  }
  const [day = '', time = ''] = format.format(new Date(iso)).split(' ');
  const [h = '0', m = '0'] = time.split(':');
  return { day, minute: 60 * Number(h) + Number(m) };
}

/** A piece of a task on one day of the board. */
export interface Block {
  item: PlanItem;
  day: string;
  from: number;
  to: number;
  /** Nobody is at it: an oven that runs, or work outside. */
  alone: boolean;
}

/** Cuts a stretch into days. */
function cut(
  item: PlanItem,
  from: string,
  to: string,
  zone: string,
  days: string[],
  alone: boolean,
): Block[] {
  const a = wall(from, zone);
  const b = wall(to, zone);
  return days
    .filter((d) => d >= a.day && d <= b.day)
    .map((day) => ({
      item,
      day,
      alone,
      from: Math.max(OPENS_MIN, day === a.day ? a.minute : 0),
      to: Math.min(SHUTS_MIN, day === b.day ? b.minute : 24 * 60),
    }))
    .filter((block) => block.to > block.from);
}

/** What a lane shows: of a person, when they are at it; of a place, from when it is taken until it is free. */
export function blocks(items: PlanItem[], lane: Lane, zone: string, days: string[]): Block[] {
  const own = items.filter((i) => (lane.kind === 'person' ? i.worker === lane.name : i.place === lane.name));
  return own.flatMap((i) =>
    lane.kind === 'person'
      ? i.work.flatMap((w) => cut(i, w.from, w.to, zone, days, false))
      : cut(i, i.start, i.end, zone, days, i.runsFrom !== null || i.work.length === 0),
  );
}

export interface Lane {
  kind: 'person' | 'place';
  name: string;
}

/** The days on which anything is done, in order, from today on. */
export function workingDays(items: PlanItem[], now: string, zone: string): string[] {
  const today = wall(now, zone).day;
  const days = new Set(items.flatMap((i) => i.work.map((w) => wall(w.from, zone).day)));
  return [...days].filter((d) => d >= today).sort();
}

/** "Mon 30 Nov" */
export function dayWords(day: string): string {
  return new Date(`${day}T12:00:00Z`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  });
}

/** "Mon 30 Nov, 10:29" */
export function when(iso: string | null, zone: string): string {
  if (iso === null) {
    return '–';
  }
  const at = wall(iso, zone);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${dayWords(at.day)}, ${two(Math.floor(at.minute / 60))}:${two(at.minute % 60)}`;
}
