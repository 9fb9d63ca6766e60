import { Link } from 'react-router';
import type { FloorRow, Verdict } from '../api/types';
import { hours, moment, money } from '../quantity/figures';
import { useShown } from '../quantity/units';
import { Mark } from '../verdict/Mark';

/** A job on the floor's list. */
export function FloorLine({
  row,
  here,
  shop,
  open,
}: {
  row: FloorRow;
  here: boolean;
  /** Which shop it is in, where several are shown. */
  shop?: string;
  open: () => void;
}) {
  const rush = row.urgency === 'rush';
  const shown = useShown();
  const late = row.promisedAt && new Date(row.promisedAt) < new Date();
  return (
    <tr className={`${rush ? 'rush' : ''} ${here ? 'here' : ''}`} onClick={open}>
      <td>
        <Mark verdict={row.worst as Verdict} size={22} />
      </td>
      <td className="tag">
        <Link to={`/jobs/${row.tag}/${row.nextStep}`}>{row.tag}</Link>
      </td>
      <td>
        {row.photo !== null && (
          <img
            className="pic"
            src={`/api/jobs/${row.tag}/photos/${row.photo}/thumbnail`}
            alt=""
            loading="lazy"
          />
        )}
        <b>{row.machine}</b>
        {row.motor && <span className="soft"> {shown(row.motor.split(' · ')[0] ?? '')}</span>}
        <small>{row.customer}</small>
      </td>
      <td className="station">
        {row.station}
        {shop && <small>{shop}</small>}
      </td>
      <td>
        {row.setDown && !row.waiting && <>Set down: “{row.setDown.workNote}”. Then: </>}
        {shown(row.nextAction)}
      </td>
      <td
        className={rush || late ? 'hot' : ''}
        title={row.askedBy ? `asked for by ${row.askedBy}` : undefined}
      >
        {rush && 'rush'}
        {rush && row.promisedAt && ' · '}
        {row.promisedAt ? moment(row.promisedAt) : rush ? '' : '–'}
        {late && ' · late'}
        {rush && row.askedBy && <small>{row.askedBy}</small>}
      </td>
      <td className="n">{hours(row.hoursInShop)}</td>
      <td className="n">{money(row.outageSoFar)}</td>
    </tr>
  );
}
