import { useMutation, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call } from '../api/http';
import type { ConnectionDrill, DrillTold } from '../api/types';
import { plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Mark } from '../verdict/Mark';

const SEEDS = 1_000_000;

/** A winding of this job joined wrongly, to be found by its joints and its figures. Belongs to simulated instruments; nothing is kept. */
export function Drill({ tag }: { tag: string }) {
  const [seed, setSeed] = useState<number>();
  const begin = () => setSeed(Math.floor(Math.random() * SEEDS));
  return (
    <details
      style={{ marginTop: 18 }}
      onToggle={(e) => e.currentTarget.open && seed === undefined && begin()}
    >
      <summary>Practise: find what is joined wrongly</summary>
      {seed !== undefined && <One key={seed} tag={tag} seed={seed} another={begin} />}
    </details>
  );
}

function One({ tag, seed, another }: { tag: string; seed: number; another: () => void }) {
  const path = `/api/jobs/${tag}/winding/drill/${seed}`;
  const drill = useQuery({
    queryKey: ['drill', tag, seed],
    queryFn: () => call<ConnectionDrill>('GET', path),
    staleTime: Infinity,
  });
  const [what, setWhat] = useState<string>();
  const [group, setGroup] = useState('');
  const answer = useMutation({
    mutationFn: () => call<DrillTold>('POST', path, { what, group: Number(group) }),
  });
  const told = answer.data;
  const d = drill.data;
  return (
    <section aria-label="Drill">
      <ErrorNotice error={drill.error ?? answer.error} />
      {d && (
        <>
          <p>Simulated: no motor is joined so. One thing is wrong with these joints.</p>
          <div className="connection">
            <div>
              {d.drawing && (
                <img
                  alt="Ring of groups with the joints of the drill"
                  src={`data:image/svg+xml;utf8,${encodeURIComponent(d.drawing)}`}
                />
              )}
            </div>
            <div>
              <ol className="joints figure">
                {d.joints.map((j) => (
                  <li key={j.join(' ')}>{j.join(' ')}</li>
                ))}
              </ol>
              <table className="quiet">
                <tbody>
                  {d.spun.map((s) => (
                    <tr key={s.name}>
                      <td>{s.name}</td>
                      <td className="figure small">
                        circulating {percent(s.circulatingPercent)}, lines apart {percent(s.linesPercent)},
                        currents apart {percent(s.currentsPercent)}, backward field{' '}
                        {percent(s.backwardPercent)}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          </div>
          <Picks
            label="What is wrong"
            value={what}
            options={d.choices.map((c) => [c.code as string, c.label] as const)}
            onPick={setWhat}
          />
          <TypedField label="At group" value={group} onChange={setGroup} />
          <div className="actions">
            <Button disabled={!what || !/^\d+$/.test(group)} onClick={() => answer.mutate()}>
              That is it
            </Button>
            <Button onClick={another}>Another one</Button>
          </div>
          {told && (
            <p role="status">
              <Mark verdict={told.right ? 'holds' : 'stop'} size={20} /> {told.right ? 'Right' : 'No'}:{' '}
              {told.was}, group {told.group}. The check says: {told.says}.
            </p>
          )}
        </>
      )}
    </section>
  );
}

function percent(value: number | null): string {
  return value === null ? 'not to be had' : `${plain(value < 1e-6 ? 0 : value, 3)} %`;
}
