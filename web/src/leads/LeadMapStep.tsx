import type { JobView, SheetPreview } from '../api/types';
import { useGoOn } from '../job/useGoOn';
import { at, usePreview, whileTyping } from '../ui/preview';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { toNextField } from '../quantity/TypedField';
import { Findings } from '../verdict/Findings';
import { TerminalDrawing } from './TerminalDrawing';
import '../teardown/teardown.css';

interface LeadText {
  number: string;
  mark: string;
  colour: string;
  terminal: string;
  joins: string;
}

interface MapText {
  leads: LeadText[];
}

const BLANK: LeadText = { number: '', mark: '', colour: '', terminal: '', joins: '' };

const COLUMNS: [keyof LeadText, string, string][] = [
  ['number', 'number', 'U1, T4'],
  ['mark', 'our mark', 'band 1'],
  ['colour', 'colour', 'black'],
  ['terminal', 'on terminal', '1'],
  ['joins', 'joined to', 'L1, link'],
];

const USUAL: [string, string[]][] = [
  ['3 leads', ['U', 'V', 'W']],
  ['6 leads', ['U1', 'V1', 'W1', 'U2', 'V2', 'W2']],
  ['9 leads', ['1', '2', '3', '4', '5', '6', '7', '8', '9'].map((n) => `T${n}`)],
  ['12 leads', Array.from({ length: 12 }, (_, n) => `T${n + 1}`)],
];

/** Leads that the nameplate named already. */
function named(job: JobView): LeadText[] {
  const details = job.sheets['plate']?.typed['details'] as { leadMarks?: string } | undefined;
  const marks = (details?.leadMarks ?? '').split(/[\s,;]+/).filter(Boolean);
  return (marks.length > 1 ? marks : ['', '', '']).map((number) => ({ ...BLANK, number }));
}

const told = (lead: LeadText) => Object.values(lead).some((text) => text.trim() !== '');

/** Every lead by number, colour, terminal and what it joins, before one of them moves; a drawing made from it. */
export function LeadMapStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const goOn = useGoOn();
  const sheet = useSheet<MapText>(job, 'lead-map', { leads: named(job) }, (merged) => {
    goOn(`/jobs/${tag}/teardown/parts`, { state: { merged } });
  });
  const leads = sheet.value.leads;
  const typed = { leads: leads.filter(told) };
  const preview = usePreview<SheetPreview>(
    `/api/jobs/${tag}/sheets/lead-map/preview`,
    typed,
    typed.leads.length > 0 && (sheet.dirty || !!sheet.written),
  );
  const reading = preview ? preview.leads : job.apart.leads;
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const change = (n: number, part: Partial<LeadText>) =>
    sheet.set({ leads: leads.map((l, k) => (k === n ? { ...l, ...part } : l)) });
  const place = (n: number) => leads.slice(0, n).filter(told).length;
  return (
    <SheetForm
      sheet={sheet}
      title="Leads as they lie"
      aside="before one of them comes off its terminal"
      keep="Keep the map, then the parts"
      correct="Correct the map"
      hide={sheet.problems.map((p) => p.field)}
      label={words}
      before={() => sheet.set(typed)}
    >
      <p className="caution">
        Locked out and proved dead before a hand goes into the box; capacitors discharged and shorted. Two of
        one number? Band both.
      </p>
      <div className="picks" style={{ marginBottom: 10 }} aria-label="Number of leads">
        {USUAL.map(([label, numbers]) => (
          <button
            key={label}
            type="button"
            className="pick"
            aria-pressed={leads.length === numbers.length}
            onClick={() =>
              sheet.set({
                leads: numbers.map((number, n) => ({
                  ...BLANK,
                  ...leads[n],
                  number: leads[n]?.number.trim() ? leads[n].number : number,
                })),
              })
            }
          >
            {label}
          </button>
        ))}
        <button type="button" className="pick" onClick={() => sheet.set({ leads: [...leads, BLANK] })}>
          one more
        </button>
      </div>
      <div className="lead-lines">
        <table className="quiet" onKeyDown={toNextField}>
          <thead>
            <tr>
              {COLUMNS.map(([field, label]) => (
                <th key={field}>{label}</th>
              ))}
              <th aria-label="take out" />
            </tr>
          </thead>
          <tbody>
            {leads.map((lead, n) => (
              <tr key={n}>
                {COLUMNS.map(([field, label, hint]) => (
                  <td key={field}>
                    <input
                      className="cell"
                      aria-label={`${label} of lead ${n + 1}`}
                      placeholder={n === 0 ? hint : ''}
                      maxLength={40}
                      value={lead[field]}
                      onChange={(e) => change(n, { [field]: e.target.value })}
                    />
                    {told(lead) && at(problems, `leads[${place(n)}].${field}`) && (
                      <span className="wrong small">
                        {at(problems, `leads[${place(n)}].${field}`)?.message}
                      </span>
                    )}
                  </td>
                ))}
                <td>
                  <button
                    type="button"
                    className="pick tight"
                    aria-label={`take lead ${n + 1} out`}
                    onClick={() => sheet.set({ leads: leads.filter((_, k) => k !== n) })}
                  >
                    ×
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div>
          {reading && <TerminalDrawing terminals={reading.terminals} />}
          {reading?.connectedAs && <p className="small">Was connected in {reading.connectedAs}.</p>}
        </div>
      </div>
      {at(sheet.problems, 'leads') && <p className="wrong">Write at least one lead.</p>}
      {reading && <Findings findings={reading.lines} />}
    </SheetForm>
  );
}
