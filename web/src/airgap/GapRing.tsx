import '../teardown/teardown.css';

const BORE = 150;
const GAP = 34;

/** A smooth closed curve through the points (Catmull–Rom as Bézier pieces). */
function closedCurve(points: (readonly [number, number])[]): string {
  const n = points.length;
  const of = (i: number) => points[(i + n) % n] ?? [0, 0];
  const pieces = points.map((_, i) => {
    const [p0, p1, p2, p3] = [of(i - 1), of(i), of(i + 1), of(i + 2)];
    const bend = (
      a: readonly [number, number],
      from: readonly [number, number],
      to: readonly [number, number],
      by: number,
    ) =>
      `${(a[0] + (by * (to[0] - from[0])) / 6).toFixed(1)} ${(a[1] + (by * (to[1] - from[1])) / 6).toFixed(1)}`;
    return `C ${bend(p1, p0, p2, 1)}, ${bend(p2, p1, p3, -1)}, ${p2[0].toFixed(1)} ${p2[1].toFixed(1)}`;
  });
  const start = of(0);
  return `M ${start[0].toFixed(1)} ${start[1].toFixed(1)} ${pieces.join(' ')} Z`;
}

/** Bore and rotor seen from the end, the gap drawn many times wider, each point with its figure. */
export function GapRing({ gapsMm, meanMm }: { gapsMm: number[]; meanMm: number }) {
  const n = gapsMm.length;
  const at = (i: number, radius: number) => {
    const angle = (2 * Math.PI * i) / n;
    return [radius * Math.sin(angle), -radius * Math.cos(angle)] as const;
  };
  const rim = gapsMm.map((g, i) => at(i, BORE - (GAP * g) / meanMm));
  const off = (g: number) => Math.abs(g - meanMm) / meanMm;
  return (
    <svg
      className="gap-ring"
      viewBox="-225 -190 450 380"
      role="img"
      aria-label={`Air gap: ${gapsMm.map((g, i) => `point ${i + 1} ${g.toFixed(2)} mm`).join(', ')}`}
    >
      <circle r={BORE} fill="none" stroke="var(--ink)" strokeWidth="3" />
      <circle r={BORE - GAP} fill="none" stroke="var(--soft)" strokeWidth="1" strokeDasharray="4 5" />
      <path d={closedCurve(rim)} fill="var(--edge)" stroke="var(--copper)" strokeWidth="2.5" />
      {gapsMm.map((g, i) => {
        const [x, y] = at(i, BORE + 22);
        const wide = off(g) > 0.1;
        return (
          <text
            key={i}
            x={x}
            y={y + 5}
            textAnchor={x > 20 ? 'start' : x < -20 ? 'end' : 'middle'}
            fontFamily="var(--mono)"
            fontSize="15"
            fontWeight={wide ? 700 : 400}
            fill={wide ? 'var(--stop)' : 'var(--ink)'}
          >
            {g.toFixed(2)}
          </text>
        );
      })}
      <text textAnchor="middle" y="-4" fontFamily="var(--head)" fontSize="17" fill="var(--ink)">
        mean {meanMm.toFixed(3)} mm
      </text>
      <text textAnchor="middle" y="18" fontSize="14" fill="var(--soft)">
        gap not to scale
      </text>
    </svg>
  );
}
