import { Button } from 'antd';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { moment } from '../quantity/figures';
import { Mark } from '../verdict/Mark';
import { GuardReason } from './GuardReason';
import type { Sheet } from './sheet';
import { ErrorNotice } from '../ui/ErrorNotice';

/** The frame of every sheet: its head, what went wrong, what others wrote meanwhile, and the one button that keeps it. */
export function SheetForm<T extends object>({
  sheet,
  title,
  aside,
  keep,
  correct,
  hide = [],
  label,
  before,
  shut = false,
  foot,
  children,
}: {
  sheet: Sheet<T>;
  title: string;
  aside: ReactNode;
  /** The button before and after the first time. */
  keep: string;
  correct: string;
  /** Fields that tell their own problems. */
  hide?: string[];
  /** A field in the words of the page. */
  label: (field: string) => string;
  /** Something to record before the sheet. */
  before?: () => void;
  /** A gate stands before it: it can be looked at and not kept. */
  shut?: boolean;
  foot?: ReactNode;
  children: ReactNode;
}) {
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        before?.();
        sheet.save();
      }}
    >
      <div className="head">
        <h1>{title}</h1>
        <span className="soft">{aside}</span>
      </div>
      {sheet.clash ? (
        <Clashes sheet={sheet} label={label} />
      ) : (
        <ErrorNotice error={sheet.keep.error} hide={hide} />
      )}
      <GuardReason sheet={sheet} />
      {sheet.newer && !sheet.clash && (
        <p className="caution" role="status">
          {sheet.newer.by} changed this at {moment(sheet.newer.at)}. What does not touch yours is merged when
          you save.
        </p>
      )}
      {children}
      <div className="actions">
        <Button
          type="primary"
          htmlType="submit"
          loading={sheet.keep.isPending}
          disabled={shut || sheet.clash !== undefined}
        >
          {sheet.written ? correct : keep}
        </Button>
        {sheet.dirty && <span className="soft small">not saved yet; kept on this tablet</span>}
      </div>
      {foot}
    </form>
  );
}

/** Both changes side by side, and a pick for each: nothing of either is lost before somebody decides. */
export function Clashes<T extends object>({
  sheet,
  label,
}: {
  sheet: Sheet<T>;
  label: (field: string) => string;
}) {
  const clash = sheet.clash;
  const [mine, setMine] = useState<Record<string, boolean>>({});
  const box = useRef<HTMLElement>(null);
  const told = clash !== undefined;
  // A sheet that keeps itself may be far from its notice when the other one's change comes.
  useEffect(() => {
    if (told) {
      box.current?.scrollIntoView({ block: 'nearest' });
    }
  }, [told]);
  if (!clash) {
    return null;
  }
  return (
    <section className="notice" role="alert" style={{ display: 'block' }} ref={box}>
      <div style={{ display: 'flex', gap: 12, alignItems: 'center' }}>
        <Mark verdict="watch" size={24} />
        <strong>{clash.by} and you changed the same. Everything else is merged; settle these.</strong>
      </div>
      <table className="quiet">
        <thead>
          <tr>
            <th>field</th>
            <th>was</th>
            <th>{clash.by}</th>
            <th>you</th>
          </tr>
        </thead>
        <tbody>
          {clash.clashes.map((c) => (
            <tr key={c.field}>
              <td>{label(c.field)}</td>
              <td className="soft">{shown(c.before)}</td>
              {[false, true].map((own) => (
                <td key={String(own)}>
                  <button
                    type="button"
                    className="pick"
                    role="radio"
                    aria-checked={(mine[c.field] ?? true) === own}
                    aria-label={`${label(c.field)}: ${own ? 'yours' : 'theirs'}`}
                    onClick={() => setMine({ ...mine, [c.field]: own })}
                  >
                    {shown(own ? c.mine : c.theirs)}
                  </button>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <Button
        style={{ marginTop: 10 }}
        onClick={() =>
          sheet.settleClash(
            Object.fromEntries(
              clash.clashes.map((c) => [c.field, (mine[c.field] ?? true) ? c.mine : c.theirs]),
            ),
          )
        }
      >
        Take these
      </Button>
    </section>
  );
}

function shown(value: unknown): string {
  if (value === null || value === undefined || value === '') {
    return 'empty';
  }
  if (typeof value === 'boolean') {
    return value ? 'yes' : 'no';
  }
  return typeof value === 'object' ? JSON.stringify(value) : String(value as string | number);
}

/** A field's name parted into words, for the few that a page has no label for. */
export function words(field: string): string {
  return field
    .replace(/\[(\d+)\]/g, (_, n: string) => ` ${Number(n) + 1}`)
    .replace(/\./g, ', ')
    .replace(/(Hz|Mm2|Mm|Rpm|W|V|A|M|C|Kg)\b/g, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .trim();
}
