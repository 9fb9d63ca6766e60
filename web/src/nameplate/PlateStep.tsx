import { Button, Checkbox } from 'antd';
import { useNavigate } from 'react-router';
import { Refusal } from '../api/http';
import type { JobView, SheetLook } from '../api/types';
import { useDraft } from '../forms/drafts';
import { at, useLook, whileTyping } from '../forms/look';
import { Trouble } from '../forms/Trouble';
import { useChange } from '../jobs/useJob';
import { plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';

type Text = Record<
  | 'phases'
  | 'frequencyHz'
  | 'ratedPowerW'
  | 'ratedVoltageV'
  | 'ratedCurrentA'
  | 'ratedSpeedRpm'
  | 'codeLetter'
  | 'connection'
  | 'windingKind'
  | 'insulationClass'
  | 'maker'
  | 'serial'
  | 'enclosure',
  string
>;
type PlateText = Text & { madeBefore1970: boolean; hazardousArea: boolean };

const EMPTY: PlateText = {
  phases: '3',
  frequencyHz: '50',
  ratedPowerW: '',
  ratedVoltageV: '',
  ratedCurrentA: '',
  ratedSpeedRpm: '',
  codeLetter: '',
  connection: 'wye',
  windingKind: 'random-wound',
  insulationClass: 'F',
  maker: '',
  serial: '',
  enclosure: '',
  madeBefore1970: false,
  hazardousArea: false,
};

const FIGURES = [
  ['ratedPowerW', 'Power at the shaft', 'kW', '37 kW or 50 hp'],
  ['ratedVoltageV', 'Voltage', 'V', '400'],
  ['ratedCurrentA', 'Current', 'A', '67'],
  ['ratedSpeedRpm', 'Speed', 'r/min', '1475'],
  ['frequencyHz', 'Frequency', 'Hz', '50'],
  ['codeLetter', 'Code letter, if any', '', 'G'],
] as const;

/** The nameplate, read as it is typed. */
export function PlateStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const navigate = useNavigate();
  const sheet = job.sheets['plate'];
  const draft = useDraft<PlateText>(`${tag}.plate`, {
    ...EMPTY,
    ...(sheet?.typed as Partial<PlateText> | undefined),
  });
  const v = draft.value;
  const look = useLook<SheetLook>(`/api/jobs/${tag}/sheets/plate/look`, v, v.ratedPowerW !== '');
  const keep = useChange(tag, () => {
    draft.settle(v);
    void navigate(`/jobs/${tag}/bench/dead`);
  });
  const refused = keep.error instanceof Refusal ? keep.error.problems : [];
  const problems = [...whileTyping(look?.problems), ...refused];
  const reading = look ? look.plate : job.plate;
  const set = (part: Partial<PlateText>) => {
    keep.reset();
    draft.change({ ...v, ...part });
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate({
          method: 'PUT',
          path: 'sheets/plate',
          body: { version: sheet?.version ?? 0, typed: v },
        });
      }}
    >
      <div className="head">
        <h1>Nameplate</h1>
        <span className="soft">type it as it stands there, with its units</span>
      </div>
      <Trouble error={keep.error} hide={FIGURES.map(([f]) => f)} />
      <div className="grid3">
        {FIGURES.map(([field, label, unit, hint]) => (
          <TypedField
            key={field}
            label={label}
            unit={unit}
            hint={hint}
            value={v[field]}
            shown={look?.shown[field]}
            problem={at(problems, field)}
            onChange={(text) => set({ [field]: field === 'codeLetter' ? text.toUpperCase() : text })}
          />
        ))}
      </div>
      {reading && (
        <Judged judgement={reading.judgement}>
          <div className="figure small" style={{ textAlign: 'right', lineHeight: 1.5 }}>
            <b style={{ fontSize: 22 }}>{reading.poles} poles</b>
            <br />
            slip {plain(reading.slipPercent, 3)} %<br />
            {plain(reading.ratedTorqueNm, 3)} Nm
            {reading.lockedRotorCurrentLowA !== null && (
              <>
                <br />
                locked {plain(reading.lockedRotorCurrentLowA, 3)}
                {reading.lockedRotorCurrentHighA !== null
                  ? ` to ${plain(reading.lockedRotorCurrentHighA, 3)} A`
                  : ' A and up'}
              </>
            )}
          </div>
        </Judged>
      )}
      {reading && reading.contradictions.length > 1 && (
        <ul>
          {reading.contradictions.slice(1).map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      )}
      <div className="grid2">
        <Picks
          label="Phases"
          value={v.phases}
          options={[
            ['3', 'Three'],
            ['1', 'One'],
          ]}
          onPick={(phases) => set({ phases })}
        />
        <Picks
          label="Connected in"
          value={v.connection}
          options={[
            ['wye', 'Wye'],
            ['delta', 'Delta'],
            ['unknown', 'Not known'],
          ]}
          onPick={(connection) => set({ connection })}
        />
        <Picks
          label="Winding"
          value={v.windingKind}
          options={[
            ['random-wound', 'Random'],
            ['form-wound', 'Form'],
          ]}
          onPick={(windingKind) => set({ windingKind })}
        />
        <Picks
          label="Insulation class"
          value={v.insulationClass}
          options={(['A', 'E', 'B', 'F', 'H'] as const).map((c) => [c, c] as const)}
          onPick={(insulationClass) => set({ insulationClass })}
        />
      </div>
      <div className="grid3">
        <TypedField words label="Maker" value={v.maker} onChange={(maker) => set({ maker })} />
        <TypedField words label="Serial number" value={v.serial} onChange={(serial) => set({ serial })} />
        <TypedField
          words
          label="Enclosure"
          hint="IP55"
          value={v.enclosure}
          onChange={(enclosure) => set({ enclosure })}
        />
      </div>
      <div className="actions">
        <Checkbox checked={v.madeBefore1970} onChange={(e) => set({ madeBefore1970: e.target.checked })}>
          Wound before about 1970
        </Checkbox>
        <Checkbox checked={v.hazardousArea} onChange={(e) => set({ hazardousArea: e.target.checked })}>
          Explosion-protection mark on it
        </Checkbox>
      </div>
      {v.hazardousArea && (
        <p className="caution">
          Test it as received and no further: opening, reconditioning or rewinding an explosion-protected
          motor belongs to a certified repairer.
        </p>
      )}
      <div className="actions">
        <Button type="primary" htmlType="submit" loading={keep.isPending}>
          {sheet ? 'Correct the plate' : 'Keep the plate'}
        </Button>
        {draft.dirty && <span className="soft small">not saved yet; kept on this tablet</span>}
      </div>
      {reading && <Arithmetic steps={reading.steps} />}
    </form>
  );
}
