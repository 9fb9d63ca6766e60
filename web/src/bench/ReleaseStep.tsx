import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { Refusal } from '../api/http';
import type { JobView } from '../api/types';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { NextStep } from '../job/NextStep';
import { GATE_SHAPES, GATE_WORDS } from '../job/gateWords';
import { useChange } from '../job/useJob';
import { ManyPicks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { usePerson } from '../session/session';
import { Mark } from '../verdict/Mark';

const POINTS = [
  ['bolted-down', 'Bolted down'],
  ['coupling-guarded', 'Coupling and shaft end guarded'],
  ['key-captured', 'Key captured or out'],
] as const;

/** Before it turns: every point looked at, somebody at the stop, and a name under it. It lifts nothing else that holds energising. */
export function ReleaseStep({ job }: { job: JobView }) {
  const person = usePerson();
  const [checked, setChecked] = useState<string[]>([]);
  const [atTheStop, setAtTheStop] = useState('');
  const [rotation, setRotation] = useState('');
  const keep = useChange(job.identity.tag, () => setChecked([]));
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  const blocked = job.gate.state === 'blocked';
  const permitted = job.gate.state === 'permitted';
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
      <section className="judged" data-verdict={GATE_SHAPES[job.gate.state]}>
        <Mark verdict={GATE_SHAPES[job.gate.state]} size={40} />
        <div>
          <h2>{permitted ? 'Released: energising permitted' : GATE_WORDS[job.gate.state]}</h2>
          {job.gate.holding.map((r) => (
            <p key={r.code + r.sentence}>
              {r.sentence}.{' '}
              {r.step !== 'bench/release' && (
                <Link to={`/jobs/${job.identity.tag}/${r.step}`}>{r.liftedBy}</Link>
              )}
            </p>
          ))}
        </div>
        <div className="ways">{permitted && <NextStep job={job} here="bench/release" />}</div>
      </section>
      <ErrorNotice error={keep.error} hide={['atTheStop', 'rotation']} />
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
          type={permitted ? 'default' : 'primary'}
          htmlType="submit"
          disabled={blocked || checked.length < POINTS.length}
          loading={keep.isPending}
        >
          Release it as {person.displayName}
        </Button>
      </div>
    </form>
  );
}
