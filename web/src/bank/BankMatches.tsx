import type { BankMatch } from '../api/types';
import { plain } from '../quantity/figures';
import { termLabel } from '../ui/terms';

/** Windings of the bank, nearest first; what differs from what was asked is marked. */
export function BankMatches({ matches, asked }: { matches: BankMatch[]; asked: boolean }) {
  if (matches.length === 0) {
    return <p className="soft">Nothing in the bank has these words.</p>;
  }
  return (
    <table className="quiet bank" aria-label="Windings found">
      <thead>
        <tr>
          <th>Motor</th>
          <th>Core</th>
          <th>Winding</th>
          <th>{asked ? 'Beside what was asked' : ''}</th>
          <th>Whose take</th>
        </tr>
      </thead>
      <tbody>
        {matches.map((m) => (
          <tr key={m.record.key}>
            <td>
              <b>{m.record.key}</b>
              <div>{[m.record.maker, m.record.model].filter(Boolean).join(' ') || 'plate not read'}</div>
              <div className="soft small">
                {m.record.ratedPowerW === null
                  ? 'power not told'
                  : `${plain(m.record.ratedPowerW / 1000, 3)} kW`}{' '}
                · {plain(m.record.winding.ratedVoltageV)} V · {plain(m.record.winding.frequencyHz)} Hz
              </div>
            </td>
            <td>
              {m.record.winding.slots} slots, {m.record.winding.poles} poles
              <div className="soft small">
                bore {mm(m.record.winding.boreDiameterM)}, iron {mm(m.record.winding.coreLengthM)}
              </div>
            </td>
            <td>
              <b>{m.record.winding.turnsPerCoil} turns</b>, span 1 to {m.record.winding.spanSlots + 1}
              <div className="soft small">
                {m.record.winding.strands
                  .map((s) => `${s.count} × ${plain(s.bareDiameterMm)} mm`)
                  .join(' + ')}
                , {m.record.winding.parallelCircuits} in {termLabel(m.record.winding.connection)}
              </div>
            </td>
            <td>
              {m.fields.map((f) => (
                <div key={f.field} className={f.differs ? 'differs' : 'alike'}>
                  {f.label} {f.found}
                </div>
              ))}
            </td>
            <td className="small">
              {m.record.takenBy}, {m.record.takenOn}
              <div className="soft">{times(m.record)}</div>
              {m.record.changed && <div className="soft">{m.record.changed}</div>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function mm(metres: number): string {
  return `${plain(1000 * metres, 4)} mm`;
}

function times({ rewound, proved }: BankMatch['record']): string {
  if (rewound === 0) {
    return 'not rewound yet';
  }
  return `rewound ${rewound === 1 ? 'once' : `${rewound} times`}, ${proved === 0 ? 'none proved' : `${proved} proved`}`;
}
