import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { call } from '../api/http';
import type { DrillAnswer, DrillQuestion } from '../api/types';
import { PickOne } from '../quantity/Picks';
import { fillOf, Textures } from '../coilmap/StatorRing';
import { Frame } from '../shell/Frame';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Mark } from '../verdict/Mark';
import { anySeed } from './PracticePage';
import './practice.css';

const SIZE = 400;
const EDGE = 24;

/** A short question for hand and eye, then the next. */
export function DrillPage() {
  const { drill = '' } = useParams();
  const navigate = useNavigate();
  const [seed, setSeed] = useState(anySeed);
  const [answer, setAnswer] = useState('');
  const path = `/api/practice/drills/${drill}/${seed}`;
  const question = useQuery({
    queryKey: ['drill', drill, seed],
    queryFn: () => call<DrillQuestion>('GET', path),
  });
  const told = useMutation({ mutationFn: () => call<DrillAnswer>('POST', path, { answer }) });
  const next = () => {
    setSeed(anySeed());
    setAnswer('');
    told.reset();
  };
  const q = question.data;
  return (
    <Frame
      keys={[
        { key: 'N', label: 'next', run: next },
        { key: 'Escape', label: 'all practice', run: () => void navigate('/practice') },
      ]}
    >
      <main className="page" id="work">
        <div className="head">
          <h1>Drill</h1>
          <span className="soft">no. {seed}</span>
        </div>
        <ErrorNotice error={question.error ?? told.error} />
        {q && (
          <form
            style={{ maxWidth: 860 }}
            onSubmit={(e) => {
              e.preventDefault();
              told.mutate();
            }}
          >
            <p>{q.ask}</p>
            {q.dots.length > 0 && (
              <svg className="cut" viewBox={`0 0 ${SIZE} ${SIZE}`} role="img" aria-label="A coil cut through">
                {q.dots.map((d) => (
                  <circle
                    key={`${d.x} ${d.y}`}
                    cx={EDGE + d.x * (SIZE - 2 * EDGE)}
                    cy={EDGE + d.y * (SIZE - 2 * EDGE)}
                    r={13}
                    fill="var(--coil-warm)"
                    stroke="var(--coil-line)"
                    strokeWidth={2}
                  />
                ))}
              </svg>
            )}
            {q.groups.length > 0 && <Groups groups={q.groups} />}
            {q.plate.length > 0 && (
              <div className="panel block" style={{ maxWidth: 340 }}>
                {q.plate.map((l) => (
                  <p key={l} className="figure">
                    {l}
                  </p>
                ))}
              </div>
            )}
            {q.choices.length > 0 ? (
              <PickOne
                label="Answer"
                options={q.choices.map((c) => [c.code, c.label] as const)}
                value={answer}
                onPick={setAnswer}
                tight
              />
            ) : (
              <Input
                aria-label="Answer"
                style={{ width: 140 }}
                inputMode="numeric"
                value={answer}
                onChange={(e) => setAnswer(e.target.value)}
              />
            )}
            <div className="actions">
              <Button type="primary" htmlType="submit" disabled={answer === '' || told.isPending}>
                Answer
              </Button>
              <Button onClick={next}>
                <kbd>N</kbd>Next
              </Button>
            </div>
          </form>
        )}
        {told.data && (
          <section className="judged" data-verdict={told.data.right ? 'holds' : 'stop'} role="status">
            <Mark verdict={told.data.right ? 'holds' : 'stop'} size={32} />
            <div>
              <h2>{told.data.said}</h2>
            </div>
            <div />
          </section>
        )}
      </main>
    </Frame>
  );
}

/** Groups of a stator round its bore, each in the shade the heat left. */
function Groups({ groups }: { groups: DrillQuestion['groups'] }) {
  return (
    <svg className="cut" viewBox="-110 -110 220 220" role="img" aria-label={`Groups: ${groups.join(', ')}`}>
      <Textures />
      {groups.map((g, n) => {
        const at = (2 * Math.PI * n) / groups.length;
        return (
          <circle
            key={n}
            cx={80 * Math.sin(at)}
            cy={-80 * Math.cos(at)}
            r={17}
            fill={fillOf(g)}
            stroke="var(--coil-line)"
            strokeWidth={1.5}
          />
        );
      })}
    </svg>
  );
}
