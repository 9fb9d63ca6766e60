import type { JobView } from '../api/types';
import { readOnPlate, type WireText } from '../winding/takeText';

export interface CoilText {
  spanSlots: string;
  turns: string;
}

/** Figures of a set of coils: field, label, unit. */
export const SET_FIELDS = [
  ['poles', 'Poles', ''],
  ['groupsPerPhase', 'Groups of a phase', ''],
  ['parallelCircuits', 'Parallel circuits', ''],
  ['firstSlot', 'First slot, outermost coil', ''],
  ['meanTurnLengthM', 'Mean turn length', 'mm'],
  ['ratedVoltageV', 'Volts', 'V'],
  ['frequencyHz', 'Hertz', 'Hz'],
  ['ratedCurrentA', 'Amperes', 'A'],
] as const;

/** Figures of the core. */
export const CORE_FIELDS = [
  ['slots', 'Slots', ''],
  ['boreDiameterM', 'Bore', 'mm'],
  ['coreLengthM', 'Iron length, ducts off', 'mm'],
  ['stackingFactor', 'Stacking factor', ''],
  ['toothWidthM', 'Tooth width', 'mm'],
  ['backIronDepthM', 'Back iron depth', 'mm'],
] as const;

export type SetText = Partial<Record<(typeof SET_FIELDS)[number][0], string>> & {
  purpose: string;
  connection?: string;
  coils?: CoilText[];
  strands?: WireText[];
};

export type CoilSetsText = Partial<Record<(typeof CORE_FIELDS)[number][0], string>> & {
  sets: SetText[];
  notes?: string;
};

/** A take nobody has begun: what the plate tells of voltage, and as many sets as its phases ask for. */
export function freshSets(job: JobView): CoilSetsText {
  const read = readOnPlate(job);
  const supply = { ratedVoltageV: read('ratedVoltageV'), frequencyHz: read('frequencyHz') };
  const fed = { ...supply, ratedCurrentA: read('ratedCurrentA') };
  return read('phases') === '1'
    ? {
        sets: [
          { purpose: 'main', ...fed },
          { purpose: 'start', ...supply },
        ],
      }
    : { sets: [{ purpose: 'three-phase', ...fed }] };
}
