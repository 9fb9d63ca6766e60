import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { call } from '../api/http';
import type { AttemptView, PracticeOverview, PracticeSet } from '../api/types';
import { moment } from '../quantity/figures';
import { Frame } from '../shell/Frame';
import { usePerson } from '../session/session';
import { ErrorNotice } from '../ui/ErrorNotice';
import { termLabel } from '../ui/terms';
import './practice.css';

const SEEDS = 9000;

/** A number that makes an exercise another one each time; who has it can do the very same. */
export const anySeed = () => 1 + Math.floor(Math.random() * SEEDS);

interface Begin {
  exercise: string;
  seed: number;
  setId: number | null;
}

/** Motors that exist only here, each with something hidden; drills for hand and eye. */
export function PracticePage() {
  const navigate = useNavigate();
  const client = useQueryClient();
  const person = usePerson();
  const leads = person.role === 'lead' || person.role === 'admin';
  const [seed, setSeed] = useState('');
  const overview = useQuery({
    queryKey: ['practice'],
    queryFn: () => call<PracticeOverview>('GET', '/api/practice'),
  });
  const begin = useMutation({
    mutationFn: (body: Begin) => call<AttemptView>('POST', '/api/practice/attempts', body),
    onSuccess: (attempt) => {
      client.setQueryData(['attempt', String(attempt.id)], attempt);
      void navigate(`/practice/attempts/${attempt.id}`);
    },
  });
  const show = useMutation({
    mutationFn: (id: number) => call<PracticeOverview>('POST', `/api/practice/sets/${id}/show`),
    onSuccess: (next) => client.setQueryData(['practice'], next),
  });
  const v = overview.data;
  const chosen = () => (/^\d+$/.test(seed.trim()) ? Number(seed) : anySeed());
  const title = (id: string) => v?.exercises.find((e) => e.exercise.id === id)?.exercise.title ?? id;
  return (
    <Frame keys={[{ key: 'F', label: 'floor', run: () => void navigate('/') }]}>
      <main className="page" id="work">
        <div className="head">
          <h1>Practice</h1>
          <span className="soft">simulated motors; nothing here reaches a job, and results are your own</span>
        </div>
        <ErrorNotice error={overview.error ?? begin.error ?? show.error} />
        <div className="practice">
          <section aria-label="Exercises">
            <h2>Exercises</h2>
            <table className="quiet ruled">
              <tbody>
                {v?.exercises.map((e) => (
                  <tr key={e.exercise.id}>
                    <td className="level" aria-label={`level ${e.exercise.level}`}>
                      {'▮'.repeat(e.exercise.level)}
                    </td>
                    <td>
                      <b>{e.exercise.title}</b>{' '}
                      <span className="soft small">{termLabel(e.exercise.topic)}</span>
                    </td>
                    <td className="n">
                      {e.best === null ? (e.attempts > 0 ? 'begun' : '–') : `best ${e.best}`}
                    </td>
                    <td>
                      <Button
                        size="small"
                        aria-label={`Begin: ${e.exercise.title}`}
                        disabled={begin.isPending}
                        onClick={() => begin.mutate({ exercise: e.exercise.id, seed: chosen(), setId: null })}
                      >
                        Begin
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <div>
            <section className="panel block" aria-label="Drills">
              <h2>Drills</h2>
              {v?.drills.map((d) => (
                <p key={d.code}>
                  <Link to={`/practice/drills/${d.code}`}>{d.label}</Link>
                </p>
              ))}
            </section>
            <section className="panel block">
              <label className="field words">
                <span className="label">Number of the exercise, to do the same as somebody else</span>
                <Input
                  style={{ width: 140 }}
                  inputMode="numeric"
                  value={seed}
                  placeholder="any"
                  onChange={(e) => setSeed(e.target.value)}
                />
              </label>
            </section>
            {v && v.setForMe.length > 0 && (
              <section className="panel block" aria-label="Set for you">
                <h2>Set for you</h2>
                {v.setForMe.map((s) => (
                  <p key={s.id}>
                    {title(s.exercise)}, no. {s.seed}, by {s.by}{' '}
                    {s.points === null ? (
                      <Button
                        size="small"
                        onClick={() => begin.mutate({ exercise: s.exercise, seed: s.seed, setId: s.id })}
                      >
                        Begin
                      </Button>
                    ) : s.shown ? (
                      <span className="soft">{s.points} points, shown</span>
                    ) : (
                      <Button size="small" onClick={() => show.mutate(s.id)}>
                        {s.points} points: show {s.by}
                      </Button>
                    )}
                  </p>
                ))}
              </section>
            )}
            {leads && v && <SetPanel overview={v} title={title} />}
            {v && v.mine.length > 0 && (
              <section className="panel block" aria-label="Your attempts">
                <h2>Your attempts</h2>
                {v.mine.slice(0, 8).map((a) => (
                  <p key={a.id}>
                    <Link to={`/practice/attempts/${a.id}`}>{a.title}</Link>{' '}
                    <span className="soft small">
                      no. {a.seed}, {moment(a.begunAt)},{' '}
                      {a.points === null ? 'not answered' : `${a.points} points`}
                    </span>
                  </p>
                ))}
              </section>
            )}
          </div>
        </div>
      </main>
    </Frame>
  );
}

/** A lead hand sets somebody an exercise; what comes of it is seen where the person shows it. */
function SetPanel({ overview, title }: { overview: PracticeOverview; title: (id: string) => string }) {
  const client = useQueryClient();
  const [exercise, setExercise] = useState(overview.exercises[0]?.exercise.id ?? '');
  const [username, setUsername] = useState('');
  const set = useMutation({
    mutationFn: () =>
      call<PracticeOverview>('POST', '/api/practice/sets', { exercise, username, seed: anySeed() }),
    onSuccess: (next) => client.setQueryData(['practice'], next),
  });
  const said = (s: PracticeSet) =>
    s.shown ? <Link to={`/practice/sets/${s.id}`}>{s.points} points, shown to you</Link> : 'not shown to you';
  return (
    <section className="panel block" aria-label="Set an exercise">
      <h2>Set an exercise</h2>
      <ErrorNotice error={set.error} />
      <div className="actions">
        <select
          className="plain"
          style={{ width: 220 }}
          aria-label="Exercise"
          value={exercise}
          onChange={(e) => setExercise(e.target.value)}
        >
          {overview.exercises.map((e) => (
            <option key={e.exercise.id} value={e.exercise.id}>
              {e.exercise.title}
            </option>
          ))}
        </select>
        <Input
          style={{ width: 130 }}
          aria-label="For whom, by sign-in name"
          placeholder="sign-in name"
          value={username}
          onChange={(e) => setUsername(e.target.value)}
        />
        <Button disabled={!username.trim() || set.isPending} onClick={() => set.mutate()}>
          Set it
        </Button>
      </div>
      {overview.setByMe.map((s) => (
        <p key={s.id} className="small">
          {title(s.exercise)}, no. {s.seed}, for {s.forWhom}: {said(s)}
        </p>
      ))}
    </section>
  );
}
