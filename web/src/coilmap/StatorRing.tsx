import type { KeyboardEvent } from 'react';
import { groupName, type GroupState, type SpotKind } from './painting';
import { termLabel } from '../ui/terms';

const OUTER = 188;
const INNER = 112;

function point(angle: number, radius: number): string {
  return `${(radius * Math.sin(angle)).toFixed(2)} ${(-radius * Math.cos(angle)).toFixed(2)}`;
}

function wedge(from: number, to: number, inner: number, outer: number): string {
  return `M ${point(from, outer)} A ${outer} ${outer} 0 0 1 ${point(to, outer)} L ${point(to, inner)} A ${inner} ${inner} 0 0 0 ${point(from, inner)} Z`;
}

/** Textures that stay apart in black and white: hatched, dotted, barred, solid, crossed. */
export function Textures() {
  return (
    <defs>
      <pattern
        id="coil-bright"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="7" height="7" fill="var(--coil-bright)" />
        <rect width="1.6" height="7" fill="var(--coil-line)" opacity="0.6" />
      </pattern>
      <pattern id="coil-warm" width="9" height="9" patternUnits="userSpaceOnUse">
        <rect width="9" height="9" fill="var(--coil-warm)" />
        <circle cx="4.5" cy="4.5" r="1.7" fill="#5b331b" />
      </pattern>
      <pattern id="coil-dull" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--coil-dull)" />
        <rect width="6" height="2.2" fill="#4a3626" />
      </pattern>
      <pattern
        id="coil-burst"
        width="9"
        height="9"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="9" height="9" fill="var(--coil-burst)" />
        <rect width="3" height="9" fill="#f6e6d8" />
        <rect width="9" height="3" fill="#f6e6d8" />
      </pattern>
    </defs>
  );
}

export function fillOf(state: GroupState | undefined): string {
  switch (state) {
    case undefined:
      return 'var(--sheet)';
    case 'dark':
      return 'var(--coil-dark)';
    default:
      return `url(#coil-${state})`;
  }
}

const SHAPES: Record<SpotKind, string> = {
  'in-slot': 'M -7 -7 H 7 V 7 H -7 Z',
  'slot-edge': 'M -9 6 H 9 L 0 -9 Z',
  'within-coil': 'M 0 -9 A 9 9 0 1 1 -0.01 -9 Z',
  'whole-coil': 'M -10 -6 H 10 V 6 H -10 Z M -5 -2 H 5 V 2 H -5 Z',
  'phase-barrier': 'M 0 -10 L 8 0 L 0 10 L -8 0 Z',
  'connection-joint': 'M -9 -3 H -3 V -9 H 3 V -3 H 9 V 3 H 3 V 9 H -3 V 3 H -9 Z',
  'line-end-coil': 'M -8 -9 L 9 0 L -8 9 Z',
};

/** The shape of a kind of spot, pale with a strong edge so that it shows on every state. */
export function SpotShape({ kind, title }: { kind: string; title?: string }) {
  return (
    <path d={SHAPES[kind as SpotKind] ?? ''} fill="#fff" fillRule="evenodd" stroke="#8e2a28" strokeWidth="3">
      {title && <title>{title}</title>}
    </path>
  );
}

/** Where on a group a spot sits: share of its arc, and radius. */
const PLACES: Record<SpotKind, [number, number]> = {
  'in-slot': [0.5, 122],
  'slot-edge': [0.35, 136],
  'within-coil': [0.65, 158],
  'whole-coil': [0.5, 158],
  'phase-barrier': [1, 168],
  'connection-joint': [0.5, 186],
  'line-end-coil': [0.12, 174],
};

/** The stator seen from the connection end; each group is a target for pointer and keyboard. */
export function StatorRing({
  states,
  coils,
  spots,
  at,
  middle,
  onGroup,
  onMove,
  onKey,
}: {
  states: (GroupState | undefined)[];
  /** Coils in each group; groups are drawn as wide as their coils. */
  coils: number[];
  spots: { group: number; kind: string }[];
  at: number;
  middle: string;
  onGroup: (group: number, dragged: boolean) => void;
  onMove: (by: number, painting: boolean) => void;
  onKey: (event: KeyboardEvent) => void;
}) {
  const n = states.length;
  const total = coils.reduce((sum, c) => sum + c, 0);
  const starts = coils.reduce<number[]>((all, c) => [...all, (all[all.length - 1] ?? 0) + c], [0]);
  const barrier = (g: number) => (2 * Math.PI * (starts[g] ?? 0)) / total;
  return (
    <svg
      viewBox="-205 -205 410 410"
      className="ring"
      role="application"
      aria-label="Coil map. Arrows go round, 1 to 5 paint, Shift with an arrow paints on, P paints the phase, S drops a spot, K picks its kind, M mirrors, R repeats, U undoes."
      tabIndex={0}
      onKeyDown={(e) => {
        if (e.key === 'ArrowRight' || e.key === 'ArrowDown' || e.key === 'Enter') {
          e.preventDefault();
          onMove(1, e.shiftKey);
        } else if (e.key === 'ArrowLeft' || e.key === 'ArrowUp') {
          e.preventDefault();
          onMove(-1, e.shiftKey);
        } else {
          onKey(e);
        }
      }}
    >
      <Textures />
      {states.map((state, g) => {
        const from = barrier(g) + 0.012;
        const to = barrier(g + 1) - 0.012;
        const centre = (from + to) / 2;
        const own = coils[g] ?? 1;
        return (
          <g
            key={g}
            onPointerDown={(e) => {
              (e.target as Element).releasePointerCapture?.(e.pointerId);
              onGroup(g, false);
            }}
            onPointerEnter={(e) => e.buttons === 1 && onGroup(g, true)}
            style={{ cursor: 'pointer' }}
          >
            <title>{`group ${g + 1}, ${groupName(g)}, ${state ?? 'not painted'}`}</title>
            <path
              d={wedge(from, to, INNER, OUTER)}
              fill={fillOf(state)}
              stroke={g === at ? 'var(--copper)' : 'var(--soft)'}
              strokeWidth={g === at ? 4 : 1}
            />
            {Array.from({ length: Math.max(0, own - 1) }, (_, c) => {
              const a = from + ((to - from) * (c + 1)) / own;
              return (
                <path
                  key={c}
                  d={`M ${point(a, INNER)} L ${point(a, OUTER)}`}
                  stroke="var(--paper)"
                  strokeWidth="2"
                />
              );
            })}
            <text
              x={94 * Math.sin(centre)}
              y={6 - 94 * Math.cos(centre)}
              textAnchor="middle"
              fontFamily="var(--head)"
              fontWeight="600"
              fontSize={n > 48 ? 8 : n > 24 ? 12 : 18}
              fill="var(--ink)"
            >
              {groupName(g)}
            </text>
          </g>
        );
      })}
      {states.map((_, g) => (
        <path
          key={g}
          d={`M ${point(barrier(g), INNER - 8)} L ${point(barrier(g), OUTER + 9)}`}
          stroke="var(--brass)"
          strokeWidth="2"
        />
      ))}
      {spots.map((s) => {
        const [share, radius] = PLACES[s.kind as SpotKind] ?? [0.5, 150];
        const angle = barrier(s.group) + share * (barrier(s.group + 1) - barrier(s.group));
        return (
          <g
            key={`${s.group} ${s.kind}`}
            className="spot"
            pointerEvents="none"
            transform={`translate(${point(angle, radius)})`}
          >
            <SpotShape kind={s.kind} title={`${groupName(s.group)} ${termLabel(s.kind)}`} />
          </g>
        );
      })}
      <text
        textAnchor="middle"
        y="6"
        fontFamily="var(--head)"
        fontWeight="600"
        fontSize="19"
        fill="var(--ink)"
      >
        {middle}
      </text>
    </svg>
  );
}
