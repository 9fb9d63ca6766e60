import { Button, Progress } from 'antd';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { shopLink } from '../api/shop';
import type { PlanItem, PlanSearch } from '../api/types';
import { plain } from '../quantity/figures';
import { Frame } from '../shell/Frame';
import { usePerson } from '../session/session';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Lanes } from './Lanes';
import { when, workingDays, type Lane } from './lanes';
import { MotorLines } from './MotorLines';
import { Proposal } from './Proposal';
import { usePlan } from './usePlan';
import './plan.css';

const DAYS_SHOWN = 4;

/** Who does what next, today and this week. */
export function PlanPage() {
  const navigate = useNavigate();
  const person = usePerson();
  const may = person.role !== 'technician';
  const { plan, drift, search, runs, begin, stop, decide, move, end, error } = usePlan();
  const [byPlace, setByPlace] = useState(false);
  const [old, setOld] = useState(false);
  const [from, setFrom] = useState(0);
  const [picked, setPicked] = useState<string>();
  const view = plan.data;
  const zone = view?.timeZone ?? 'UTC';
  const proposal = view?.proposal ?? null;
  const shown = proposal && !old ? proposal : (view?.told ?? proposal);
  const days = useMemo(
    () => (shown && view ? workingDays(shown.items, view.now, zone) : []),
    [shown, view, zone],
  );
  const lanes = useMemo<Lane[]>(() => {
    const places = (view?.places ?? []).filter((p) => byPlace || /oven/.test(p.kind));
    return [
      ...(byPlace ? [] : (view?.people ?? []).map((name) => ({ kind: 'person' as const, name }))),
      ...places.map((p) => ({ kind: 'place' as const, name: p.name })),
    ];
  }, [view, byPlace]);
  const late = useMemo(
    () =>
      new Set(
        shown?.motors.filter((m) => m.ready && m.promised && m.ready > m.promised).map((m) => m.tag) ?? [],
      ),
    [shown],
  );
  const item = shown?.items.find((i) => i.task === picked);
  const later = (step: number) =>
    setFrom((now) => Math.max(0, Math.min(Math.max(0, days.length - 1), now + step)));
  const open = (i: PlanItem) => i.job.startsWith('E-') || void navigate(`/jobs/${i.job}`);
  const shift = (earlier: boolean) => item && may && move.mutate({ task: item.task, earlier });
  return (
    <Frame
      keys={[
        { key: 'P', label: 'plan anew', run: () => may && !runs && begin.mutate() },
        { key: 'W', label: 'what if', run: () => void navigate('/plan/what-if') },
        { key: 'R', label: 'roster', run: () => void navigate('/plan/roster') },
        { key: 'L', label: byPlace ? 'people' : 'places', run: () => setByPlace(!byPlace) },
        { key: 'N', label: 'next days', run: () => later(DAYS_SHOWN) },
        { key: 'B', label: 'days before', run: () => later(-DAYS_SHOWN) },
        { key: '[', label: '', says: 'the task picked before the one ahead of it', run: () => shift(true) },
        { key: ']', label: '', says: 'the task picked behind the one after it', run: () => shift(false) },
        { key: 'F', label: 'floor', run: () => void navigate('/') },
      ]}
    >
      <main className="page" id="work">
        <div className="head">
          <h1>Plan</h1>
          <span className="soft">
            {view?.told
              ? `accepted by ${view.told.decidedBy ?? ''}, ${when(view.told.decidedAt, zone)}`
              : 'nobody has accepted a plan yet'}
          </span>
          <span style={{ flex: 1 }} />
          {may && (
            <Button type={shown ? 'default' : 'primary'} disabled={runs} onClick={() => begin.mutate()}>
              Plan anew
            </Button>
          )}
          <Button onClick={() => void navigate('/plan/what-if')}>What if …</Button>
          <Button onClick={() => void navigate('/plan/roster')}>Roster</Button>
          <Button href={shopLink('/api/plan/wall.pdf')} target="_blank">
            For the wall
          </Button>
        </div>
        <ErrorNotice error={error} />
        {view?.people.length === 0 && (
          <p className="caution">
            Nobody is on the roster, so nothing can be planned. Write down who works when, and the places.
          </p>
        )}
        <Running search={search} runs={runs} may={may} onStop={() => stop.mutate()} />
        {proposal && (
          <Proposal
            plan={proposal}
            before={view?.told ?? null}
            zone={zone}
            busy={decide.isPending}
            onDecide={(how) => decide.mutate({ id: proposal.id, how })}
          />
        )}
        {view?.told && drift.data && drift.data.drifts.length > 0 && (
          <section aria-label="Left the plan">
            <h2>Left the plan: plan anew</h2>
            <ul className="drifts">
              {drift.data.drifts.slice(0, 8).map((d) => (
                <li key={d.sentence}>{d.sentence}</li>
              ))}
              {drift.data.drifts.length > 8 && <li>and {drift.data.drifts.length - 8} more</li>}
            </ul>
          </section>
        )}
        {shown && days.length > 0 && (
          <>
            {proposal && view?.told && (
              <label>
                <input type="checkbox" checked={old} onChange={(e) => setOld(e.target.checked)} /> show what
                people were told
              </label>
            )}
            <Lanes
              plan={shown}
              lanes={lanes}
              days={days.slice(from, from + DAYS_SHOWN)}
              zone={zone}
              late={late}
              picked={picked}
              onPick={(i) => setPicked(i.task)}
              onOpen={open}
            />
            <p className="picked">
              {item ? (
                <>
                  <b>
                    {item.job} {item.name}
                  </b>
                  <span>
                    {when(item.start, zone)} to {when(item.end, zone)}
                  </span>
                  <span>
                    {item.place}
                    {item.temperatureC !== null && ` at ${plain(item.temperatureC, 3)} °C`}
                  </span>
                  <span>{item.worker || 'nobody is at it'}</span>
                  <span className="soft">{item.setDown ? 'can be set down' : 'in one go'}</span>
                  {may && view?.told && !proposal && (
                    <>
                      <Button size="small" onClick={() => shift(true)}>
                        <kbd>[</kbd>Earlier
                      </Button>
                      <Button size="small" onClick={() => shift(false)}>
                        <kbd>]</kbd>Later
                      </Button>
                    </>
                  )}
                </>
              ) : (
                <span className="soft">
                  Pick a task, by hand or arrow keys. Red edge: its motor is late. Hatched: it runs alone.
                </span>
              )}
            </p>
          </>
        )}
        {shown && (
          <MotorLines
            plan={shown}
            notPlanned={drift.data?.notPlanned ?? []}
            zone={zone}
            onEnd={may ? (tag) => end.mutate({ tag, why: 'arrived, or not coming' }) : undefined}
          />
        )}
        {shown?.unplanned.map((u) => (
          <p key={u} className="wrong">
            Not planned: {u}
          </p>
        ))}
      </main>
    </Frame>
  );
}

/** How far a search is, and what it has improved. */
export function Running({
  search,
  runs,
  may,
  onStop,
}: {
  search: PlanSearch | undefined;
  runs: boolean;
  may: boolean;
  onStop: () => void;
}) {
  const best = search?.improved.at(-1);
  const first = search?.improved[0];
  if (!search || (!runs && search.how === 'found')) {
    return null;
  }
  if (!runs) {
    return (
      <p className="wrong" role="status">
        The last search ended without a plan: {search.how}.
      </p>
    );
  }
  return (
    <section className="proposal" aria-label="Search" role="status">
      <Progress
        percent={Math.min(100, Math.round((100 * search.seconds) / search.limitSeconds))}
        showInfo={false}
      />
      <p>
        Searching for {search.by}: {plain(search.seconds, 2)} of {search.limitSeconds} s.{' '}
        {best && first
          ? `Best so far ${best.late} late at ${plain(Math.round(best.lateness), 6)}, found after ${plain(best.seconds, 2)} s; the first had ${first.late} late at ${plain(Math.round(first.lateness), 6)}.`
          : 'No better plan than the one it began with yet.'}
      </p>
      {may && (
        <Button disabled={search.stopAsked} onClick={onStop}>
          Take what it has
        </Button>
      )}
    </section>
  );
}
