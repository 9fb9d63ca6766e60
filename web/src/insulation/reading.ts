/** A reading as typed: after how many seconds, how much. */
export interface Row {
  seconds: string;
  megohm: string;
}

/** When a tester is usually read. */
const ROWS: Row[] = ['15', '30', '60', '120', '300', '600'].map((seconds) => ({ seconds, megohm: '' }));

/** An insulation test before anything is typed. */
export const EMPTY = {
  windingTemperatureC: '',
  ambientTemperatureC: '',
  relativeHumidityPercent: '',
  insulationSystem: 'thermosetting',
  appliedVoltageV: '',
  readings: ROWS,
  simulated: false,
  because: '',
  correction: false,
  instrument: null as number | null,
};

export type Typing = typeof EMPTY;

/** Readings as a file gave them, with the seconds bare as the table shows them. */
export function fromFile(rows: unknown): Row[] {
  return (
    Array.isArray(rows) ? (rows as { seconds?: unknown; megohm?: unknown; overRange?: unknown }[]) : []
  ).map((r) => ({
    seconds: String(r.seconds ?? '').replace(/ ?s$/, ''),
    megohm: `${r.overRange === true ? '> ' : ''}${String(r.megohm ?? '')}`,
  }));
}
