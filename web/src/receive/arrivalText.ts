/** How a motor came in, as it is typed and tapped. */
export const SHAFT = [
  ['free', 'Turns freely'],
  ['play', 'Turns, has play'],
  ['binds', 'Binds'],
  ['not-tried', 'Not tried yet'],
] as const;

export const TOLD = [
  ['hums-will-not-start', 'hums, will not start'],
  ['trips-at-once', 'trips at once'],
  ['trips-after-minutes', 'trips after minutes'],
  ['runs-hot', 'runs hot'],
  ['noisy', 'noisy'],
  ['vibrates', 'vibrates'],
  ['power-interruption-before', 'power cut just before'],
  ['thunderstorm-before', 'thunderstorm before'],
  ['flooded-or-washed', 'flooded or washed'],
  ['recently-reconnected', 'recently reconnected'],
  ['machine-overloaded', 'machine overloaded'],
  ['low-voltage-supply', 'supply voltage low'],
] as const;

export const SEEN = [
  ['burnt-smell', 'burnt smell'],
  ['winding-wet', 'wet'],
  ['winding-dirty', 'dirty'],
  ['winding-looks-sound', 'winding looks sound'],
  ['cooling-blocked', 'cooling blocked'],
  ['oil-in-winding', 'oil in it'],
  ['grease-dry', 'grease dry'],
  ['bearing-rough', 'bearing rough'],
  ['bearing-destroyed', 'bearing gone'],
] as const;

export const AUXILIARIES = [
  'thermistors',
  'resistance-thermometers',
  'space-heaters',
  'brake',
  'encoder',
  'capacitors',
  'arresters',
  'drive',
] as const;

export const FEEDS = [
  ['mains', 'Mains'],
  ['star-delta', 'Star-delta'],
  ['soft-starter', 'Soft starter'],
  ['drive', 'Drive'],
  ['generator', 'Generator'],
] as const;

export const PROTECTIONS = [
  ['overload-relay', 'Overload relay'],
  ['motor-breaker', 'Motor breaker'],
  ['thermistor-relay', 'Thermistor relay'],
  ['breaker-only', 'Breaker only'],
  ['none', 'Nothing'],
] as const;

export const LOADINGS = [
  ['steady', 'Steady'],
  ['varying', 'Varying'],
  ['short', 'Short runs'],
  ['overhauling', 'Overhauling'],
] as const;

export const SURROUNDINGS = [
  ['dry', 'dry'],
  ['wet', 'wet'],
  ['washed-down', 'washed down'],
  ['dusty', 'dusty'],
  ['hot', 'hot'],
  ['corrosive', 'corrosive'],
  ['outdoors', 'outdoors'],
  ['vibrating', 'vibrating'],
] as const;

export const TURNS = [
  ['clockwise', 'Clockwise'],
  ['anticlockwise', 'Anticlockwise'],
  ['either', 'Either way'],
  ['unknown', 'Not known'],
] as const;

export const SIDES = [
  ['top', 'Top'],
  ['right', 'Right'],
  ['left', 'Left'],
  ['bottom', 'Bottom'],
  ['drive-end', 'Drive end'],
  ['non-drive-end', 'Non-drive end'],
] as const;

export const EXPOSURES = [
  ['nothing', 'nothing harmful'],
  ['chemicals', 'chemicals'],
  ['food', 'food'],
  ['asbestos', 'asbestos'],
  ['sewage', 'sewage'],
  ['radiation', 'radiation'],
] as const;

export interface CircumstancesText {
  before: string;
  since: string;
  feed: string;
  cableDistanceM: string;
  protection: string;
  protectionCurrentA: string;
  startsAnHour: string;
  loading: string;
  surroundings: string[];
}

export interface HandoverText {
  massKg: string;
  linked: string;
  turned: string;
  terminalBox: string;
  cableEntry: string;
  exposures: string[];
  madeSafe: string;
  leaveToDismantle: string;
  leaveToStrip: string;
}

export interface ArrivalText {
  [field: string]: unknown;
  shaft: string;
  signs: string[];
  auxiliaries: string[];
  missing: string;
  circumstances: CircumstancesText;
  handover: HandoverText;
}

export const NO_CIRCUMSTANCES: CircumstancesText = {
  before: '',
  since: '',
  feed: '',
  cableDistanceM: '',
  protection: '',
  protectionCurrentA: '',
  startsAnHour: '',
  loading: '',
  surroundings: [],
};

export const NO_HANDOVER: HandoverText = {
  massKg: '',
  linked: '',
  turned: '',
  terminalBox: '',
  cableEntry: '',
  exposures: [],
  madeSafe: '',
  leaveToDismantle: '',
  leaveToStrip: '',
};

export const EMPTY: ArrivalText = {
  shaft: '',
  signs: [],
  auxiliaries: [],
  missing: '',
  circumstances: NO_CIRCUMSTANCES,
  handover: NO_HANDOVER,
};

/** What is declared free of anything is not declared exposed as well: the newer tap counts. */
export function exposures(before: string[], after: string[]): string[] {
  const added = after.find((e) => !before.includes(e));
  if (added === 'nothing') {
    return ['nothing'];
  }
  return added ? after.filter((e) => e !== 'nothing') : after;
}
