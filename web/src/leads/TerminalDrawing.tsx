import type { Terminal } from '../api/types';

const STEP = 74;
const STUD_Y = 92;

/** The terminal box drawn from its map: studs in a row, lines and links above, leads with their colours below. */
export function TerminalDrawing({ terminals }: { terminals: Terminal[] }) {
  const bare = terminals.filter((t) => t.name !== '');
  const loose = terminals.filter((t) => t.name === '');
  const columns = [...bare, ...loose];
  const most = Math.max(1, ...columns.map((t) => t.leads.length));
  const width = Math.max(3, columns.length) * STEP;
  const height = STUD_Y + 46 + most * 44;
  const told = columns
    .map((t) => `${t.name ? `terminal ${t.name}` : 'on no terminal'}: ${[...t.joins, ...t.leads].join(', ')}`)
    .join('; ');
  return (
    <svg
      className="terminals"
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Terminal box: ${told}`}
    >
      {columns.map((t, n) => {
        const x = STEP * (n + 0.5);
        return (
          <g key={`${t.name} ${n}`} fontFamily="var(--text)" textAnchor="middle" fill="var(--ink)">
            {t.joins.map((joined, k) => (
              <text key={joined} x={x} y={18 + 17 * k} fontSize="14" fill="var(--copper)" fontWeight="600">
                {joined}
              </text>
            ))}
            {t.joins.length > 0 && (
              <path
                d={`M ${x} ${24 + 17 * (t.joins.length - 1)} V ${STUD_Y - 13}`}
                stroke="var(--copper)"
                strokeWidth="3"
              />
            )}
            {t.name !== '' && (
              <>
                <circle cx={x} cy={STUD_Y} r="13" fill="var(--brass)" stroke="var(--ink)" strokeWidth="1.5" />
                <text x={x + 18} y={STUD_Y - 12} fontSize="14" textAnchor="start" fill="var(--soft)">
                  {t.name}
                </text>
              </>
            )}
            {t.leads.map((lead, k) => (
              <g key={k}>
                <path
                  d={`M ${x} ${STUD_Y + (t.name ? 13 : 20)} L ${x - 18} ${STUD_Y + 28} V ${STUD_Y + 46 + 44 * k}`}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth="2"
                />
                <text x={x - 12} y={STUD_Y + 50 + 44 * k} fontSize="16" fontWeight="600" textAnchor="start">
                  {lead}
                </text>
                <text x={x - 12} y={STUD_Y + 66 + 44 * k} fontSize="13" textAnchor="start" fill="var(--soft)">
                  {t.colours[k]}
                </text>
              </g>
            ))}
          </g>
        );
      })}
    </svg>
  );
}
