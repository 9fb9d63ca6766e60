import { Button } from 'antd';
import type { Problem, Roster, RosterView } from '../api/types';
import { TypedField } from '../quantity/TypedField';
import { at } from '../ui/preview';

/** One entry of a list changed, or taken out with nothing given. */
export function changed<T>(list: T[], n: number, entry: T | undefined): T[] {
  return list.flatMap((e, k) => (k !== n ? [e] : entry === undefined ? [] : [entry]));
}

export interface Part {
  v: Roster;
  problems: Problem[];
  may: boolean;
  set: (part: Partial<Roster>) => void;
}

export function Places({ view, v, problems, may, set }: Part & { view: RosterView }) {
  return (
    <section className="panel block">
      <h2>Places</h2>
      <div className="grid2">
        {v.places.map((p, n) => (
          <div key={n} className="entryline">
            <TypedField
              words
              label={`Place ${n + 1}`}
              value={p.name}
              disabled={!may}
              problem={at(problems, `places[${n}].name`)}
              onChange={(name) => set({ places: changed(v.places, n, { ...p, name }) })}
            />
            <label className="field words">
              <span className="label">Kind</span>
              <select
                className="plain"
                value={p.kind}
                disabled={!may}
                onChange={(e) =>
                  set({ places: changed(v.places, n, { ...p, kind: e.target.value as typeof p.kind }) })
                }
              >
                {view.kinds.map((k) => (
                  <option key={k.code} value={k.code}>
                    {k.label}
                  </option>
                ))}
              </select>
            </label>
            <TypedField
              label="Motors at a time"
              value={String(p.capacity)}
              disabled={!may}
              problem={at(problems, `places[${n}].capacity`)}
              onChange={(text) =>
                set({
                  places: changed(v.places, n, { ...p, capacity: text as unknown as number }),
                })
              }
            />
            {may && (
              <Button
                type="text"
                aria-label={`Take ${p.name} off`}
                onClick={() => set({ places: changed(v.places, n, undefined) })}
              >
                ✕
              </Button>
            )}
          </div>
        ))}
      </div>
      {may && (
        <Button onClick={() => set({ places: [...v.places, { name: '', kind: 'bench', capacity: 1 }] })}>
          Another place
        </Button>
      )}
    </section>
  );
}

export function DaysOff({ v, problems, may, set }: Part) {
  const today = new Date().toISOString().slice(0, 10);
  return (
    <section className="panel block">
      <h2>Days off</h2>
      {v.closed.map((c, n) => (
        <div key={n} className="entryline">
          <TypedField
            words
            label="Shop closed on"
            value={c.day}
            disabled={!may}
            problem={at(problems, `closed[${n}].day`)}
            onChange={(day) => set({ closed: changed(v.closed, n, { ...c, day }) })}
          />
          <TypedField
            words
            label="Why"
            value={c.why}
            disabled={!may}
            problem={at(problems, `closed[${n}].why`)}
            onChange={(why) => set({ closed: changed(v.closed, n, { ...c, why }) })}
          />
          {may && (
            <Button
              type="text"
              aria-label={`Open on ${c.day}`}
              onClick={() => set({ closed: changed(v.closed, n, undefined) })}
            >
              ✕
            </Button>
          )}
        </div>
      ))}
      {v.away.map((a, n) => (
        <div key={n} className="entryline">
          <TypedField
            words
            label="Who is away"
            list={v.people.map((p) => p.name)}
            value={a.name}
            disabled={!may}
            problem={at(problems, `away[${n}].name`)}
            onChange={(name) => set({ away: changed(v.away, n, { ...a, name }) })}
          />
          <TypedField
            words
            label="From"
            value={a.from}
            disabled={!may}
            problem={at(problems, `away[${n}].from`)}
            onChange={(from) => set({ away: changed(v.away, n, { ...a, from }) })}
          />
          <TypedField
            words
            label="To, that day too"
            value={a.to}
            disabled={!may}
            problem={at(problems, `away[${n}].to`)}
            onChange={(to) => set({ away: changed(v.away, n, { ...a, to }) })}
          />
          {may && (
            <Button
              type="text"
              aria-label={`${a.name} is not away`}
              onClick={() => set({ away: changed(v.away, n, undefined) })}
            >
              ✕
            </Button>
          )}
        </div>
      ))}
      {may && (
        <div className="actions">
          <Button
            onClick={() =>
              set({ away: [...v.away, { name: v.people[0]?.name ?? '', from: today, to: today, why: null }] })
            }
          >
            Somebody is away
          </Button>
          <Button onClick={() => set({ closed: [...v.closed, { day: today, why: '' }] })}>Shop closed</Button>
        </div>
      )}
    </section>
  );
}
