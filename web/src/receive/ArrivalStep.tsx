import type { JobView, SheetPreview } from '../api/types';
import { useGoOn } from '../job/useGoOn';
import { at, usePreview, whileTyping } from '../ui/preview';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { KnownMotor } from '../passport/KnownMotor';
import { Findings } from '../verdict/Findings';
import { ManyPicks, Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import {
  AUXILIARIES,
  EMPTY,
  EXPOSURES,
  exposures,
  FEEDS,
  LOADINGS,
  NO_CIRCUMSTANCES,
  NO_HANDOVER,
  PROTECTIONS,
  SEEN,
  SHAFT,
  SIDES,
  SURROUNDINGS,
  TOLD,
  TURNS,
  type ArrivalText,
  type CircumstancesText,
  type HandoverText,
} from './arrivalText';
import { termLabel } from '../ui/terms';

/** The motor as it came in: by hand, eye, ear and nose, by what was told, and what follows from it at once. */
export function ArrivalStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const goOn = useGoOn();
  const sheet = useSheet<ArrivalText>(job, 'arrival', EMPTY, (merged) => {
    goOn(`/jobs/${tag}/plate`, { state: { merged } });
  });
  const v = sheet.value;
  const told = { ...NO_CIRCUMSTANCES, ...v.circumstances };
  const over = { ...NO_HANDOVER, ...v.handover };
  const preview = usePreview<SheetPreview>(
    `/api/jobs/${tag}/sheets/arrival/preview`,
    v,
    v.shaft !== '' && (sheet.dirty || !!sheet.written),
  );
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  const reading = preview ? preview.arrival : job.arrival;
  const lines = reading?.lines ?? [];
  const { set } = sheet;
  const tell = (part: Partial<CircumstancesText>) => set({ circumstances: { ...told, ...part } });
  const hand = (part: Partial<HandoverText>) => set({ handover: { ...over, ...part } });
  const signs = (group: readonly (readonly [string, string])[]) =>
    v.signs.filter((s) => group.some(([w]) => w === s));
  const others = v.signs.filter((s) => ![...TOLD, ...SEEN].some(([w]) => w === s));
  const field = (
    path: 'circumstances' | 'handover',
    name: string,
    label: string,
    value: string,
    change: (text: string) => void,
    more: { unit?: string; hint?: string; words?: boolean } = {},
  ) => (
    <TypedField
      label={label}
      value={value}
      shown={preview?.shown[`${path}.${name}`]}
      problem={at(problems, `${path}.${name}`)}
      onChange={change}
      {...more}
    />
  );
  return (
    <SheetForm
      sheet={sheet}
      title="As it came in"
      aside={<>received by {job.identity.receivedBy}</>}
      keep="Keep it, then read the plate"
      correct="Correct it"
      hide={['shaft']}
      label={words}
    >
      {job.identity.complaint && (
        <p className="panel" style={{ marginBottom: 14 }}>
          “{job.identity.complaint}”
          <span className="soft"> · {job.identity.supply || 'supply not told'}</span>
        </p>
      )}
      {job.identity.mark && <KnownMotor serial={job.identity.mark} except={tag} />}
      {lines.length > 0 && <Findings findings={lines} />}
      <p className="caution">
        Locked out at its own place, drained, declared free of what it was exposed to? Lift by weight, never
        by the shaft.
      </p>
      <Picks
        label="Shaft, turned by hand"
        options={SHAFT}
        value={v.shaft as (typeof SHAFT)[number][0]}
        onPick={(shaft) => set({ shaft })}
      />
      {sheet.problems.length > 0 && !v.shaft && (
        <p className="wrong">Say what turning the shaft showed, or that nobody has tried.</p>
      )}
      <ManyPicks
        label="Seen, smelt, heard"
        options={SEEN}
        values={signs(SEEN)}
        onChange={(own) => set({ signs: [...others, ...signs(TOLD), ...own] })}
      />
      <ManyPicks
        label="Told, or asked for"
        options={TOLD}
        values={signs(TOLD)}
        onChange={(own) => set({ signs: [...others, ...signs(SEEN), ...own] })}
      />
      <div className="grid2">
        {field(
          'circumstances',
          'before',
          'What happened just before',
          told.before,
          (before) => tell({ before }),
          {
            words: true,
            hint: 'power cut, new drive, jam, wash-down',
          },
        )}
        {field('circumstances', 'since', 'Since when', told.since, (since) => tell({ since }), {
          words: true,
        })}
      </div>
      <Picks
        label="What fed it"
        options={FEEDS}
        value={told.feed as 'mains'}
        onPick={(feed) => tell({ feed })}
      />
      <Picks
        label="What protected it"
        options={PROTECTIONS}
        value={told.protection as 'none'}
        onPick={(protection) =>
          tell({ protection, ...(protection === 'none' ? { protectionCurrentA: '' } : {}) })
        }
      />
      <div className="grid3">
        {field(
          'circumstances',
          'protectionCurrentA',
          'Set to',
          told.protectionCurrentA,
          (protectionCurrentA) => tell({ protectionCurrentA }),
          { unit: 'A' },
        )}
        {field(
          'circumstances',
          'cableDistanceM',
          'Cable from the drive',
          told.cableDistanceM,
          (cableDistanceM) => tell({ cableDistanceM }),
          { unit: 'm' },
        )}
        {field('circumstances', 'startsAnHour', 'Starts an hour', told.startsAnHour, (startsAnHour) =>
          tell({ startsAnHour }),
        )}
      </div>
      <Picks
        label="How it is loaded"
        options={LOADINGS}
        value={told.loading as 'steady'}
        onPick={(loading) => tell({ loading })}
      />
      <ManyPicks
        label="What it stands in"
        options={SURROUNDINGS}
        values={told.surroundings}
        onChange={(surroundings) => tell({ surroundings })}
      />
      <ManyPicks
        label="Exposed to"
        options={EXPOSURES}
        values={over.exposures}
        onChange={(after) => hand({ exposures: exposures(over.exposures, after) })}
      />
      <div className="grid3">
        {field(
          'handover',
          'madeSafe',
          'Made safe by, and how',
          over.madeSafe,
          (madeSafe) => hand({ madeSafe }),
          {
            words: true,
          },
        )}
        {field(
          'handover',
          'leaveToDismantle',
          'Leave to dismantle, from',
          over.leaveToDismantle,
          (leaveToDismantle) => hand({ leaveToDismantle }),
          { words: true },
        )}
        {field(
          'handover',
          'leaveToStrip',
          'Leave to strip, from',
          over.leaveToStrip,
          (leaveToStrip) => hand({ leaveToStrip }),
          { words: true },
        )}
      </div>
      <div className="grid3">
        {field('handover', 'massKg', 'Weight as received', over.massKg, (massKg) => hand({ massKg }), {
          unit: 'kg',
        })}
        {field(
          'handover',
          'linked',
          'Linked by; where coupling and key sat',
          over.linked,
          (linked) => hand({ linked }),
          { words: true, hint: 'flush with the shaft end' },
        )}
        <TypedField
          words
          label="Missing or loose"
          hint="covers, keys, feet bolts"
          value={v.missing}
          onChange={(missing) => set({ missing })}
        />
      </div>
      <Picks
        label="Turned, seen from the drive end"
        options={TURNS}
        value={over.turned as 'either'}
        onPick={(turned) => hand({ turned })}
      />
      <Picks
        label="Terminal box, seen from the drive end"
        options={SIDES}
        value={over.terminalBox as 'top'}
        onPick={(terminalBox) => hand({ terminalBox })}
      />
      <Picks
        label="Cables enter it from"
        options={SIDES}
        value={over.cableEntry as 'top'}
        onPick={(cableEntry) => hand({ cableEntry })}
      />
      <ManyPicks
        label="Fitted to it, and harmed by high voltage"
        options={AUXILIARIES.map((a) => [a, termLabel(a)] as const)}
        values={v.auxiliaries}
        onChange={(auxiliaries) => set({ auxiliaries })}
      />
    </SheetForm>
  );
}
