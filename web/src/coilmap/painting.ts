export type GroupState = 'bright' | 'warm' | 'dull' | 'dark' | 'burst';

export const STATES: GroupState[] = ['bright', 'warm', 'dull', 'dark', 'burst'];

/** Places of a single burn, each with its own shape on the ring. */
export const SPOTS = [
  ['in-slot', 'in a slot'],
  ['slot-edge', 'at the slot’s edge'],
  ['within-coil', 'inside one coil'],
  ['whole-coil', 'one coil whole'],
  ['phase-barrier', 'at the phase barrier'],
  ['connection-joint', 'at a joint'],
  ['line-end-coil', 'line-end coil'],
] as const;

export type SpotKind = (typeof SPOTS)[number][0];

export interface Painted {
  connection: string;
  poles: string;
  groups: GroupState[];
  spots: { group: string; spot: string }[];
  groupCoils: string[];
  circuits: string;
  worseEnd: string;
}

const ORDER = ['A', 'C', 'B'] as const;

/** A group by its phase, in the order A, C, B, and its place in the phase. */
export function groupName(index: number): string {
  return `${ORDER[index % 3]}${Math.floor(index / 3) + 1}`;
}

/** Every group in `which` painted with one state. */
export function painted(map: Painted, which: (group: number) => boolean, state: GroupState): Painted {
  return { ...map, groups: map.groups.map((s, g) => (which(g) ? state : s)) };
}

/** A spot put on a group, or taken off where it is there already. */
export function spotted(map: Painted, group: number, spot: string): Painted {
  const is = (s: { group: string; spot: string }) => s.group === String(group + 1) && s.spot === spot;
  return {
    ...map,
    spots: map.spots.some(is)
      ? map.spots.filter((s) => !is(s))
      : [...map.spots, { group: String(group + 1), spot }],
  };
}

/** The first pole pair's six groups (three where there is no more) laid round the whole ring. */
export function repeated(map: Painted): Painted {
  const period = map.groups.length % 6 === 0 ? 6 : 3;
  return { ...map, groups: map.groups.map((s, g) => map.groups[g % period] ?? s) };
}

/** The ring turned over, for one that was painted from the other end; group 1 stays where it is. */
export function mirrored(map: Painted): Painted {
  const n = map.groups.length;
  const other = (g: number) => (n - g) % n;
  const coils = map.groupCoils;
  return {
    ...map,
    groups: map.groups.map((s, g) => map.groups[other(g)] ?? s),
    groupCoils: coils.length === n ? coils.map((c, g) => coils[other(g)] ?? c) : coils,
    spots: map.spots.map((s) => ({ ...s, group: String(other(Number(s.group) - 1) + 1) })),
  };
}

/** Coils of each group as typed, "4 3" laid round the ring; none for groups that are alike. */
export function coilsRound(text: string, groups: number): string[] {
  const some = text.split(/[\s,;]+/).filter(Boolean);
  return some.length === 0 ? [] : Array.from({ length: groups }, (_, g) => some[g % some.length] ?? '');
}

/** The shortest run of figures that laid round the ring gives these coils. */
export function coilsTyped(coils: string[]): string {
  for (let run = 1; run < coils.length; run++) {
    if (coils.length % run === 0 && coils.every((c, g) => c === coils[g % run])) {
      return coils.slice(0, run).join(' ');
    }
  }
  return coils.join(' ');
}

/** The ring for another number of poles: all bright, nothing on it. */
export function forPoles(map: Painted, text: string, consequent = false): Painted {
  const poles = Number(text);
  const fits = Number.isInteger(poles) && poles >= 2 && poles <= 120 && poles % 2 === 0;
  const groups = consequent && poles % 4 === 0 ? (3 * poles) / 2 : 3 * poles;
  return fits
    ? { ...map, poles: text, groups: Array<GroupState>(groups).fill('bright'), spots: [], groupCoils: [] }
    : { ...map, poles: text };
}
