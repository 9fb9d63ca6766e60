/** A nameplate as it is typed. */
export const RATING = [
  'ratedPowerW',
  'ratedVoltageV',
  'ratedCurrentA',
  'ratedSpeedRpm',
  'frequencyHz',
  'codeLetter',
] as const;
export type RatingField = (typeof RATING)[number];

export type State = 'read' | 'worn' | 'missing' | 'estimated';

export const DETAILS = [
  ['model', 'Model', ''],
  ['frame', 'Frame', '160M'],
  ['serviceFactor', 'Service factor', '1.15'],
  ['efficiencyPercent', 'Efficiency', '91.4 %'],
  ['powerFactor', 'Power factor', '0.84'],
  ['designLetter', 'Design letter', 'N'],
  ['ambientTemperatureC', 'Ambient', '40 °C'],
  ['yearMade', 'Year', '2009'],
  ['driveEndBearing', 'Bearing, drive end', '6309 C3'],
  ['nonDriveEndBearing', 'Bearing, non-drive end', '6209'],
  ['leads', 'Leads that come out', '6'],
  ['leadMarks', 'How they are marked', 'U1 V1 W1, U2 V2 W2'],
  ['hazardousMarking', 'Explosion-protection marking', 'as written'],
] as const;
type DetailField = (typeof DETAILS)[number][0] | 'duty' | 'protector';
export type DetailsText = Record<DetailField, string>;

export const CLUES = [
  ['supplyVoltageV', 'Supply at the machine', 'V', '400'],
  ['poles', 'Poles, by groups or speed', '', '4'],
  ['shaftHeightMm', 'Shaft height', 'mm', '160'],
  ['boreDiameterM', 'Stator bore', 'mm', '165'],
  ['coreLengthM', 'Iron length', 'mm', '195'],
  ['conductorAreaMm2', 'Copper of a phase', 'mm²', 'wires × area × circuits'],
  ['noLoadCurrentA', 'No-load current, from records', 'A', '9'],
] as const;
export type CluesText = Record<(typeof CLUES)[number][0], string>;

export interface BlockText {
  frequencyHz: string;
  ratedPowerW: string;
  ratedVoltageV: string;
  ratedCurrentA: string;
  ratedSpeedRpm: string;
  connection: string;
}

export interface PlateText {
  [field: string]: unknown;
  phases: string;
  frequencyHz: string;
  ratedPowerW: string;
  ratedVoltageV: string;
  ratedCurrentA: string;
  ratedSpeedRpm: string;
  codeLetter: string;
  connection: string;
  windingKind: string;
  insulationClass: string;
  maker: string;
  serial: string;
  enclosure: string;
  madeBefore1970: boolean;
  hazardousArea: boolean;
  details: DetailsText;
  further: BlockText[];
  marks: { field: string; state: State }[];
  clues: CluesText | null;
}

/** Two ratings by field, as the core reads them from figures typed in pairs. */
export interface RatingPair {
  first: Record<string, string>;
  further: Record<string, string>;
}

/** Both ratings of a plate whose figures were typed in pairs: one in the first fields, the other as a further rating. */
export function inBoth(v: PlateText, pair: RatingPair): Partial<PlateText> {
  const further = { ...NO_BLOCK, ...pair.further };
  return { ...pair.first, further: [...v.further, further] };
}

const NO_BLOCK: BlockText = {
  frequencyHz: '',
  ratedPowerW: '',
  ratedVoltageV: '',
  ratedCurrentA: '',
  ratedSpeedRpm: '',
  connection: 'unknown',
};

export const NO_CLUES = Object.fromEntries(CLUES.map(([f]) => [f, ''])) as CluesText;
export const NO_DETAILS = {
  ...Object.fromEntries(DETAILS.map(([f]) => [f, ''])),
  duty: '',
  protector: '',
} as DetailsText;

export const EMPTY: PlateText = {
  phases: '3',
  frequencyHz: '50',
  ratedPowerW: '',
  ratedVoltageV: '',
  ratedCurrentA: '',
  ratedSpeedRpm: '',
  codeLetter: '',
  connection: 'wye',
  windingKind: 'random-wound',
  insulationClass: 'F',
  maker: '',
  serial: '',
  enclosure: '',
  madeBefore1970: false,
  hazardousArea: false,
  details: NO_DETAILS,
  further: [],
  marks: [],
  clues: null,
};

export const FIGURES = [
  ['ratedPowerW', 'Power at the shaft', 'kW', '37 kW or 50 hp'],
  ['ratedVoltageV', 'Voltage', 'V', '400'],
  ['ratedCurrentA', 'Current', 'A', '67'],
  ['ratedSpeedRpm', 'Speed', 'r/min', '1475'],
  ['frequencyHz', 'Frequency', 'Hz', '50'],
  ['codeLetter', 'Code letter, if any', '', 'G'],
] as const;

const LABELS: Record<string, string> = Object.fromEntries([
  ...FIGURES.map(([f, l]) => [f, l]),
  ...DETAILS.map(([f, l]) => [`details.${f}`, l]),
  ...CLUES.map(([f, l]) => [`clues.${f}`, l]),
  ['maker', 'Maker'],
  ['serial', 'Serial number'],
  ['enclosure', 'Enclosure'],
  ['insulationClass', 'Insulation class'],
]) as Record<string, string>;

/** A field in the words of the page, if it has any. */
export function plateLabel(field: string): string | undefined {
  return LABELS[field];
}

/** The marks with `field` marked so; a figure simply read needs no mark. */
export function marked(marks: PlateText['marks'], field: string, state: State): PlateText['marks'] {
  const others = marks.filter((m) => m.field !== field);
  return state === 'read' ? others : [...others, { field, state }];
}
