import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { call } from '../api/http';
import type { AttemptView } from '../api/types';
import { plain } from '../quantity/figures';
import { PickOne } from '../quantity/Picks';
import { useMoney } from '../settings/useSettings';
import { Frame } from '../shell/Frame';
import { ErrorNotice } from '../ui/ErrorNotice';
import { DebriefingPanel } from './DebriefingPanel';
import './practice.css';

/** A motor of the practice bench: what is done to it costs minutes and money, and the gates are on. */
export function AttemptPage({ shown = false }: { shown?: boolean }) {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const client = useQueryClient();
  const [answer, setAnswer] = useState<string>();
  const path = shown ? `/api/practice/sets/${id}/attempt` : `/api/practice/attempts/${id}`;
  const key = shown ? ['set', id] : ['attempt', id];
  const attempt = useQuery({ queryKey: key, queryFn: () => call<AttemptView>('GET', path) });
  const took = (next: AttemptView) => client.setQueryData(key, next);
  const act = useMutation({
    mutationFn: (code: string) => call<AttemptView>('POST', `${path}/acts`, { act: code }),
    onSuccess: took,
  });
  const say = useMutation({
    mutationFn: () => call<AttemptView>('POST', `${path}/answer`, { answer }),
    onSuccess: (next) => {
      took(next);
      void client.invalidateQueries({ queryKey: ['practice'] });
    },
  });
  const v = attempt.data;
  const money = useMoney().replace(', ', ' ');
  return (
    <Frame keys={[{ key: 'Escape', label: 'all exercises', run: () => void navigate('/practice') }]}>
      <main className="page" id="work">
        <ErrorNotice error={attempt.error ?? act.error ?? say.error} />
        {v && (
          <>
            <div className="head">
              <h1>{v.exercise.title}</h1>
              <span className="soft">
                practice, level {v.exercise.level}, no. {v.seed}
              </span>
            </div>
            <p>“{v.complaint}”</p>
            {v.debriefing ? (
              <DebriefingPanel debriefing={v.debriefing} acts={v.acts} />
            ) : (
              <div className="workbench">
                <section aria-label="What was done">
                  <div className="meter" role="status">
                    <span>
                      {v.minutes} min<small>gone</small>
                    </span>
                    <span>
                      {plain(Math.round(v.cost), 6)}
                      {money}
                      <small>time, material, outage</small>
                    </span>
                  </div>
                  {v.calls.map((c) => (
                    <p key={c} className="caution">
                      {c}
                    </p>
                  ))}
                  <ol className="done">
                    {v.log.map((s, n) => (
                      <li key={n} data-held={s.consequence !== null || undefined}>
                        <span className="figure">min {s.atMinute}</span>
                        <div>
                          <b>{s.words}</b>
                          {s.said.map((x) => (
                            <p key={x}>{x}</p>
                          ))}
                        </div>
                      </li>
                    ))}
                  </ol>
                  {v.log.length === 0 && <p className="soft">What do you do first?</p>}
                  <h2 style={{ marginTop: 18 }}>What is it?</h2>
                  <PickOne
                    label="What is it?"
                    options={v.choices.map((c) => [c.code, c.label] as const)}
                    value={answer}
                    onPick={setAnswer}
                    tight
                  />
                  <div className="actions">
                    <Button type="primary" disabled={!answer || say.isPending} onClick={() => say.mutate()}>
                      Say so, once and for all
                    </Button>
                  </div>
                </section>
                <section className="acts" aria-label="What can be done">
                  <h2>Do</h2>
                  {v.acts.map((a) => (
                    <button
                      type="button"
                      key={a.act}
                      disabled={act.isPending}
                      onClick={() => act.mutate(a.act)}
                    >
                      {a.words}
                      <small>
                        {a.minutes} min{a.money > 0 && `, ${a.money}`}
                      </small>
                    </button>
                  ))}
                </section>
              </div>
            )}
          </>
        )}
      </main>
    </Frame>
  );
}
