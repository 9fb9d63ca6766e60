import { Button } from 'antd';
import type { BlockReading, Problem } from '../api/types';
import { at } from '../ui/preview';
import { plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { useShown } from '../quantity/units';
import { Mark } from '../verdict/Mark';
import type { BlockText, RatingPair } from './plateText';

const FIELDS = [
  ['ratedPowerW', 'Power', 'kW'],
  ['ratedVoltageV', 'Voltage', 'V'],
  ['ratedCurrentA', 'Current', 'A'],
  ['ratedSpeedRpm', 'Speed', 'r/min'],
  ['frequencyHz', 'Frequency', 'Hz'],
] as const;

/** Figures typed in pairs, "230/400 V", offered as the two ratings that they are. */
export function TwoRatings({
  pair,
  onTake,
}: {
  pair: RatingPair | null;
  onTake: (pair: RatingPair) => void;
}) {
  return (
    pair && (
      <p>
        <Button onClick={() => onTake(pair)}>
          Two ratings: {FIELDS.flatMap(([field]) => pair.first[field] ?? []).join(', ')} here, the other below
        </Button>
      </p>
    )
  );
}

/** The other speed, voltage or frequency on the same plate, each held against the first rating. */
export function FurtherRatings({
  blocks,
  readings,
  first,
  shown,
  problems,
  onChange,
}: {
  blocks: BlockText[];
  readings: BlockReading[];
  first: BlockText;
  shown: Record<string, string>;
  problems: Problem[];
  onChange: (blocks: BlockText[]) => void;
}) {
  const say = useShown();
  const set = (n: number, part: Partial<BlockText>) =>
    onChange(blocks.map((b, k) => (k === n ? { ...b, ...part } : b)));
  return (
    <>
      {blocks.map((block, n) => {
        const reading = readings[n];
        return (
          <section key={n} className="panel block" aria-label={`Rating ${n + 2}`}>
            <div className="head" style={{ marginBottom: 8 }}>
              <h2>Rating {n + 2}</h2>
              {reading && (
                <span className="soft">
                  {reading.poles} poles, {say(`${plain(reading.ratedTorqueNm, 3)} Nm`)}
                </span>
              )}
              <Button type="text" onClick={() => onChange(blocks.filter((_, k) => k !== n))}>
                Take it off
              </Button>
            </div>
            <div className="grid5">
              {FIELDS.map(([field, label, unit]) => (
                <TypedField
                  key={field}
                  label={label}
                  unit={unit}
                  value={block[field]}
                  shown={shown[`further[${n}].${field}`]}
                  problem={at(problems, `further[${n}].${field}`)}
                  onChange={(text) => set(n, { [field]: text })}
                />
              ))}
            </div>
            <Picks
              label="Connection for it"
              value={block.connection}
              options={[
                ['wye', 'Wye'],
                ['delta', 'Delta'],
                ['unknown', 'Not known'],
              ]}
              onPick={(connection) => set(n, { connection })}
            />
            {reading && (
              <p className="said-of">
                <Mark verdict={reading.verdict} />
                <span>
                  {say(reading.sentence)}
                  {reading.contradictions.map((c) => (
                    <b key={c}> {c}</b>
                  ))}
                </span>
              </p>
            )}
          </section>
        );
      })}
      {blocks.length < 7 && (
        <Button onClick={() => onChange([...blocks, { ...first }])}>
          Another speed, voltage or frequency on the plate
        </Button>
      )}
    </>
  );
}
