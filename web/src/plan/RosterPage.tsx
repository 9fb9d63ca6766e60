import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { call, Refusal } from '../api/http';
import type { Roster, RosterView } from '../api/types';
import { plain } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';
import { Frame } from '../shell/Frame';
import { usePerson } from '../session/session';
import { useDraft } from '../ui/drafts';
import { ErrorNotice } from '../ui/ErrorNotice';
import { at } from '../ui/preview';
import { FeedPanel } from './FeedPanel';
import { changed, DaysOff, Places, type Part } from './RosterParts';
import './plan.css';

/** Who works when, what each has learnt, the places of the shop, days off. */
export function RosterPage() {
  const navigate = useNavigate();
  const roster = useQuery({
    queryKey: ['roster'],
    queryFn: () => call<RosterView>('GET', '/api/plan/roster'),
  });
  return (
    <Frame
      keys={[
        { key: 'P', label: 'plan', run: () => void navigate('/plan') },
        { key: 'Escape', label: 'back to the plan', run: () => void navigate('/plan') },
      ]}
    >
      <main className="page roster" id="work">
        <div className="head">
          <h1>Roster</h1>
          <span className="soft">what the plan may count on; a change shows in the next plan</span>
        </div>
        <ErrorNotice error={roster.error} />
        {roster.data && <Form key={roster.data.version} view={roster.data} />}
      </main>
    </Frame>
  );
}

function Form({ view }: { view: RosterView }) {
  const client = useQueryClient();
  const may = usePerson().role !== 'technician';
  const draft = useDraft<Roster>(`roster ${view.version}`, view.roster);
  const v = draft.value;
  const save = useMutation({
    mutationFn: () =>
      call<RosterView>('PUT', '/api/plan/roster', {
        version: view.version,
        typed: { ...v, places: v.places.map((p) => ({ ...p, capacity: String(p.capacity) })) },
      }),
    onSuccess: (after) => {
      draft.settle(after.roster);
      client.setQueryData(['roster'], after);
      void client.invalidateQueries({ queryKey: ['plan'] });
    },
  });
  const problems = save.error instanceof Refusal ? save.error.problems : [];
  const set = (part: Partial<Roster>) => draft.change({ ...v, ...part });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <ErrorNotice error={save.error} hide={problems.map((p) => p.field)} />
      <People view={view} v={v} problems={problems} may={may} set={set} />
      <Places view={view} v={v} problems={problems} may={may} set={set} />
      <DaysOff v={v} problems={problems} may={may} set={set} />
      {may && (
        <div className="actions">
          <Button type="primary" htmlType="submit" loading={save.isPending} disabled={!draft.dirty}>
            Keep the roster
          </Button>
        </div>
      )}
      {may && <FeedPanel roster={view.roster} />}
    </form>
  );
}

function People({ view, v, problems, may, set }: Part & { view: RosterView }) {
  return (
    <section className="panel block">
      <h2>People</h2>
      <table className="quiet">
        <thead>
          <tr>
            <th>name</th>
            <th>hours of a usual week</th>
            {view.tasks.map((t) => (
              <th key={t.code} title={t.words}>
                {t.code}
              </th>
            ))}
            <th />
          </tr>
        </thead>
        <tbody>
          {v.people.map((p, n) => (
            <tr key={n}>
              <td style={{ minWidth: 150 }}>
                <TypedField
                  words
                  label={`Name ${n + 1}`}
                  value={p.name}
                  disabled={!may}
                  problem={at(problems, `people[${n}].name`)}
                  onChange={(name) => set({ people: changed(v.people, n, { ...p, name }) })}
                />
              </td>
              <td style={{ minWidth: 290 }}>
                <TypedField
                  words
                  label={`Hours of ${p.name || '…'}`}
                  hint="mon-fri 7:00-12:00, 12:45-16:00"
                  value={p.hours}
                  disabled={!may}
                  problem={at(problems, `people[${n}].hours`)}
                  onChange={(hours) => set({ people: changed(v.people, n, { ...p, hours }) })}
                />
              </td>
              {view.tasks.map((t) => (
                <td key={t.code}>
                  <input
                    type="checkbox"
                    disabled={!may}
                    aria-label={`${p.name} has learnt: ${t.words}`}
                    checked={p.skills.includes(t.code)}
                    onChange={(e) =>
                      set({
                        people: changed(v.people, n, {
                          ...p,
                          skills: e.target.checked
                            ? [...p.skills, t.code]
                            : p.skills.filter((s) => s !== t.code),
                        }),
                      })
                    }
                  />
                </td>
              ))}
              <td>
                {may && (
                  <Button
                    type="text"
                    aria-label={`Take ${p.name} off`}
                    onClick={() => set({ people: changed(v.people, n, undefined) })}
                  >
                    ✕
                  </Button>
                )}
              </td>
            </tr>
          ))}
          <tr>
            <td colSpan={2} className="soft small">
              hours taken here for each hour of the task table, once three motors have been timed
            </td>
            {view.tasks.map((t) => (
              <td key={t.code} className="figure small">
                {t.motors > 0 ? plain(t.factor, 2) : '–'}
              </td>
            ))}
            <td />
          </tr>
        </tbody>
      </table>
      {may && (
        <Button
          onClick={() =>
            set({
              people: [...v.people, { name: '', skills: [], hours: 'mon-fri 7:00-12:00, 12:45-16:00' }],
            })
          }
        >
          Another person
        </Button>
      )}
    </section>
  );
}
