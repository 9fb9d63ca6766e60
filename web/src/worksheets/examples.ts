import type { Typed } from '../api/types';

/** A ringing trace for the example of surge comparison: cosine, dying. */
function ring(samples: number, perRing: number, decay: number): number[] {
  return Array.from({ length: samples }, (_, i) =>
    Number((1000 * Math.exp(-decay * i) * Math.cos((2 * Math.PI * i) / perRing)).toFixed(1)),
  );
}

/** Filled-in forms to start from: invented motors, figures of usual size. */
export const EXAMPLES: { [name: string]: Typed } = {
  nameplate: {
    phases: '3',
    frequencyHz: '60',
    ratedPowerW: '50 hp',
    ratedVoltageV: '460',
    ratedCurrentA: '61',
    ratedSpeedRpm: '1775',
    codeLetter: 'G',
  },
  'supply-unbalance': { lineVoltagesV: [462, 453, 440] },
  'lead-sets': {
    leads: ['T1', 'T2', 'T3', 'T4', 'T5', 'T6', 'T7', 'T8', 'T9'],
    continuity: [
      ['T1', 'T4'],
      ['T2', 'T5'],
      ['T3', 'T6'],
      ['T7', 'T8'],
      ['T8', 'T9'],
    ],
  },
  'insulation-resistance': {
    ratedVoltageV: '400',
    windingKind: 'random-wound',
    insulationSystem: 'thermosetting',
    madeBefore1970: false,
    insulationClass: 'F',
    windingTemperatureC: '18 °C',
    ambientTemperatureC: '18 °C',
    relativeHumidityPercent: '60',
    readings: [
      { seconds: '30', megohm: '3.3' },
      { seconds: '60', megohm: '3.4' },
      { seconds: '600', megohm: '3.6' },
    ],
  },
  'winding-resistance': {
    connection: 'wye',
    windingKind: 'random-wound',
    conductor: 'copper',
    windingTemperatureC: '21 °C',
    terminalOhms: { ab: '0.412', bc: '0.413', ca: '0.431' },
    openPairs: [],
  },
  'surge-comparison': {
    sampleIntervalS: '0.000001',
    traceA: ring(160, 40, 0.012),
    traceB: ring(160, 38, 0.013),
    kind: 'phase-to-phase',
    rotorFitted: false,
  },
  'winding-data': {
    slots: '48',
    poles: '4',
    turnsPerCoil: '10',
    spanSlots: '10',
    parallelCircuits: '2',
    connection: 'wye',
    strands: [{ count: '4', bareDiameterMm: '1.25', insulatedDiameterMm: '1.33' }],
    meanTurnLengthM: '780 mm',
    boreDiameterM: '190 mm',
    coreLengthM: '200 mm',
    stackingFactor: '0.95',
    toothWidthM: '6.2 mm',
    backIronDepthM: '27 mm',
    slotAreaMm2: '228',
    ratedVoltageV: '400',
    frequencyHz: '50',
    ratedCurrentA: '55',
  },
  'low-voltage-balance': {
    positions: [
      { angleDegrees: '0', inductanceMh: { a: '14.29', b: '12.86', c: '14.19' } },
      { angleDegrees: '45', inductanceMh: { a: '14.21', b: '12.87', c: '14.23' } },
      { angleDegrees: '90', inductanceMh: { a: '14.10', b: '12.96', c: '14.21' } },
      { angleDegrees: '135', inductanceMh: { a: '14.20', b: '12.99', c: '14.16' } },
    ],
  },
  'withstand-voltage': { ratedVoltageV: '400', state: 'reconditioned', school: 'standard', repeat: false },
  'step-voltage': {
    steps: [
      { voltageV: '500', microamp: '2.5' },
      { voltageV: '1000', microamp: '5.2' },
      { voltageV: '1500', microamp: '9.4' },
      { voltageV: '2000', microamp: '19' },
    ],
  },
  'core-loop-plan': {
    coreLengthM: '240 mm',
    ductWidthTotalM: '0',
    stackingFactor: '0.95',
    coreOuterDiameterM: '420 mm',
    slotBottomDiameterM: '330 mm',
    frequencyHz: '50',
    targetFluxDensityT: '1.32',
    supplyVoltageV: '230',
    fieldStrengthAPerM: '450',
  },
  'core-loop-result': {
    coreMassKg: '92 kg',
    measuredW: '610',
    beforeBurnoutW: '560',
    hottestC: '47 °C',
    meanCoreC: '41 °C',
  },
  'stall-heating': {
    currentDensityAPerMm2: '5.2',
    lockedRotorRatio: '6.2',
    startTemperatureC: '80 °C',
    limitTemperatureC: '155 °C',
  },
  'temperature-rise': {
    coldOhm: '0.812',
    coldTemperatureC: '21 °C',
    hotOhm: '1.121',
    ambientTemperatureC: '24 °C',
    conductor: 'copper',
    insulationClass: 'F',
    serviceFactor: '1',
  },
  'no-load-run': {
    ratedCurrentA: '67',
    ratedPowerW: '37 kW',
    ratedVoltageV: '400',
    poles: '4',
    lineCurrentsA: [22.1, 24.9, 22.0],
    lineVoltagesV: [400, 401, 400],
    lockedRotorRatio: '',
  },
  'failure-pattern': {
    connection: 'wye',
    poles: '4',
    groups: Array.from({ length: 12 }, (_, g) => (g % 3 === 2 ? 'bright' : 'dark'))
      .join(' ')
      .split(' '),
    spots: [],
    evidence: ['power-interruption-before', 'hums-will-not-start'],
  },
  decision: {
    discountRate: '0.06',
    energyPricePerKwh: '0.16',
    loadFraction: '0.75',
    runHoursPerYear: '4000',
    ratedPowerW: '30 kW',
    outageCostPerHour: '60',
    options: [
      {
        name: 'rewind',
        price: '2100',
        leadTimeHours: '8 d',
        efficiencyPercent: '92',
        expectedLifeYears: '10',
      },
      {
        name: 'replace',
        price: '2600',
        leadTimeHours: '14 d',
        efficiencyPercent: '93.2',
        expectedLifeYears: '15',
      },
    ],
  },
};
