import type { JobView } from '../api/types';

/** Fields of a take by stage, in the order in which hands work: field, label, unit. */
export const STAGE_FIELDS = {
  'before-a-cut': [
    ['slots', 'Slots', ''],
    ['poles', 'Poles', ''],
    ['parallelCircuits', 'Parallel circuits (of two speeds: at the high one)', ''],
    ['overhangConnectionEndM', 'Overhang, connection end', 'mm'],
    ['overhangOtherEndM', 'Overhang, other end', 'mm'],
    ['leadAreaMm2', 'Copper of a lead', 'mm²'],
  ],
  'one-coil-cut': [
    ['wiresPerCoil', 'Wires counted in a coil', ''],
    ['spanSlots', 'Span, as 1 to 11', ''],
    ['meanTurnLengthM', 'Mean turn length', 'mm'],
  ],
  core: [
    ['boreDiameterM', 'Bore', 'mm'],
    ['coreLengthM', 'Iron length, ducts off', 'mm'],
    ['ducts', 'Ducts', ''],
    ['ductWidthM', 'Width of a duct', 'mm'],
    ['stackingFactor', 'Stacking factor', ''],
    ['toothWidthM', 'Tooth width', 'mm'],
    ['backIronDepthM', 'Back iron depth', 'mm'],
    ['slotAreaMm2', 'Slot area, if told', 'mm²'],
  ],
  plate: [
    ['ratedVoltageV', 'Volts', 'V'],
    ['frequencyHz', 'Hertz', 'Hz'],
    ['ratedCurrentA', 'Amperes', 'A'],
  ],
} as const;

export type StageName = keyof typeof STAGE_FIELDS;
export type FigureField = (typeof STAGE_FIELDS)[StageName][number][0] | 'turnsPerCoil';
export const WIRE_FIELDS = [
  ['count', 'Wires in hand', ''],
  ['bareDiameterMm', 'Bare', 'mm'],
  ['insulatedDiameterMm', 'Over enamel', 'mm'],
] as const;

/** The section of a slot, from the bore to its bottom. */
export const SLOT_FIELDS = [
  ['openingWidthM', 'Slot opening', 'mm'],
  ['slotDepthM', 'Slot depth below the lip', 'mm'],
  ['topWidthM', 'Width below the lip', 'mm'],
  ['bottomWidthM', 'Width at the bottom', 'mm'],
] as const;

export type SlotText = Partial<Record<(typeof SLOT_FIELDS)[number][0] | 'bottom', string>>;

export type WireText = Record<(typeof WIRE_FIELDS)[number][0], string>;
export type TakeText = Partial<Record<FigureField, string>> & {
  connection?: string;
  groupPattern?: string[];
  strands?: WireText[];
  slot?: SlotText;
  barriers?: string;
  leadExit?: string;
  shaftTurns?: string;
  notes?: string;
};

export const NO_WIRE: WireText = { count: '', bareDiameterMm: '', insulatedDiameterMm: '' };

interface PlateText {
  marks?: { field: string; state: string }[];
  [field: string]: unknown;
}

/** Reads the plate's fields as they were read; an estimate stays with the plate. */
export function readOnPlate(job: JobView): (field: string) => string {
  const plate = (job.sheets['plate']?.typed ?? {}) as PlateText;
  const estimated = new Set((plate.marks ?? []).filter((m) => m.state === 'estimated').map((m) => m.field));
  return (field) => (estimated.has(field) ? '' : ((plate[field] as string | undefined) ?? ''));
}

/** A take nobody has begun: what was read on the plate, and nothing that could be taken for a count. */
export function freshTake(job: JobView): TakeText {
  const read = readOnPlate(job);
  return {
    ratedVoltageV: read('ratedVoltageV'),
    frequencyHz: read('frequencyHz'),
    ratedCurrentA: read('ratedCurrentA'),
  };
}

/** Rows of wire with something in them; a row nobody filled is no wire. */
export function filledWires(wires: WireText[]): WireText[] {
  return wires.filter((w) => Object.values(w).some((text) => text.trim() !== ''));
}
