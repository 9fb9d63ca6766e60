import type { Typed } from '../api/types';

/** A test that is entered, computed and judged by the worksheet of its name. */
export interface SheetTest {
  title: string;
  /** What hurts whoever forgets it. */
  caution: string;
  /** Fields that the nameplate, or the record, answers. */
  known: string[];
  start: Typed;
  /** What the simulated instrument is called that reads it at a glance. */
  glance?: string;
  /** A simulated instrument that puts a voltage on and streams: its path, its button, what it is sent. */
  stream?: { path: string; start: string; keeps: boolean };
  /** What else must be so before it is taken. */
  asks?: 'high-voltage' | 'power';
  /** Its readings do not hold the voltage they were taken at. */
  asksVoltage?: boolean;
}

const RUNNING =
  'It turns: guarded, key captured or out, someone at the stop. No sleeves, no loose ends, eyes off the fan’s plane.';

const HIGH_VOLTAGE =
  'High voltage: insulation must hold first, auxiliaries off, area barred, one person at the set. Ground the winding four times as long as voltage was on.';

export const SHEET_TESTS: Record<string, SheetTest> = {
  'lead-sets': {
    title: 'Leads that ring together',
    caution:
      'Supply locked out, every lead off its terminal and apart, capacitors shorted. Mark each lead before it moves.',
    known: [],
    start: { leads: [], continuity: [] },
  },
  'winding-resistance': {
    title: 'Winding resistance',
    caution: 'Supply locked out, leads free of it. Touch no lead while the bridge drives current.',
    known: ['connection', 'windingKind', 'openPairs'],
    start: { terminalOhms: { ab: '', bc: '', ca: '' }, windingTemperatureC: '', conductor: 'copper' },
    glance: 'Read the simulated bridge',
  },
  'single-phase-windings': {
    title: 'Main and start winding',
    caution:
      'Supply locked out, capacitor discharged through a resistor and shorted. Measure across a protector both ways before calling a winding open; flex leads and protector while you read.',
    known: [],
    start: {
      dualVoltage: false,
      mainOpen: false,
      secondHalfOpen: false,
      startOpen: false,
      protector: 'none',
      steadyWhenFlexed: true,
    },
    glance: 'Read the simulated meter',
  },
  'circuit-insulation': {
    title: 'Insulation, circuit by circuit',
    caution:
      'Direct voltage on one circuit, the others grounded. Ground each one after its reading, four times as long as voltage was on, before touching the next.',
    known: ['ratedVoltageV', 'windingKind', 'insulationClass', 'madeBefore1970'],
    asksVoltage: true,
    start: {
      insulationSystem: 'thermosetting',
      windingTemperatureC: '',
      circuits: ['1', '2', '3'].map((n) => ({ circuit: n, seconds: '60' })),
    },
  },
  'bearing-seats': {
    title: 'Bearing seats',
    caution:
      'Clean and cold, burrs stoned off, micrometer set by its gauge at the same temperature. Mind the shaft’s weight.',
    known: [],
    start: {
      seats: ['drive-end', 'other-end'].flatMap((place) =>
        ['shaft', 'housing'].map((seat) => ({ place, seat, designation: '' })),
      ),
    },
    glance: 'Read the simulated micrometer',
  },
  'air-gap': {
    title: 'Air gap',
    caution:
      'Feeler along the whole core, eight points from the top, clockwise. Locked out; turn the shaft by hand only, fingers out of the gap.',
    known: [],
    start: { gapsMm: [] },
    glance: 'Read the simulated feeler',
  },
  'shaft-runout': {
    title: 'Shaft run-out',
    caution:
      'Shaft in its bearings or on rollers, dial square to it, half way along the extension. Mind the key seat’s edge and the shaft’s weight.',
    known: [],
    start: { extensionMm: '', dialReadingsMm: [] },
    glance: 'Read the simulated dial',
  },
  'bracket-registers': {
    title: 'Bracket registers',
    caution:
      'Clean and cold, paint and burrs off. Two diameters each way at least; hang the bracket, it slips when the last bolt is out.',
    known: [],
    start: {
      registers: ['drive-end', 'other-end'].map((place) => ({ place, bracketMm: [], frameMm: [] })),
    },
    glance: 'Read the simulated micrometer',
  },
  'key-seat': {
    title: 'Key seat',
    caution:
      'Key out, edges stoned: they cut. Width at both ends and in the middle. Before the shaft turns again the key is taped in or out.',
    known: [],
    start: { extensionMm: '', seatWidthsMm: [], keyWidthsMm: [] },
    glance: 'Read the simulated gauge',
  },
  'pole-check': {
    title: 'Poles by the blade',
    caution:
      'A few volts only, current limited, rotor out. Fingers off the winding; the copper warms in a minute.',
    known: ['poles'],
    start: { felt: [] },
  },
  'low-voltage-balance': {
    title: 'Balance: winding or rotor',
    caution: 'Supply locked out. Turn the shaft by hand only, fingers off keyway and fan.',
    known: [],
    start: { positions: [0, 45, 90, 135].map((a) => ({ angleDegrees: String(a), inductanceMh: {} })) },
    glance: 'Read the simulated bridge',
  },
  protector: {
    title: 'Thermal protector',
    caution: 'Thermistors take no more than 2.5 V each: no insulation tester across them, ever.',
    known: [],
    start: {},
    glance: 'Read the simulated meter',
  },
  'withstand-record': {
    title: 'Withstand',
    caution: HIGH_VOLTAGE,
    known: ['ratedVoltageV', 'ratedPowerW', 'state', 'repeat', 'school'],
    start: { supply: 'direct', heldSeconds: '60', brokeDown: false },
    stream: { path: 'withstand-set', start: 'Hold the simulated voltage', keeps: false },
    asks: 'high-voltage',
  },
  'step-voltage': {
    title: 'Step voltage',
    caution: HIGH_VOLTAGE,
    known: [],
    start: { steps: [{}, {}, {}] },
    stream: { path: 'step-ramp', start: 'Run the simulated ramp', keeps: false },
    asks: 'high-voltage',
  },
  'surge-rise': {
    title: 'Surge, pulse against pulse',
    caution: HIGH_VOLTAGE,
    known: [],
    start: { rotorFitted: false },
    stream: { path: 'surge-rise', start: 'Give rising pulses', keeps: true },
    asks: 'high-voltage',
  },
  'starting-gear': {
    title: 'Start switch and capacitors',
    caution:
      'A start capacitor keeps its charge: short it through a resistor first. When it runs and the switch does not drop out, cut at once: the start winding burns in seconds.',
    known: [],
    start: { kind: 'capacitor-start', switchKind: 'centrifugal' },
    glance: 'Read the simulated meter',
  },
  'start-log': {
    title: 'Starting',
    caution:
      'Reduced voltage or current-limited first, or ramped on a drive. Stalled: cut at once, the cage may go before the copper.',
    known: ['ratedVoltageV', 'ratedCurrentA', 'ratedSpeedRpm', 'currentDensityAPerMm2'],
    start: { attempts: [{ feed: 'reduced-voltage' }] },
    glance: 'Start the simulated motor',
    asks: 'power',
  },
  'no-load-run': {
    title: 'Run without load',
    caution: `${RUNNING} Reduced voltage or current-limited first.`,
    known: ['ratedCurrentA', 'ratedPowerW', 'ratedVoltageV', 'poles', 'deadLines'],
    start: { lineCurrentsA: [], lineVoltagesV: [], lockedRotorRatio: '' },
    glance: 'Read the simulated analyser',
    asks: 'power',
  },
  'rolled-leads': {
    title: 'Rolled leads: supply or motor',
    caution:
      'Stop it, lock out and prove dead before a lead is moved; roll all three one place, so it turns the same way.',
    known: [],
    start: { currentsBeforeA: [], currentsAfterA: [] },
    asks: 'power',
  },
  'run-watch': {
    title: 'Quarter-hour watch',
    caution: RUNNING,
    known: [],
    start: {
      ambientTemperatureC: '',
      readings: [0, 5, 10, 15].map((m) => ({ minute: String(m) })),
      spots: [],
    },
    glance: 'Watch the simulated motor',
    asks: 'power',
  },
  vibration: {
    title: 'Vibration',
    caution: RUNNING,
    known: ['ratedPowerW', 'repairedHere'],
    start: {
      mounting: 'rigid',
      readings: ['drive-end', 'other-end'].flatMap((place) =>
        ['horizontal', 'vertical', 'axial'].map((direction) => ({ place, direction })),
      ),
    },
    glance: 'Read the simulated pen',
    asks: 'power',
  },
  'rotor-proof': {
    title: 'Rotor proof',
    caution: `${RUNNING} The current over a turn is read by hand at a low single-phase voltage, the record near rated load.`,
    known: ['frequencyHz', 'poles'],
    start: {},
    glance: 'Read the simulated analyser',
  },
  'shaft-voltage': {
    title: 'Shaft and bearing voltage',
    caution: `${RUNNING} Touch the shaft with the probe only, brush held, hands clear.`,
    known: [],
    start: {
      supply: 'drive',
      bearing: 'rolling',
      readings: [
        { remedy: 'none', place: 'drive-end', touch: 'brush' },
        { remedy: 'grounding', place: 'drive-end', touch: 'brush' },
      ],
    },
    asks: 'power',
  },
  'bearing-insulation': {
    title: 'Insulated bearing',
    caution: 'Locked out, shaft free of the frame everywhere else. 500 V and no more.',
    known: [],
    start: { testVoltageV: '500', megohm: '' },
  },
  'heat-run': {
    title: 'Heat run',
    caution: `${RUNNING} Hot parts. The hot resistance is read within the first half minute, locked out and proved dead.`,
    known: [],
    start: {
      rise: { conductor: 'copper', insulationClass: 'F', serviceFactor: '1' },
      loadPercent: '',
      lastHourK: '',
    },
    asks: 'power',
  },
  'core-loop-result': {
    title: 'Core loop',
    caution:
      'Guard the bore, protect ears, watch the loop cable: it heats. Cut at once when the core smokes.',
    known: [],
    start: {},
  },
  'rotor-balance': {
    title: 'Balance of the rotor',
    caution: 'Guard the balancing machine; no loose weights, stand out of the plane of rotation.',
    known: [],
    start: {},
  },
};

/** The test taken at a step of the job, and at which speed of the motor. */
export function testAt(step: string): { kind: string; speed: number } | undefined {
  const [station, name, speed] = step.split('/');
  const kind = STEPS[`${station ?? ''}/${name ?? ''}`];
  return kind ? { kind, speed: speed ? Number(speed) : 1 } : undefined;
}

const STEPS: Record<string, string> = {
  'bench/leads': 'lead-sets',
  'bench/resistance': 'winding-resistance',
  'bench/windings': 'single-phase-windings',
  'bench/circuits': 'circuit-insulation',
  'teardown/poles': 'pole-check',
  'teardown/seats': 'bearing-seats',
  'teardown/air-gap': 'air-gap',
  'teardown/registers': 'bracket-registers',
  'teardown/run-out': 'shaft-runout',
  'teardown/key-seat': 'key-seat',
  'bench/balance': 'low-voltage-balance',
  'bench/protector': 'protector',
  'bench/withstand': 'withstand-record',
  'bench/step-voltage': 'step-voltage',
  'bench/surge-rise': 'surge-rise',
  'bench/gear': 'starting-gear',
  'bench/start': 'start-log',
  'bench/run': 'no-load-run',
  'bench/rolled-leads': 'rolled-leads',
  'bench/watch': 'run-watch',
  'bench/vibration': 'vibration',
  'bench/rotor': 'rotor-proof',
  'bench/shaft-voltage': 'shaft-voltage',
  'bench/bearing-insulation': 'bearing-insulation',
  'bench/heat-run': 'heat-run',
  'teardown/core-loop': 'core-loop-result',
  'teardown/rotor-balance': 'rotor-balance',
};
