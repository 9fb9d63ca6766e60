import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { call, Refusal } from '../api/http';
import type { SettingsEntry, SettingsView } from '../api/types';
import { usePerson } from '../session/session';
import { useDraft } from '../ui/drafts';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { JournalTable } from '../job/JournalStep';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { Limits } from './SettingsLimits';
import { text, type SettingsText } from './settingsText';
import { useSettings } from './useSettings';

const RATES = [
  ['hour', 'An hour of work'],
  ['copperPerKg', 'Winding wire, a kilogram'],
  ['energyPricePerKwh', 'Energy, a kilowatt-hour'],
  ['discountRatePercent', 'What money costs a year, %'],
] as const;

const QUOTES = [
  ['address', 'Address on quotes', ''],
  ['terms', 'Terms on quotes', ''],
  ['taxPercent', 'Tax, %', 'none'],
  ['validDays', 'A quote stands for, days', '30'],
  ['wireYieldPercent', 'Wire that ends in the winding, %', '92'],
  ['rushPercent', 'A rush adds to labour, %', '25'],
  ['scrapPerKg', 'Old copper brings, a kilogram', '6.5'],
] as const;

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
  const settlesPeople = usePerson().role === 'admin';
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
      <h3 style={{ margin: '16px 0 6px' }}>Quotes</h3>
      <div className="grid3">
        {QUOTES.map(([field, label, hint]) => (
          <TypedField
            key={field}
            words={field === 'address' || field === 'terms'}
            label={label}
            hint={hint}
            value={v.quote[field]}
            disabled={locked}
            problem={at(problems, `quote.${field}`)}
            onChange={(t) => set({ quote: { ...v.quote, [field]: t } })}
          />
        ))}
      </div>
      <h3 style={{ margin: '16px 0 6px' }}>Schools</h3>
      {view.questions.map((q, n) => (
        <Picks
          key={q.question}
          label={q.label}
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
      <h3 style={{ margin: '16px 0 6px' }}>People</h3>
      <Checkbox
        checked={v.onePerson}
        disabled={!settlesPeople}
        onChange={(e) => set({ onePerson: e.target.checked })}
      >
        One person works here: a second count, take or signature may be the same person’s, ten minutes after
        the first. Every print says so. An administrator sets it
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
