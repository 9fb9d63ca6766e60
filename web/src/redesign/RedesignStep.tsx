import { Button, Input } from 'antd';
import { Link } from 'react-router';
import type { DesignedWinding, JobView, RedesignAssessment, SheetPreview, WireOffer } from '../api/types';
import { SheetForm, words } from '../job/SheetForm';
import { useSheet } from '../job/sheet';
import { plain, signed } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { at, usePreview, whileTyping } from '../ui/preview';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import type { WireText } from '../winding/takeText';
import { Candidates } from './Candidates';
import { Ticket } from './Ticket';
import './redesign.css';

interface RedesignText {
  ratedVoltageV?: string;
  frequencyHz?: string;
  connection?: string;
  parallelCircuits?: string;
  spanSlots?: string;
  turnsPerCoil?: string;
  maxInHand?: string;
  tolerancePercent?: string;
  wires?: (WireText & { name: string })[];
  reason?: string;
}

const WANTED = [
  ['ratedVoltageV', 'Volts', 'V'],
  ['frequencyHz', 'Hertz', 'Hz'],
  ['parallelCircuits', 'Parallel circuits', ''],
  ['spanSlots', 'Span, as 1 to 11', ''],
  ['turnsPerCoil', 'Turns of a coil', ''],
] as const;

const SEARCH = [
  ['maxInHand', 'At most in hand', ''],
  ['tolerancePercent', 'Copper may be off by', '%'],
] as const;

const LABELS: Record<string, string> = Object.fromEntries(
  [...WANTED, ...SEARCH].map(([field, label]) => [field, label]),
);

/** The winding that goes in: same again or for something else, its wire from the rack, and the coil ticket. */
export function RedesignStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const sheet = useSheet<RedesignText>(job, 'redesign', {}, () => undefined);
  const v = sheet.value;
  const preview = usePreview<SheetPreview>(`/api/jobs/${tag}/sheets/redesign/preview`, v, true);
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const design = preview?.redesign ?? job.redesign;
  const offer = preview?.offer;
  const before = design?.original?.data;
  const was: Record<string, string> = before
    ? {
        ratedVoltageV: `${plain(before.ratedVoltageV)} V`,
        frequencyHz: `${plain(before.frequencyHz)} Hz`,
        parallelCircuits: String(before.parallelCircuits),
        spanSlots: `1 to ${before.spanSlots + 1}`,
        turnsPerCoil: design.turns ? String(design.turns.perCoil) : '',
        maxInHand: '6',
        tolerancePercent: '3 %',
      }
    : {};
  const field = ([f, label, unit]: (typeof WANTED | typeof SEARCH)[number]) => (
    <TypedField
      key={f}
      label={label}
      unit={unit}
      hint={was[f]}
      value={v[f] ?? ''}
      shown={preview?.shown[f]}
      problem={at(problems, f)}
      // Wire chosen for other turns is not wire for these.
      onChange={(text) => sheet.set(f in SEARCH_FIELDS ? { [f]: text } : { [f]: text, wires: [] })}
    />
  );
  return (
    <SheetForm
      sheet={sheet}
      title="New winding"
      aside="what stays empty stays as it came out"
      keep="Keep the new winding"
      correct="Correct the new winding"
      hide={Object.keys(LABELS)}
      label={(f) => LABELS[f] ?? words(f)}
      foot={design && <Arithmetic steps={design.steps} />}
    >
      {design && (
        <Judged judgement={design.judgement}>
          {!before && <Link to={`/jobs/${tag}/winding`}>Winding data</Link>}
        </Judged>
      )}
      {before && (
        <>
          <div className="wanted">
            {WANTED.map(field)}
            <Picks
              label="Connected in"
              value={v.connection ?? before.connection}
              options={[
                ['wye', 'Wye'],
                ['delta', 'Delta'],
              ]}
              onPick={(connection) => sheet.set({ connection, wires: [] })}
            />
          </div>
          {design.turns && <Turns design={design} />}
          {design.original && (
            <p className="soft">
              Gap, teeth, back iron {fluxOf(design.chosen ?? design.original)}
              {design.chosen && `; it had ${fluxOf(design.original)}`}. 5th and 7th harmonic of the field{' '}
              {harmonics(design.chosen ?? design.original)}
              {design.chosen && `; it had ${harmonics(design.original)}`}.
            </p>
          )}
          {design.nearer.length > 0 && (
            <p className="picks" role="group" aria-label="Nearer to whole turns">
              <span>Nearer to whole turns:</span>
              {design.nearer.map((n) => (
                <Button
                  key={`${n.parallelCircuits} ${n.spanSlots}`}
                  onClick={() =>
                    sheet.set({
                      parallelCircuits: String(n.parallelCircuits),
                      spanSlots: String(n.spanSlots),
                      turnsPerCoil: '',
                      wires: [],
                    })
                  }
                >
                  {n.turnsPerCoil} turns, span 1 to {n.spanSlots + 1}, {n.parallelCircuits}{' '}
                  {n.parallelCircuits === 1 ? 'circuit' : 'circuits'} ({signed(n.fluxChangePercent, 2)} %
                  flux)
                </Button>
              ))}
            </p>
          )}
          <Speeds speeds={design.speeds} />
          <div className="head">
            <h2>Wire from the rack</h2>
            <span className="soft">
              {offer?.judgement.headline}; resistance at 25 °C, loss at 95 °C ·{' '}
              <Link to="/shop">the rack</Link>
            </span>
          </div>
          <div className="wanted">{SEARCH.map(field)}</div>
          {offer && offer.judgement.verdict !== 'holds' && <Said offer={offer} />}
          {offer && design.original && (
            <Candidates
              original={design.original}
              offer={offer}
              chosen={design.chosen?.wires}
              choose={(wires) =>
                sheet.set({
                  wires: wires.map((w) => ({
                    name: w.name,
                    count: String(w.count),
                    bareDiameterMm: String(w.bareDiameterMm),
                    insulatedDiameterMm: String(w.insulatedDiameterMm),
                  })),
                })
              }
            />
          )}
          <label className="field words wide">
            <span className="label">What is changed and why</span>
            <Input.TextArea
              autoSize={{ minRows: 1, maxRows: 4 }}
              value={v.reason ?? ''}
              onChange={(e) => sheet.set({ reason: e.target.value })}
            />
          </label>
          {preview?.ticket && (
            <Ticket ticket={preview.ticket} tag={tag} kept={sheet.written !== undefined && !sheet.dirty} />
          )}
        </>
      )}
    </SheetForm>
  );
}

const SEARCH_FIELDS: Record<string, true> = { maxInHand: true, tolerancePercent: true };

function Said({ offer }: { offer: WireOffer }) {
  return (
    <p className="caution">
      <Mark verdict={offer.judgement.verdict} size={20} />{' '}
      {offer.judgement.because || offer.judgement.headline} {offer.judgement.next}
    </p>
  );
}

/** Turns in large, with the original's beside them. */
function Turns({ design }: { design: RedesignAssessment }) {
  const turns = design.turns;
  if (!turns || !design.original) {
    return null;
  }
  const { data, result } = design.original;
  return (
    <div className="grid3" style={{ marginBottom: 14 }}>
      <div>
        <h3>Turns of a coil</h3>
        <span className="big">{turns.perCoil}</span>
        <span className="soft small">
          {plain(turns.exact, 4)} exactly; it had {data.turnsPerCoil}
        </span>
      </div>
      <div>
        <h3>Flux</h3>
        <span className="big">{signed(turns.fluxChangePercent, 2)} %</span>
        <span className="soft small">by the rounding to whole turns</span>
      </div>
      <div>
        <h3>Copper of a turn</h3>
        <span className="big">{plain(turns.copperMm2, 4)} mm²</span>
        <span className="soft small">it had {plain(result.conductorAreaMm2, 4)} mm²</span>
      </div>
    </div>
  );
}

function fluxOf({ result }: DesignedWinding): string {
  const all = [result.airGapFluxDensityT, result.toothFluxDensityT, result.coreFluxDensityT];
  return `${all.map((t) => (t === null ? '–' : plain(t, 3))).join(' · ')} T`;
}

/** Harmonics of the field by span and groups; noise of the arithmetic is none. */
function harmonics(w: DesignedWinding): string {
  return [w.fifthPercent, w.seventhPercent]
    .map((h) => (h === null ? '–' : h < 0.05 ? '0 %' : `${plain(h, 2)} %`))
    .join(' and ');
}

function Speeds({ speeds }: { speeds: RedesignAssessment['speeds'] }) {
  if (speeds.length === 0) {
    return null;
  }
  return (
    <table className="quiet" aria-label="Both speeds">
      <thead>
        <tr>
          <th>Both speeds</th>
          <th className="n">gap, was</th>
          <th className="n">gap</th>
          <th className="n">teeth, was</th>
          <th className="n">teeth</th>
          <th className="n">back iron, was</th>
          <th className="n">back iron</th>
        </tr>
      </thead>
      <tbody>
        {speeds.map(({ before, after }) => (
          <tr key={after.name}>
            <td>
              {after.name}, {after.poles} poles
            </td>
            {[before.gapT, after.gapT, before.toothT, after.toothT, before.coreT, after.coreT].map((t, n) => (
              <td className="n" key={n}>
                {plain(t, 3)} T
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
