import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { Refusal } from '../api/http';
import type { JobView } from '../api/types';
import { useDraft } from '../forms/drafts';
import { Trouble } from '../forms/Trouble';
import { useChange } from '../jobs/useJob';
import { ManyPicks, Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';

const SHAFT = [
  ['free', 'Turns freely'],
  ['play', 'Turns, has play'],
  ['binds', 'Binds'],
  ['not-tried', 'Not tried yet'],
] as const;

const TOLD = [
  ['hums-will-not-start', 'hums, will not start'],
  ['trips-at-once', 'trips at once'],
  ['trips-after-minutes', 'trips after minutes'],
  ['runs-hot', 'runs hot'],
  ['noisy', 'noisy'],
  ['vibrates', 'vibrates'],
  ['power-interruption-before', 'power cut just before'],
  ['thunderstorm-before', 'thunderstorm before'],
  ['flooded-or-washed', 'flooded or washed'],
  ['fed-by-drive', 'fed by a drive'],
  ['long-drive-cable', 'long cable to the drive'],
  ['no-overload-relay', 'no overload relay'],
  ['recently-reconnected', 'recently reconnected'],
  ['machine-overloaded', 'machine overloaded'],
  ['frequent-starts', 'frequent starts'],
  ['low-voltage-supply', 'supply voltage low'],
] as const;

const SEEN = [
  ['burnt-smell', 'burnt smell'],
  ['winding-wet', 'wet'],
  ['winding-dirty', 'dirty'],
  ['winding-looks-sound', 'winding looks sound'],
  ['cooling-blocked', 'cooling blocked'],
  ['oil-in-winding', 'oil in it'],
  ['grease-dry', 'grease dry'],
  ['bearing-rough', 'bearing rough'],
  ['bearing-destroyed', 'bearing gone'],
] as const;

const AUXILIARIES = [
  'thermistors',
  'resistance-thermometers',
  'space-heaters',
  'brake',
  'encoder',
  'capacitors',
  'arresters',
  'drive',
] as const;

interface Arrival {
  shaft: (typeof SHAFT)[number][0] | undefined;
  signs: string[];
  auxiliaries: string[];
  missing: string;
}

/** The motor as it came in: by hand, eye, ear and nose, and by what was told. */
export function ArrivalStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const navigate = useNavigate();
  const sheet = job.sheets['arrival'];
  const start: Arrival = {
    shaft: undefined,
    signs: [],
    auxiliaries: [],
    missing: '',
    ...(sheet?.typed as Partial<Arrival> | undefined),
  };
  const draft = useDraft<Arrival>(`${tag}.arrival`, start);
  const v = draft.value;
  const keep = useChange(tag, () => {
    draft.settle(v);
    void navigate(`/jobs/${tag}/plate`);
  });
  const set = (part: Partial<Arrival>) => draft.change({ ...v, ...part });
  const signs = (group: readonly (readonly [string, string])[]) =>
    v.signs.filter((s) => group.some(([w]) => w === s));
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({
          method: 'PUT',
          path: 'sheets/arrival',
          body: { version: sheet?.version ?? 0, typed: { ...v, shaft: v.shaft ?? '' } },
        });
      }}
    >
      <div className="head">
        <h1>As it came in</h1>
        <span className="soft">received by {job.identity.receivedBy}</span>
      </div>
      {job.identity.complaint && (
        <p className="panel" style={{ marginBottom: 14 }}>
          “{job.identity.complaint}”
          <span className="soft"> · {job.identity.supply || 'supply not told'}</span>
        </p>
      )}
      <Trouble error={keep.error} hide={['shaft']} />
      <p className="caution">
        Locked out at its own place, drained, declared free of what it was exposed to? Lift by weight, never
        by the shaft.
      </p>
      <Picks
        label="Shaft, turned by hand"
        options={SHAFT}
        value={v.shaft}
        onPick={(shaft) => set({ shaft })}
      />
      {keep.error instanceof Refusal && !v.shaft && (
        <p className="wrong">Say what turning the shaft showed, or that nobody has tried.</p>
      )}
      {v.shaft === 'binds' && (
        <p className="caution">
          A bound shaft gets no power and no rotor sweep. Test insulation, then take it apart.
        </p>
      )}
      <ManyPicks
        label="Seen, smelt, heard"
        options={SEEN}
        values={signs(SEEN)}
        onChange={(own) => set({ signs: [...signs(TOLD), ...own] })}
      />
      <ManyPicks
        label="Told, or asked for"
        options={TOLD}
        values={signs(TOLD)}
        onChange={(own) => set({ signs: [...signs(SEEN), ...own] })}
      />
      <ManyPicks
        label="Fitted to it, and harmed by high voltage"
        options={AUXILIARIES.map((a) => [a, a.replace('-', ' ')] as const)}
        values={v.auxiliaries}
        onChange={(auxiliaries) => set({ auxiliaries })}
      />
      <TypedField
        words
        label="Missing or loose"
        hint="covers, keys, feet bolts, terminal box and which way it looks"
        value={v.missing}
        onChange={(missing) => set({ missing })}
      />
      <div className="actions">
        <Button type="primary" htmlType="submit" loading={keep.isPending}>
          {sheet ? 'Correct it' : 'Keep it, then read the plate'}
        </Button>
        {draft.dirty && <span className="soft small">not saved yet; kept on this tablet</span>}
      </div>
    </form>
  );
}
