import { Button } from 'antd';
import type { DesignedWinding, WireCandidate, WireOffer } from '../api/types';
import { ohm, plain, signed } from '../quantity/figures';
import { Mark } from '../verdict/Mark';

/** Candidates under the winding that came out; what does not differ between them stands above, with the turns. */
export function Candidates({
  original,
  offer,
  chosen,
  choose,
}: {
  original: DesignedWinding;
  offer: WireOffer;
  chosen: string | undefined;
  choose: (wires: WireCandidate['wires']) => void;
}) {
  const row = (c: WireCandidate, better = false) => (
    <Row
      key={c.winding.wires}
      candidate={c}
      better={better}
      taken={c.winding.wires === chosen}
      choose={() => choose(c.wires)}
    />
  );
  return (
    <table className="candidates" aria-label="Candidates">
      <thead>
        <tr>
          <th>Wires in hand</th>
          <th className="n">Area</th>
          <th className="n">Density</th>
          <th className="n">Fill</th>
          <th className="n">Terminals</th>
          <th className="n">Mass</th>
          <th className="n">Loss</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr>
          <td>
            {original.wires}
            <div className="soft small">as it came out</div>
          </td>
          <Figures winding={original} />
          <td />
        </tr>
      </tbody>
      {offer.candidates.map((c) => row(c))}
      {offer.better && row(offer.better, true)}
    </table>
  );
}

function Figures({ winding, candidate }: { winding: DesignedWinding; candidate?: WireCandidate }) {
  const { result } = winding;
  const r = result.terminalOhmAt25C;
  const change = candidate?.changes;
  return (
    <>
      <td className="n">
        {plain(result.conductorAreaMm2, 4)} mm²
        <Change by={candidate?.areaErrorPercent} unit="%" />
      </td>
      <td className="n">{plain(result.currentDensityAPerMm2, 3)} A/mm²</td>
      <td className="n">{plain(result.slotFillPercent, 3)} %</td>
      <td className="n">
        {r === null ? '–' : ohm(r)}
        <Change by={change?.ohmPercent ?? undefined} unit="%" />
      </td>
      <td className="n">
        {plain(result.copperMassKg, 3)} kg
        <Change by={change?.copperKg} unit="kg" />
      </td>
      <td className="n">
        {plain(winding.copperLossW, 3)} W
        <Change by={change?.copperLossPercent} unit="%" />
      </td>
    </>
  );
}

function Change({ by, unit }: { by: number | undefined; unit: string }) {
  return by === undefined ? null : (
    <div className="soft small">
      {signed(by, 2)} {unit}
    </div>
  );
}

function Row({
  candidate,
  better,
  taken,
  choose,
}: {
  candidate: WireCandidate;
  better: boolean;
  taken: boolean;
  choose: () => void;
}) {
  const { winding, draws, notes, price, changes } = candidate;
  const against = [
    ...notes,
    ...winding.result.checks.filter((c) => c.verdict === 'watch' || c.verdict === 'stop'),
  ];
  return (
    <tbody className={taken ? 'taken' : ''}>
      <tr>
        <td>
          <b>{winding.wires}</b>
        </td>
        <Figures winding={winding} candidate={candidate} />
        <td>
          <Button
            type={taken ? 'primary' : 'default'}
            aria-pressed={taken}
            aria-label={`Take ${winding.wires}`}
            onClick={choose}
          >
            {taken ? 'Taken' : 'Take it'}
          </Button>
        </td>
      </tr>
      <tr className="under">
        <td colSpan={8}>
          <Mark verdict={candidate.verdict} size={16} />{' '}
          {better && (
            <b>
              More copper where the slot has room: the winding heats {signed(changes.risePercent, 2)} %
              against before.{' '}
            </b>
          )}
          {against.map((j) => `${j.headline}. `).join('')}
          <span className="soft">
            Draws {draws.map((d) => `${plain(d.neededKg, 3)} kg of ${d.name}`).join(' and ')}.
            {price !== null && Math.abs(price) >= 1 && ` Copper costs ${signed(price, 3)} against before.`}
          </span>
        </td>
      </tr>
    </tbody>
  );
}
