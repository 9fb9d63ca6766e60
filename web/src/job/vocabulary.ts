import { useQuery } from '@tanstack/react-query';
import { call } from '../api/http';
import type { TeardownVocabulary } from '../api/types';
import { termLabel } from '../ui/terms';

/** Builds with their parts, and conditions by component, as the core lists them. */
export function useTeardownWords(): TeardownVocabulary {
  return (
    useQuery({
      queryKey: ['teardown vocabulary'],
      queryFn: () => call<TeardownVocabulary>('GET', '/api/teardown/vocabulary'),
      staleTime: Infinity,
    }).data ?? { builds: [], conditions: [] }
  );
}

export type PartEnd = 'drive-end' | 'non-drive-end' | 'frame';
export type PartState = 'good' | 'worn' | 'damaged' | 'missing';

export const ENDS: [PartEnd, string][] = [
  ['drive-end', 'drive end'],
  ['non-drive-end', 'non-drive end'],
  ['frame', 'frame'],
];

export const STATES: [PartState, string][] = [
  ['good', 'good'],
  ['worn', 'worn'],
  ['damaged', 'damaged'],
  ['missing', 'missing'],
];

export interface PartText {
  id: number;
  part: string;
  end: PartEnd;
  state: PartState;
  small: boolean;
  method: string;
  orientation: string;
  fasteners: string;
  fastenerSize: string;
  fastenerState: PartState | '';
  note: string;
}

export interface MarkText {
  joint: string;
  end: PartEnd;
  mark: string;
}

export interface LogText {
  build: string;
  marks: MarkText[];
  parts: PartText[];
  removal: string;
  removalReason: string;
  woundStatorMassKg: string;
  strippedStatorMassKg: string;
}

export const NO_LOG: LogText = {
  build: '',
  marks: [],
  parts: [],
  removal: '',
  removalReason: '',
  woundStatorMassKg: '',
  strippedStatorMassKg: '',
};

/** The part with its place, as the core says it. */
export function spokenPart(part: { part: string; end: PartEnd }): string {
  return part.end === 'frame' ? part.part : `${part.part}, ${termLabel(part.end)}`;
}

const LAST_ID = 9999;

/** A number no part of this log has; drawn, so that two people who log at once do not give the same one. */
function freeId(log: LogText): number {
  for (;;) {
    const id = 1 + Math.floor(LAST_ID * Math.random());
    if (!log.parts.some((p) => p.id === id)) {
      return id;
    }
  }
}

/** A part as it comes off, at the end of the log. */
export function takenOff(
  log: LogText,
  part: string,
  end: PartEnd,
  more: { small?: boolean; state?: PartState } = {},
): LogText {
  const id = freeId(log);
  return {
    ...log,
    parts: [
      ...log.parts,
      {
        id,
        part,
        end,
        state: more.state ?? 'good',
        small: more.small ?? false,
        method: '',
        orientation: '',
        fasteners: '',
        fastenerSize: '',
        fastenerState: '',
        note: '',
      },
    ],
  };
}

/** The mark of a joint set, changed, or taken away with an empty text. */
export function marked(log: LogText, joint: string, end: PartEnd, mark: string): LogText {
  const others = log.marks.filter((m) => m.joint !== joint || m.end !== end);
  return { ...log, marks: mark ? [...others, { joint, end, mark }] : others };
}

/** What a photograph of a finding is filed under. */
export function findingKey(f: { component: string; place: string; condition: string }): string {
  return `${f.component}, ${f.place}, ${f.condition || 'other'}`;
}
