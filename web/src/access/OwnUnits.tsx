import { Picks } from '../quantity/Picks';
import { usePrefer } from '../session/preferences';
import { usePreferences } from '../session/session';

/** What a figure without a unit means to whoever is signed in. */
export function OwnUnits() {
  const { units, setting } = usePreferences();
  const prefer = usePrefer();
  return (
    <section className="panel">
      <h2>Units</h2>
      <Picks
        label="A figure without a unit is"
        value={units}
        options={[
          ['metric', 'Metric: kW, mm, kg, °C'],
          ['us-customary', 'US customary: hp, in, lb, °F'],
        ]}
        onPick={(next) => prefer.mutate({ units: next, setting })}
      />
      <p className="soft small">
        Any field takes a figure with its unit. It is kept with it, so that it means the same to everybody.
      </p>
    </section>
  );
}
