import type { Verdict } from '../api/types';

const WORDS: Record<Verdict, string> = {
  holds: 'Holds',
  watch: 'Watch',
  stop: 'Stop',
  unproven: 'Unproven',
};

export function verdictWord(verdict: Verdict): string {
  return WORDS[verdict];
}

/** The shape of a verdict: closed ring, half-filled ring, barred lozenge, dotted ring. Never by colour alone. */
export function Mark({ verdict, size = 20, light }: { verdict: Verdict; size?: number; light?: boolean }) {
  const colour = light ? 'var(--on-iron)' : `var(--${verdict})`;
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 20 20"
      role="img"
      aria-label={WORDS[verdict]}
      style={{ flex: 'none' }}
    >
      {verdict === 'holds' && (
        <circle cx="10" cy="10" r="7.2" fill="none" stroke={colour} strokeWidth="3.6" />
      )}
      {verdict === 'watch' && (
        <>
          <circle cx="10" cy="10" r="8" fill="none" stroke={colour} strokeWidth="2.2" />
          <path d="M10 2 A8 8 0 0 0 10 18 Z" fill={colour} />
        </>
      )}
      {verdict === 'stop' && (
        <>
          <path d="M10 0 L20 10 L10 20 L0 10 Z" fill={colour} />
          <rect x="5" y="8.4" width="10" height="3.2" fill={light ? 'var(--shut-ground)' : 'var(--sheet)'} />
        </>
      )}
      {verdict === 'unproven' && (
        <circle
          cx="10"
          cy="10"
          r="8"
          fill="none"
          stroke={colour}
          strokeWidth="2.6"
          strokeDasharray="2.8 3.5"
        />
      )}
    </svg>
  );
}
