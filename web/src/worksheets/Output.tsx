import { plain } from '../quantity/figures';
import { nameWords } from '../quantity/words';
import { Findings } from '../verdict/Findings';
import { Mark } from '../verdict/Mark';
import type { Judgement, Verdict } from '../api/types';

const WORDY = new Set([
  'judgement',
  'fieldJudgement',
  'voltageJudgement',
  'currentJudgement',
  'steps',
  'checks',
  'looks',
  'facts',
  'nextLooks',
  'misreading',
]);

/** Figures of an answer, each under its name in the contract, since scripts and people speak of the same ones. */
export function Output({ value }: { value: { [name: string]: unknown } }) {
  const rows = Object.entries(value).filter(([name]) => !WORDY.has(name));
  return (
    <>
      {rows.map(([name, v]) => judged(v) && <Findings key={name} findings={v} />)}
      <table className="quiet">
        <tbody>
          {rows
            .filter(([, v]) => !judged(v))
            .map(([name, v]) => (
              <tr key={name}>
                <td>{nameWords(name)}</td>
                <td className="n" style={{ whiteSpace: 'normal' }}>
                  <Value name={name} value={v} />
                </td>
              </tr>
            ))}
        </tbody>
      </table>
    </>
  );
}

/** Judgements are sentences and no figures, under whatever name they come. */
function judged(value: unknown): value is Judgement[] {
  return (
    Array.isArray(value) &&
    value.length > 0 &&
    value.every((v) => typeof v === 'object' && v !== null && 'headline' in v && 'verdict' in v)
  );
}

function unit(name: string): string {
  const found =
    /(Percent|Megohm|OhmAt25C|Ohm|APerMm2|MmPerS|Mm2|Hz|Nm|Rpm|Va|Wb|Kg|Kwh|Db|Gmm|Millivolt|Microfarad|[VATCK])$/.exec(
      name,
    )?.[1] ?? '';
  const symbols: Record<string, string> = {
    Percent: '%',
    Megohm: 'MΩ',
    OhmAt25C: 'Ω',
    Ohm: 'Ω',
    APerMm2: 'A/mm²',
    Mm2: 'mm²',
    Rpm: 'r/min',
    Va: 'VA',
    Kg: 'kg',
    Kwh: 'kWh',
    MmPerS: 'mm/s',
    Db: 'dB',
    Gmm: 'g·mm',
    Millivolt: 'mV',
    Microfarad: 'µF',
    C: '°C',
  };
  return symbols[found] ?? found;
}

function Value({ name, value }: { name: string; value: unknown }) {
  if (value === null || value === undefined) {
    return <span className="soft">–</span>;
  }
  // A seat's tolerance is a few thousandths: a length is shown to the micrometre.
  if (typeof value === 'number' && /Mm$/.test(name)) {
    return <>{value.toFixed(3)} mm</>;
  }
  if (typeof value === 'number') {
    return (
      <>
        {plain(value, 4)} {unit(name)}
      </>
    );
  }
  if (typeof value === 'string' && ['holds', 'watch', 'stop', 'unproven'].includes(value)) {
    return <Mark verdict={value as Verdict} />;
  }
  if (Array.isArray(value)) {
    return <List value={value} />;
  }
  if (typeof value === 'object') {
    return <Output value={value as { [name: string]: unknown }} />;
  }
  return <>{value === true ? 'yes' : value === false ? 'no' : String(value as string)}</>;
}

const MAX_SHOWN = 8;

/** Like things under each other, each figure in its column. */
function Columns({ rows }: { rows: { [name: string]: unknown }[] }) {
  const names = Object.keys(rows[0] ?? {}).filter((n) => !WORDY.has(n));
  return (
    <table className="quiet">
      <thead>
        <tr>
          {names.map((n) => (
            <th key={n} className="n">
              {nameWords(n)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((r, i) => (
          <tr key={i}>
            {names.map((n) => (
              <td key={n} className="n">
                <Value name={n} value={r[n]} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function List({ value }: { value: unknown[] }) {
  if (value.every((v) => typeof v !== 'object')) {
    return <>{value.join(' · ')}</>;
  }
  if (value.every((v) => Array.isArray(v))) {
    return <>{value.map((v) => (v as unknown[]).join('-')).join(' · ')}</>;
  }
  const flat = value as { [name: string]: unknown }[];
  const weighed = flat.some((v) => typeof v['probability'] === 'number');
  if (
    !weighed &&
    flat.length > 1 &&
    flat.every((v) => Object.values(v).every((x) => x === null || typeof x !== 'object'))
  ) {
    return <Columns rows={flat} />;
  }
  const shown = value.slice(0, MAX_SHOWN) as { [name: string]: unknown }[];
  return (
    <>
      {shown.map((v, n) =>
        typeof v['probability'] === 'number' ? (
          <div key={n}>
            {String(v['label'])} {(100 * v['probability']).toFixed(1)} %
          </div>
        ) : (
          <Output key={n} value={v} />
        ),
      )}
    </>
  );
}
