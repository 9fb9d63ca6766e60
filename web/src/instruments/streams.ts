/** Simulated instruments that put a voltage on a winding and stream what they read, by the test they read. */
export interface Streaming {
  /** Path of the instrument. */
  path: string;
  /** What the button says that puts the voltage on. */
  start: string;
  /** The instrument keeps the test itself. */
  keeps: boolean;
}

export const STREAMS: Partial<Record<string, Streaming>> = {
  'withstand-record': { path: 'withstand-set', start: 'Hold the simulated voltage', keeps: false },
  'step-voltage': { path: 'step-ramp', start: 'Run the simulated ramp', keeps: false },
  'surge-rise': { path: 'surge-rise', start: 'Give rising pulses', keeps: true },
};
