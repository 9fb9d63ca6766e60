import { Input } from 'antd';
import { lazy, Suspense } from 'react';
import type { JobView, SheetPreview } from '../api/types';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { plain } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { toNextField, TypedField } from '../quantity/TypedField';
import { at, usePreview, whileTyping } from '../ui/preview';
import { Loading } from '../ui/Loading';
import { Judged } from '../verdict/Judged';

const DryingChart = lazy(() => import('./DryingChart').then((m) => ({ default: m.DryingChart })));

interface Reading {
  hours: string;
  megohm: string;
  windingC: string;
}

interface Curve {
  insulationSystem: string;
  minimumMegohm: string;
  readings: Reading[];
}

const COLUMNS = [
  ['hours', 'h'],
  ['megohm', 'MΩ'],
  ['windingC', '°C'],
] as const;

const EMPTY: Reading = { hours: '', megohm: '', windingC: '' };

function shownAt(megohm: number | undefined): string {
  return megohm === undefined ? '' : plain(megohm, 3);
}

function said(reading: Reading): boolean {
  return COLUMNS.some(([c]) => reading[c].trim());
}

/** A wet winding while it dries: a reading an hour, and whether it is dry, still drying, or as dry as it gets. */
export function DryingStep({ job }: { job: JobView }) {
  const bench = job.bench.insulation;
  const sheet = useSheet<Curve>(
    job,
    'drying',
    {
      insulationSystem: bench?.test.insulationSystem ?? 'thermosetting',
      minimumMegohm: plain(bench?.result.minimumMegohm ?? 5),
      readings: [],
    },
    () => undefined,
  );
  const v = sheet.value;
  const written = v.readings.filter(said);
  const rows = [...written, EMPTY];
  const preview = usePreview<SheetPreview>(
    `/api/jobs/${job.identity.tag}/sheets/drying/preview`,
    { ...v, readings: written },
    written.length > 0,
  );
  const result = preview?.drying ?? job.drying;
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const row = (n: number, part: Partial<Reading>) =>
    sheet.set({ readings: rows.map((r, k) => (k === n ? { ...r, ...part } : r)).filter(said) });
  return (
    <SheetForm
      sheet={sheet}
      title="Drying"
      aside="heat it slowly; read to frame every hour, the winding’s temperature beside it"
      keep="Keep these readings"
      correct="Keep these readings"
      label={words}
    >
      <p className="caution">
        Ground the winding after each reading. Under 90 °C at first: water that boils inside breaks the
        insulation. Vapour of solvents burns: air the oven.
      </p>
      {result && <Judged judgement={result.judgement} />}
      {result && (
        <Suspense fallback={<Loading />}>
          <DryingChart
            hours={written.map((r) => Number(r.hours))}
            corrected={result.correctedMegohm}
            least={Number(v.minimumMegohm)}
          />
        </Suspense>
      )}
      <table className="quiet lines" onKeyDown={toNextField} style={{ maxWidth: 620 }}>
        <thead>
          <tr>
            <th style={{ width: '30%' }}>hours since the start</th>
            <th style={{ width: '26%' }}>to frame, MΩ</th>
            <th style={{ width: '22%' }}>winding, °C</th>
            <th className="n">at 40 °C</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r, n) => {
            const wrong = COLUMNS.map(([c]) => at(problems, `readings[${n}].${c}`)).find(Boolean);
            return (
              <tr key={n}>
                {COLUMNS.map(([c, unit]) => (
                  <td key={c}>
                    <Input
                      aria-label={`${c} of reading ${n + 1}`}
                      placeholder={unit}
                      value={r[c]}
                      status={at(problems, `readings[${n}].${c}`) ? 'error' : ''}
                      onChange={(e) => row(n, { [c]: e.target.value })}
                    />
                    {c === 'hours' && wrong && <span className="wrong small">{wrong.message}</span>}
                  </td>
                ))}
                <td className="n">{shownAt(result?.correctedMegohm[n])}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <div className="grid2">
        <TypedField
          label="Least at 40 °C"
          unit="MΩ"
          value={v.minimumMegohm}
          problem={at(problems, 'minimumMegohm')}
          onChange={(minimumMegohm) => sheet.set({ minimumMegohm })}
        />
        <Picks
          label="Its binder"
          value={v.insulationSystem}
          options={[
            ['thermosetting', 'Sets hard (epoxy, polyester)'],
            ['thermoplastic', 'Softens (asphalt, shellac)'],
          ]}
          onPick={(insulationSystem) => sheet.set({ insulationSystem })}
        />
      </div>
    </SheetForm>
  );
}
