import type { KeyboardEvent } from 'react';

export type GroupState = 'bright' | 'warm' | 'dull' | 'dark' | 'burst';

const OUTER = 188;
const INNER = 112;
const ORDER = ['A', 'C', 'B'] as const;

export function groupName(index: number): string {
  return `${ORDER[index % 3]}${Math.floor(index / 3) + 1}`;
}

function point(angle: number, radius: number): string {
  return `${(radius * Math.sin(angle)).toFixed(2)} ${(-radius * Math.cos(angle)).toFixed(2)}`;
}

function wedge(from: number, to: number, inner: number, outer: number): string {
  return `M ${point(from, outer)} A ${outer} ${outer} 0 0 1 ${point(to, outer)} L ${point(to, inner)} A ${inner} ${inner} 0 0 0 ${point(from, inner)} Z`;
}

/** Textures that stay apart in black and white: hatched, plain pale, plain brown, solid, crossed bars. */
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
    case 'bright':
      return 'url(#coil-bright)';
    case 'burst':
      return 'url(#coil-burst)';
    case undefined:
      return 'var(--sheet)';
    default:
      return `var(--coil-${state})`;
  }
}

/** The stator seen from the connection end; each group is a target for pointer and keyboard. */
export function StatorRing({
  states,
  coilsPerGroup,
  spots,
  at,
  middle,
  onGroup,
  onMove,
  onKey,
}: {
  states: (GroupState | undefined)[];
  coilsPerGroup: number;
  /** Numbers of the groups, from 1, that carry a spot. */
  spots: number[];
  at: number;
  middle: string;
  onGroup: (group: number, dragged: boolean) => void;
  onMove: (by: number) => void;
  onKey: (event: KeyboardEvent) => void;
}) {
  const n = states.length;
  const phaseBarrier = (g: number) => (2 * Math.PI * g) / n;
  return (
    <svg
      viewBox="-205 -205 410 410"
      className="ring"
      role="application"
      aria-label="Coil map. Arrow keys go round, 1 to 5 paint, S drops a spot."
      tabIndex={0}
      onKeyDown={(e) => {
        if (e.key === 'ArrowRight' || e.key === 'ArrowDown' || e.key === 'Enter') {
          e.preventDefault();
          onMove(1);
        } else if (e.key === 'ArrowLeft' || e.key === 'ArrowUp') {
          e.preventDefault();
          onMove(-1);
        } else {
          onKey(e);
        }
      }}
    >
      <Textures />
      {states.map((state, g) => {
        const from = phaseBarrier(g) + 0.012;
        const to = phaseBarrier(g + 1) - 0.012;
        const centre = (from + to) / 2;
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
            {Array.from({ length: Math.max(0, coilsPerGroup - 1) }, (_, c) => {
              const a = from + ((to - from) * (c + 1)) / coilsPerGroup;
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
              fontSize={n > 24 ? 12 : 18}
              fill="var(--ink)"
            >
              {groupName(g)}
            </text>
            {spots.includes(g + 1) && (
              <circle
                cx={150 * Math.sin(centre)}
                cy={-150 * Math.cos(centre)}
                r="9"
                fill="#fff"
                stroke="#8e2a28"
                strokeWidth="4"
              />
            )}
          </g>
        );
      })}
      {states.map((_, g) => (
        <path
          key={g}
          d={`M ${point(phaseBarrier(g), INNER - 8)} L ${point(phaseBarrier(g), OUTER + 9)}`}
          stroke="var(--brass)"
          strokeWidth="2"
        />
      ))}
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
