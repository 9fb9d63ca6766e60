import { Fragment } from 'react';
import type { ChoiceReading } from '../api/types';
import { hours, money, plain } from '../quantity/figures';
import { useMoney } from '../settings/useSettings';
import { Mark } from '../verdict/Mark';

type Option = ChoiceReading['options'][number];
type Range = Option['leadTimeHours'];

/** A figure, or its likeliest with the range it may lie in. */
function ranged(range: Range, show: (figure: number) => string): string {
  return range.low === range.high
    ? show(range.likely)
    : `${show(range.likely)} (${show(range.low)} to ${show(range.high)})`;
}

/** Options side by side: what is ruled out stays, struck through, with what would bring it back. */
export function Compared({ choice, outagePerHour }: { choice: ChoiceReading; outagePerHour: number }) {
  const inMoney = useMoney();
  const open = choice.options.filter((o) => o.odds);
  const least = Math.min(...open.map((o) => o.odds?.p10 ?? Infinity));
  const most = Math.max(...open.map((o) => o.odds?.p90 ?? 0));
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th>option</th>
          <th className="n">price{inMoney}</th>
          <th className="n">ready in</th>
          <th className="n">outage</th>
          <th className="n">a year in all</th>
          <th>likely range</th>
          <th className="n">breaks even at</th>
        </tr>
      </thead>
      <tbody>
        {choice.options.map((o) => (
          <Fragment key={o.name}>
            <tr className={choice.advised === o.name ? 'figures advised' : 'figures'}>
              <td>
                <b style={o.open ? {} : { textDecoration: 'line-through' }}>{o.name}</b>
                {choice.advised === o.name && <span className="soft"> · cheapest</span>}
              </td>
              <td className="n">
                {o.priced ? money(o.price) : 'ask'}
                <Between range={o.priceRange} show={money} />
              </td>
              <td className="n">
                {hours(o.leadTimeHours.likely)}
                <Between range={o.leadTimeHours} show={hours} />
              </td>
              <td className="n">{outagePerHour > 0 || o.outageCost > 0 ? money(o.outageCost) : '–'}</td>
              <td className="n">
                <b>{o.priced ? money(o.equivalentAnnualCost) : '–'}</b>
              </td>
              <td>{o.odds && <OddsBar odds={o.odds} least={least} most={most} />}</td>
              <td className="n">{o.levelPrice === null ? '–' : money(o.levelPrice)}</td>
            </tr>
            <tr className={choice.advised === o.name ? 'words advised' : 'words'}>
              <td colSpan={7}>
                <Words option={o} />
              </td>
            </tr>
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

/** The range of a figure that is not known exactly, under it. */
function Between({ range, show }: { range: Range; show: (figure: number) => string }) {
  return range.low === range.high ? null : (
    <div className="small soft">
      {show(range.low)} to {show(range.high)}
    </div>
  );
}

/** What there is to say of an option beside its figures. */
function Words({ option: o }: { option: Option }) {
  return (
    <div className="small">
      {o.reason && (
        <span style={{ display: 'inline-flex', gap: 6, alignItems: 'center', marginRight: 8 }}>
          <Mark verdict={o.open ? 'watch' : 'stop'} size={14} />
          <span>
            {o.reason}
            {!o.open && o.bringsBack && ` What would bring it back: ${o.bringsBack}`}
          </span>
        </span>
      )}
      <span className="soft">
        {ranged(o.efficiencyPercent, (f) => plain(f, 3))} % ·{' '}
        {ranged(o.expectedLifeYears, (f) => plain(f, 3))} years
        {o.warrantyMonths !== null && ` · ${plain(o.warrantyMonths)} months of warranty`}
        {o.payback && ` · ${o.payback}`}
        {o.notIncluded && ` · Not included: ${o.notIncluded}`}
      </span>
    </div>
  );
}

/** Where nine of ten draws of an option's yearly cost lie, with its middle; all options on one scale. */
function OddsBar({ odds, least, most }: { odds: NonNullable<Option['odds']>; least: number; most: number }) {
  const x = (figure: number) => (most > least ? (100 * (figure - least)) / (most - least) : 50);
  return (
    <div style={{ minWidth: 120 }}>
      <svg
        viewBox="-3 0 106 14"
        width="120"
        height="14"
        role="img"
        aria-label={`${money(odds.p10)} to ${money(odds.p90)} a year, middle ${money(odds.p50)}`}
      >
        <line x1="0" x2="100" y1="7" y2="7" stroke="var(--rule)" strokeWidth="1" />
        <line x1={x(odds.p10)} x2={x(odds.p90)} y1="7" y2="7" stroke="var(--copper)" strokeWidth="5" />
        <line x1={x(odds.p50)} x2={x(odds.p50)} y1="1" y2="13" stroke="var(--ink)" strokeWidth="2" />
      </svg>
      <div className="small">wins {plain(odds.winsPercent, 3)} of 100</div>
    </div>
  );
}
