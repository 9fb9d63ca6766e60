import { useMemo, useRef, type KeyboardEvent } from 'react';
import type { PlanItem, ShownPlan } from '../api/types';
import { blocks, dayWords, OPENS_MIN, SHUTS_MIN, type Block, type Lane } from './lanes';

const LENGTH = SHUTS_MIN - OPENS_MIN;
const HOURS = [8, 10, 12, 14, 16];

const share = (minutes: number) => `${(100 * minutes) / LENGTH}%`;

/** People and places as lanes over the days; a hand or the arrow keys go from task to task. */
export function Lanes({
  plan,
  lanes,
  days,
  zone,
  late,
  picked,
  onPick,
  onOpen,
}: {
  plan: ShownPlan;
  lanes: Lane[];
  days: string[];
  zone: string;
  /** Tags of motors that are late by this plan. */
  late: Set<string>;
  picked: string | undefined;
  onPick: (item: PlanItem) => void;
  onOpen: (item: PlanItem) => void;
}) {
  const board = useRef<HTMLDivElement>(null);
  const rows = useMemo(
    () => lanes.map((lane) => ({ lane, blocks: blocks(plan.items, lane, zone, days) })),
    [plan, lanes, zone, days],
  );
  const first = rows.flatMap((r) => r.blocks)[0]?.item.task;
  const tab = picked ?? first;
  const go = (event: KeyboardEvent) => {
    const step = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key];
    const here = (event.target as HTMLElement).closest<HTMLElement>('[data-lane]');
    if (!step || !here || !board.current) {
      return;
    }
    event.preventDefault();
    const next = neighbour(board.current, event.target as HTMLElement, here, step[0] ?? 0, step[1] ?? 0);
    next?.focus();
  };
  return (
    <div className="board" ref={board} onKeyDown={go} role="group" aria-label="Plan by lanes">
      <div className="lane names" aria-hidden>
        <span />
        {days.map((d) => (
          <div key={d} className="day">
            <b>{dayWords(d)}</b>
            {HOURS.map((h) => (
              <i key={h} style={{ left: share(60 * h - OPENS_MIN) }}>
                {h}
              </i>
            ))}
          </div>
        ))}
      </div>
      {rows.map(({ lane, blocks: own }, n) => (
        <div key={`${lane.kind} ${lane.name}`} className="lane" data-kind={lane.kind} data-lane={n}>
          <span>{lane.name}</span>
          {days.map((d) => (
            <div key={d} className="day">
              {own
                .filter((b) => b.day === d)
                .map((b) => (
                  <Piece
                    key={`${b.item.task} ${b.from}`}
                    block={b}
                    late={late.has(b.item.job)}
                    here={b.item.task === picked}
                    tab={b.item.task === tab}
                    onPick={onPick}
                    onOpen={onOpen}
                  />
                ))}
            </div>
          ))}
        </div>
      ))}
    </div>
  );
}

function Piece({
  block,
  late,
  here,
  tab,
  onPick,
  onOpen,
}: {
  block: Block;
  late: boolean;
  here: boolean;
  tab: boolean;
  onPick: (item: PlanItem) => void;
  onOpen: (item: PlanItem) => void;
}) {
  const { item, from, to } = block;
  const wide = to - from > 100;
  return (
    <button
      type="button"
      className="piece"
      style={{ left: share(from - OPENS_MIN), width: share(to - from) }}
      data-alone={block.alone || undefined}
      data-late={late || undefined}
      aria-current={here || undefined}
      tabIndex={tab ? 0 : -1}
      aria-label={`${item.job} ${item.name}${late ? ', late' : ''}`}
      onFocus={() => onPick(item)}
      onClick={() => onPick(item)}
      onDoubleClick={() => onOpen(item)}
      onKeyDown={(e) => e.key === 'Enter' && onOpen(item)}
    >
      <b>{item.job.replace(/^[A-Z]+-0*/, '')}</b>
      {wide && <span>{item.name}</span>}
    </button>
  );
}

/** The piece beside in its lane, or the nearest one in the lane above or below. */
function neighbour(board: HTMLElement, from: HTMLElement, lane: HTMLElement, down: number, right: number) {
  const of = (row: Element) => [...row.querySelectorAll<HTMLElement>('.piece')].sort((a, b) => at(a) - at(b));
  if (right !== 0) {
    const own = of(lane);
    return own[own.indexOf(from) + right];
  }
  const rows = [...board.querySelectorAll<HTMLElement>('[data-lane]')];
  for (let k = rows.indexOf(lane) + down; k >= 0 && k < rows.length; k += down) {
    const row = rows[k];
    const there = row ? of(row) : [];
    if (there.length > 0) {
      return there.reduce((a, b) => (Math.abs(at(b) - at(from)) < Math.abs(at(a) - at(from)) ? b : a));
    }
  }
  return undefined;
}

function at(piece: HTMLElement): number {
  return piece.getBoundingClientRect().left;
}
