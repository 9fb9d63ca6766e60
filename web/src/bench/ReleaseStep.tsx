import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { Refusal } from '../api/http';
import type { JobView } from '../api/types';
import { at } from '../forms/look';
import { Trouble } from '../forms/Trouble';
import { NextWay } from '../jobs/NextWay';
import { useChange } from '../jobs/useJob';
import { ManyPicks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { usePerson } from '../shell/session';
import { Mark } from '../verdict/Mark';

const POINTS = [
  ['bolted-down', 'Bolted down'],
  ['coupling-guarded', 'Coupling and shaft end guarded'],
  ['key-captured', 'Key captured or out'],
] as const;

/** Before it turns: every point looked at, somebody at the stop, and a name under it. It opens nothing the record holds shut. */
export function ReleaseStep({ job }: { job: JobView }) {
  const person = usePerson();
  const [checked, setChecked] = useState<string[]>([]);
  const [atTheStop, setAtTheStop] = useState('');
  const [rotation, setRotation] = useState('');
  const keep = useChange(job.identity.tag, () => setChecked([]));
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  const shut = job.gate.state === 'shut';
  const open = job.gate.state === 'open';
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({ method: 'POST', path: 'run-release', body: { checked, atTheStop, rotation } });
      }}
    >
      <div className="head">
        <h1>Release to run</h1>
        <span className="soft">good for a working day, or until somebody works on the motor</span>
      </div>
      <p className="caution">
        It turns when you close the switch. Loose keys fly, unguarded shafts catch sleeves: stand aside, and
        let nobody into the guarded area. Reduced voltage or current-limited first. Local codes and licensed
        practice come before this sheet.
      </p>
      <section className="judged" data-verdict={shut ? 'stop' : open ? 'holds' : 'watch'}>
        <Mark verdict={shut ? 'stop' : open ? 'holds' : 'watch'} size={40} />
        <div>
          <h2>{shut ? 'Power is shut' : open ? 'Released: power is open' : 'Test power only'}</h2>
          {job.gate.holding.map((r) => (
            <p key={r.code}>
              {r.sentence}.{' '}
              {r.step !== 'bench/release' && (
                <Link to={`/jobs/${job.identity.tag}/${r.step}`}>{r.opens}</Link>
              )}
            </p>
          ))}
        </div>
        <div className="ways">{open && <NextWay job={job} here="bench/release" />}</div>
      </section>
      <Trouble error={keep.error} hide={['atTheStop', 'rotation']} />
      <ManyPicks label="Looked at, each of them" options={POINTS} values={checked} onChange={setChecked} />
      <div className="grid2">
        <TypedField
          words
          label="At the stop"
          hint="who keeps a hand on it"
          value={atTheStop}
          problem={at(refused, 'atTheStop')}
          onChange={setAtTheStop}
        />
        <TypedField
          words
          label="Rotation agreed"
          hint="clockwise seen from the drive end"
          value={rotation}
          problem={at(refused, 'rotation')}
          onChange={setRotation}
        />
      </div>
      <div className="actions">
        <Button
          type={open ? 'default' : 'primary'}
          htmlType="submit"
          disabled={shut || checked.length < POINTS.length}
          loading={keep.isPending}
        >
          Release it as {person.displayName}
        </Button>
      </div>
    </form>
  );
}
