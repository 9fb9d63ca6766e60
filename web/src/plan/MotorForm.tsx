import { Input } from 'antd';
import type { Problem } from '../api/types';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { useMoney } from '../settings/useSettings';
import { at } from '../ui/preview';

/** A motor that is not here, as somebody says it at the telephone. */
export interface AskedMotor {
  words: string;
  ratedPowerW: string;
  poles: string;
  way: 'recondition' | 'rewind';
  arrives: string;
  promised: string;
  outageCostPerHour: string;
  rush: boolean;
}

export const NO_MOTOR: AskedMotor = {
  words: '',
  ratedPowerW: '',
  poles: '4',
  way: 'rewind',
  arrives: '',
  promised: '',
  outageCostPerHour: '0',
  rush: true,
};

/** The same as the server takes it. */
export function typedMotor(v: AskedMotor) {
  const { arrives, promised, ...rest } = v;
  const instant = (local: string) => (local ? new Date(local).toISOString() : null);
  return { ...rest, arrivesAt: instant(arrives), promisedAt: instant(promised) };
}

/** Fields of such a motor. */
export function MotorForm({
  value: v,
  problems,
  onChange,
}: {
  value: AskedMotor;
  problems: Problem[];
  onChange: (value: AskedMotor) => void;
}) {
  const set = (part: Partial<AskedMotor>) => onChange({ ...v, ...part });
  const inMoney = useMoney();
  return (
    <>
      <div className="grid2">
        <TypedField
          words
          label="Whose, driving what"
          hint="Harrow Grain, bucket elevator"
          value={v.words}
          problem={at(problems, 'words')}
          onChange={(words) => set({ words })}
        />
        <TypedField
          label="Rated power"
          unit="kW"
          value={v.ratedPowerW}
          problem={at(problems, 'ratedPowerW')}
          onChange={(ratedPowerW) => set({ ratedPowerW })}
        />
        <TypedField
          label="Poles"
          value={v.poles}
          problem={at(problems, 'poles')}
          onChange={(poles) => set({ poles })}
        />
        <TypedField
          label={`An hour without it costs${inMoney}`}
          value={v.outageCostPerHour}
          problem={at(problems, 'outageCostPerHour')}
          onChange={(outageCostPerHour) => set({ outageCostPerHour })}
        />
        <label className="field words">
          <span className="label">Arrives (empty: now)</span>
          <Input type="datetime-local" value={v.arrives} onChange={(e) => set({ arrives: e.target.value })} />
        </label>
        <label className="field words">
          <span className="label">Wanted by</span>
          <Input
            type="datetime-local"
            value={v.promised}
            onChange={(e) => set({ promised: e.target.value })}
          />
        </label>
      </div>
      <div className="grid2">
        <Picks
          label="It will probably be"
          options={[
            ['rewind', 'rewound'],
            ['recondition', 'reconditioned'],
          ]}
          value={v.way}
          onPick={(way) => set({ way })}
        />
        <Picks
          label="It goes"
          options={[
            ['rush', 'before the others'],
            ['usual', 'in its turn'],
          ]}
          value={v.rush ? 'rush' : 'usual'}
          onPick={(how) => set({ rush: how === 'rush' })}
        />
      </div>
    </>
  );
}
