import type { Typed } from '../api/types';

/** Lines of a chart, each a run of points. */
export interface Lines {
  label: string;
  x: string;
  y: string;
  series: { name: string; points: [number, number][] }[];
  limit?: number;
}

/** The figure at the head of a typed text, for a point of a chart alone; the core reads the text itself. */
function figure(value: unknown): number {
  return Number.parseFloat(String(value ?? ''));
}

function rows(value: unknown): Typed[] {
  return Array.isArray(value) ? (value as Typed[]) : [];
}

function points(list: Typed[], x: (r: Typed) => unknown, y: (r: Typed) => unknown): [number, number][] {
  return list
    .map((r): [number, number] => [figure(x(r)), figure(y(r))])
    .filter(([a, b]) => Number.isFinite(a) && Number.isFinite(b));
}

/** What a chart of this test draws; undefined where there is nothing to see. */
export function linesOf(kind: string, typed: Typed, output: Record<string, unknown>): Lines | undefined {
  const lines = drawn(kind, typed, output);
  return lines?.series.some((s) => s.points.length > 1) ? lines : undefined;
}

function drawn(kind: string, typed: Typed, output: Record<string, unknown>): Lines | undefined {
  switch (kind) {
    case 'step-voltage':
      return {
        label: 'Leakage over rising voltage; a straight line through zero is sound',
        x: 'V',
        y: 'µA',
        series: [
          {
            name: 'leakage',
            points: points(
              rows(typed['steps']),
              (r) => r['voltageV'],
              (r) => r['microamp'],
            ),
          },
        ],
      };
    case 'low-voltage-balance':
      return {
        label: 'Inductance of the three phases over the shaft’s position',
        x: '°',
        y: 'mH',
        series: ['a', 'b', 'c'].map((phase) => ({
          name: `phase ${phase.toUpperCase()}`,
          points: points(
            rows(typed['positions']),
            (r) => r['angleDegrees'],
            (r) => (r['inductanceMh'] as Typed | undefined)?.[phase],
          ),
        })),
      };
    case 'run-watch':
      return {
        label: 'Bearing temperatures over the watch',
        x: 'min',
        y: '°C',
        series: [
          ['drive end', 'driveEndTemperatureC'],
          ['other end', 'otherEndTemperatureC'],
        ].map(([name, field]) => ({
          name: name ?? '',
          points: points(
            rows(typed['readings']),
            (r) => r['minute'],
            (r) => r[field ?? ''],
          ),
        })),
      };
    case 'rotor-proof':
      return {
        label: 'Current over a turn of the shaft',
        x: 'step',
        y: 'A',
        series: [
          {
            name: 'current',
            points: (Array.isArray(typed['turnCurrentsA']) ? typed['turnCurrentsA'] : []).map(
              (a: unknown, i: number): [number, number] => [i, figure(a)],
            ),
          },
        ],
      };
    case 'surge-rise':
      return {
        label: 'Each pulse against the one before, over its voltage',
        x: 'V',
        y: '%',
        limit: figure(output['limitPercent']),
        series: ['a', 'b', 'c'].map((lead) => ({
          name: `lead ${lead.toUpperCase()}`,
          points: points(
            rows(output['pairs']).filter((r) => r['lead'] === lead),
            (r) => r['toV'],
            (r) => r['differencePercent'],
          ),
        })),
      };
    default:
      return undefined;
  }
}
