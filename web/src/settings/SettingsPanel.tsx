import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { Problem, SettingsEntry, SettingsView } from '../api/types';
import { useDraft } from '../ui/drafts';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { JournalTable } from '../job/JournalStep';
import { plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { useSettings } from './useSettings';

interface SettingsText {
  shopName: string;
  tagPrefix: string;
  currency: string;
  timeZone: string;
  rates: Record<'hour' | 'copperPerKg' | 'energyPricePerKwh' | 'discountRatePercent', string>;
  certificate: { number: string; from: string; until: string };
  schools: { question: string; school: string }[];
  limits: { limit: string; figure: string; reason: string }[];
  simulatedInstruments: boolean;
  instrumentAlwaysNamed: boolean;
}

const RATES = [
  ['hour', 'An hour of work'],
  ['copperPerKg', 'Winding wire, a kilogram'],
  ['energyPricePerKwh', 'Energy, a kilowatt-hour'],
  ['discountRatePercent', 'What money costs a year, %'],
] as const;

function text(view: SettingsView): SettingsText {
  const s = view.settings;
  return {
    shopName: s.shopName,
    tagPrefix: s.tagPrefix,
    currency: s.currency ?? '',
    timeZone: s.timeZone ?? '',
    rates: {
      hour: String(s.rates.hour),
      copperPerKg: String(s.rates.copperPerKg),
      energyPricePerKwh: String(s.rates.energyPricePerKwh),
      discountRatePercent: String(s.rates.discountRatePercent),
    },
    certificate: s.certificate ?? { number: '', from: '', until: '' },
    schools: view.questions.map((q) => ({ question: q.question, school: q.school })),
    limits: s.limits.map((l) => ({ limit: l.limit, figure: String(l.figure), reason: l.reason })),
    simulatedInstruments: s.simulatedInstruments ?? false,
    instrumentAlwaysNamed: s.instrumentAlwaysNamed ?? false,
  };
}

/** What the shop settled for itself. */
export function SettingsPanel({ mayChange }: { mayChange: boolean }) {
  const settings = useSettings();
  return settings.data ? (
    <Settings key={settings.data.version} view={settings.data} mayChange={mayChange} />
  ) : (
    <ErrorNotice error={settings.error} />
  );
}

function Settings({ view, mayChange }: { view: SettingsView; mayChange: boolean }) {
  const client = useQueryClient();
  const draft = useDraft<SettingsText>('settings', text(view));
  const v = draft.value;
  const save = useMutation({
    mutationFn: () =>
      call<SettingsView>('PUT', '/api/settings', {
        version: view.version,
        typed: { ...v, certificate: v.certificate.number.trim() ? v.certificate : null },
      }),
    onSuccess: (after) => {
      draft.settle(text(after));
      client.setQueryData(['settings'], after);
      void client.invalidateQueries({ queryKey: ['job'] });
      void client.invalidateQueries({ queryKey: ['settings-journal'] });
    },
  });
  const problems = save.error instanceof Refusal ? save.error.problems : [];
  const set = (part: Partial<SettingsText>) => draft.change({ ...v, ...part });
  const locked = !mayChange;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
      style={{ marginTop: 26, maxWidth: 1100 }}
    >
      <div className="head">
        <h2>What this shop settled</h2>
        <span className="soft">
          {locked ? 'a lead hand or administrator changes it' : 'every change is journalled'}
        </span>
      </div>
      <ErrorNotice error={save.error} />
      <div className="grid3">
        <TypedField
          words
          label="Name on printed sheets"
          value={v.shopName}
          disabled={locked}
          problem={at(problems, 'shopName')}
          onChange={(shopName) => set({ shopName })}
        />
        <TypedField
          words
          label="Letters before a job’s number"
          value={v.tagPrefix}
          disabled={locked}
          problem={at(problems, 'tagPrefix')}
          onChange={(t) => set({ tagPrefix: t.toUpperCase() })}
        />
        <TypedField
          words
          label="Currency"
          value={v.currency}
          disabled={locked}
          problem={at(problems, 'currency')}
          onChange={(currency) => set({ currency })}
        />
        <TypedField
          words
          label="Time zone of all print"
          hint="UTC, or a name such as Atlantic/Azores"
          value={v.timeZone}
          disabled={locked}
          problem={at(problems, 'timeZone')}
          onChange={(timeZone) => set({ timeZone })}
        />
        {RATES.map(([field, label]) => (
          <TypedField
            key={field}
            label={label}
            value={v.rates[field]}
            disabled={locked}
            problem={at(problems, `rates.${field}`)}
            onChange={(figure) => set({ rates: { ...v.rates, [field]: figure } })}
          />
        ))}
      </div>
      <h3 style={{ margin: '16px 0 6px' }}>Schools</h3>
      {view.questions.map((q, n) => (
        <Picks
          key={q.question}
          label={q.spoken}
          disabled={locked}
          value={v.schools[n]?.school}
          options={[
            ['standard', q.standard],
            ['practice', q.practice],
          ]}
          onPick={(school) =>
            set({
              schools: view.questions.map((other, k) =>
                k === n
                  ? { question: q.question, school }
                  : (v.schools[k] ?? { question: other.question, school: 'standard' }),
              ),
            })
          }
        />
      ))}
      <Limits
        view={view}
        rows={v.limits}
        locked={locked}
        problems={problems}
        onChange={(limits) => set({ limits })}
      />
      <h3 style={{ margin: '16px 0 6px' }}>Instruments</h3>
      <Checkbox
        checked={v.instrumentAlwaysNamed}
        disabled={locked}
        onChange={(e) => set({ instrumentAlwaysNamed: e.target.checked })}
      >
        Every reading names the instrument it was read with
      </Checkbox>
      <Checkbox
        checked={v.simulatedInstruments}
        disabled={locked}
        onChange={(e) => set({ simulatedInstruments: e.target.checked })}
      >
        Simulated instruments are on: for practice. Every gate and print then says demonstration
      </Checkbox>
      <h3 style={{ margin: '16px 0 6px' }}>Certificate for explosion-protected motors</h3>
      <p className="soft small">
        {view.certified
          ? 'Valid: the gate at Teardown is open for such motors.'
          : 'None valid: such motors are tested as received, and Choose offers the certified repairer or a new one.'}
      </p>
      <div className="grid3">
        {(
          [
            ['number', 'Number', ''],
            ['from', 'Given by', ''],
            ['until', 'Last day', '2027-03-31'],
          ] as const
        ).map(([field, label, hint]) => (
          <TypedField
            key={field}
            words
            label={label}
            hint={hint}
            value={v.certificate[field]}
            disabled={locked}
            problem={at(problems, `certificate.${field}`)}
            onChange={(t) => set({ certificate: { ...v.certificate, [field]: t } })}
          />
        ))}
      </div>
      {!locked && (
        <div className="actions">
          <Button type="primary" htmlType="submit" loading={save.isPending} disabled={!draft.dirty}>
            Settle it so
          </Button>
          {draft.dirty && <Button onClick={() => draft.settle(text(view))}>Leave it as it was</Button>}
        </div>
      )}
      {!locked && <Past />}
    </form>
  );
}

function Limits({
  view,
  rows,
  locked,
  problems,
  onChange,
}: {
  view: SettingsView;
  rows: SettingsText['limits'];
  locked: boolean;
  problems: Problem[];
  onChange: (rows: SettingsText['limits']) => void;
}) {
  const [adding, setAdding] = useState('');
  const free = view.limits.filter((l) => rows.every((r) => r.limit !== l.limit));
  return (
    <>
      <h3 style={{ margin: '16px 0 6px' }}>Limits this shop changed</h3>
      {rows.length === 0 && <p className="soft small">None: every limit is the one its source gives.</p>}
      {rows.map((row, n) => {
        const limit = view.limits.find((l) => l.limit === row.limit);
        return (
          <div className="grid3" key={row.limit}>
            <div>
              <b>{limit?.spoken}</b>
              <div className="small soft">
                {plain(limit?.standard ?? 0)} {limit?.unit} by {limit?.source}
              </div>
            </div>
            <TypedField
              label="Shop’s figure"
              unit={limit?.unit}
              value={row.figure}
              disabled={locked}
              problem={at(problems, `limits[${n}].figure`)}
              onChange={(figure) => onChange(rows.map((r, k) => (k === n ? { ...r, figure } : r)))}
            />
            <div>
              <TypedField
                words
                label="Reason or source"
                value={row.reason}
                disabled={locked}
                problem={at(problems, `limits[${n}].reason`)}
                onChange={(reason) => onChange(rows.map((r, k) => (k === n ? { ...r, reason } : r)))}
              />
              {!locked && (
                <Button type="text" onClick={() => onChange(rows.filter((_, k) => k !== n))}>
                  Back to {plain(limit?.standard ?? 0)} {limit?.unit}
                </Button>
              )}
            </div>
          </div>
        );
      })}
      {!locked && (
        <select
          className="plain"
          style={{ maxWidth: 460 }}
          aria-label="Change a limit"
          value={adding}
          onChange={(e) => {
            onChange([...rows, { limit: e.target.value, figure: '', reason: '' }]);
            setAdding('');
          }}
        >
          <option value="">Change a limit …</option>
          {free.map((l) => (
            <option key={l.limit} value={l.limit}>
              {l.spoken}: {plain(l.standard)} {l.unit}
            </option>
          ))}
        </select>
      )}
    </>
  );
}

function Past() {
  const [open, setOpen] = useState(false);
  const journal = useQuery({
    queryKey: ['settings-journal'],
    queryFn: () => call<SettingsEntry[]>('GET', '/api/settings/journal'),
    enabled: open,
  });
  return (
    <details className="more" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary>Who changed what</summary>
      <JournalTable entries={journal.data ?? []} />
    </details>
  );
}
