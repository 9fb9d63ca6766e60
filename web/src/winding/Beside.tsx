import { Button } from 'antd';
import { Link } from 'react-router';
import type { BankOpinion, RatingEstimate } from '../api/types';
import { plain } from '../quantity/figures';
import { termLabel } from '../ui/terms';
import { Mark } from '../verdict/Mark';
import type { TakeText } from './takeText';

/** What the bank says to a take: windings in the same core, and the nearest ones. */
export function BesideBank({ bank }: { bank: BankOpinion }) {
  if (bank.nearest.length === 0) {
    return null;
  }
  return (
    <section aria-label="Nearest in the bank" style={{ marginBottom: 16 }}>
      <h3>
        Nearest in the <Link to="/bank">bank</Link>
      </h3>
      {bank.judgement && (
        <p>
          <Mark verdict={bank.judgement.verdict} size={18} /> {bank.judgement.headline}. {bank.judgement.next}
        </p>
      )}
      <table className="quiet">
        <tbody>
          {bank.nearest.map(({ record, fields }) => (
            <tr key={record.key}>
              <td>
                <b>{record.key}</b>{' '}
                <span className="soft small">
                  {record.ratedPowerW === null ? '' : `${plain(record.ratedPowerW / 1000, 3)} kW, `}
                  {plain(record.winding.ratedVoltageV)} V {plain(record.winding.frequencyHz)} Hz
                </span>
              </td>
              <td className="figure">
                {record.winding.turnsPerCoil} turns, 1 to {record.winding.spanSlots + 1},{' '}
                {record.winding.parallelCircuits} in {termLabel(record.winding.connection)}
              </td>
              <td className="small">
                {fields.every((f) => !f.differs)
                  ? 'the same core'
                  : fields
                      .filter((f) => f.differs)
                      .map((f) => `${f.label.toLowerCase()} ${f.found}`)
                      .join(', ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What a motor without a plate was most likely made for, while nobody knows its voltage. */
export function WithoutPlate({
  rating,
  set,
}: {
  rating: RatingEstimate;
  set: (part: Partial<TakeText>) => void;
}) {
  return (
    <section className="caution" aria-label="Without a plate">
      <b>No voltage on the plate: what it was most likely made for.</b>{' '}
      {rating.candidates.length === 0 && <>Not told yet; it takes {rating.missing.join(', ')}.</>}
      {rating.candidates.length > 0 && (
        <table className="quiet">
          <tbody>
            {rating.candidates.map((c) => (
              <tr key={`${c.frequencyHz} ${c.connection}`}>
                <td>
                  <b>
                    {plain(c.ratedVoltageV)} V, {plain(c.frequencyHz)} Hz, {termLabel(c.connection)}
                  </b>
                  <div className="soft small">
                    {plain(c.lowV, 3)} to {plain(c.highV, 3)} V
                    {c.alsoV.length > 0 && `; ${c.alsoV.map((v) => plain(v)).join(', ')} V fit too`}
                  </div>
                </td>
                <td>
                  {plain(c.powerW / 1000, 2)} kW
                  <div className="soft small">
                    {plain(c.lowPowerW / 1000, 2)} to {plain(c.highPowerW / 1000, 2)} kW
                  </div>
                </td>
                <td>
                  under {plain(c.synchronousRpm)} r/min
                  <div className="soft small">{plain(c.sharePercent, 2)} % of the fit</div>
                </td>
                <td className="small">{c.reasons.join(' ')}</td>
                <td>
                  <Button
                    aria-label={`Reckon with ${plain(c.ratedVoltageV)} V, ${plain(c.frequencyHz)} Hz`}
                    onClick={() =>
                      set({
                        ratedVoltageV: `${c.ratedVoltageV} V`,
                        frequencyHz: `${c.frequencyHz} Hz`,
                        ...(c.currentA === null ? {} : { ratedCurrentA: `${plain(c.currentA, 3)} A` }),
                        connection: c.connection,
                      })
                    }
                  >
                    Reckon with it
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p>An estimate, never a plate. Next: {rating.next}</p>
    </section>
  );
}
