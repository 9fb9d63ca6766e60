import { Fragment, useEffect, useMemo, useRef, useState, type ComponentType } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import type { JobView, Station } from '../api/types';
import { testAt, useTestKinds } from '../bench/testKinds';
import { SetDownForm, SetDownNotice } from '../floor/setdown';
import { useChooseShop } from '../session/ShopChoice';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Frame } from '../shell/Frame';
import type { Key } from '../ui/keys';
import { Mark, verdictWord } from '../verdict/Mark';
import { GateStep } from './GateStep';
import { JobBand } from './JobBand';
import { Ledger } from './Ledger';
import { useJob } from '../job/useJob';
import { ArrivalStep } from '../receive/ArrivalStep';
import { PlateStep } from '../nameplate/PlateStep';
import { DeadStep } from '../bench/DeadStep';
import { ResistanceStep } from '../resistance/ResistanceStep';
import { InsulationStep } from '../insulation/InsulationStep';
import { SheetTestStep } from '../bench/SheetTestStep';
import { ReleaseStep } from '../bench/ReleaseStep';
import { SurgeStep } from '../surge/SurgeStep';
import { CoilMapStep } from '../coilmap/CoilMapStep';
import { PartsStep } from '../teardown/PartsStep';
import { LeadMapStep } from '../leads/LeadMapStep';
import { FindingsStep } from '../findings/FindingsStep';
import { TogetherStep } from '../teardown/TogetherStep';
import { CauseStep } from '../cause/CauseStep';
import { WindingStep } from '../winding/WindingStep';
import { CoilSetsStep } from '../coilset/CoilSetsStep';
import { RedesignStep } from '../redesign/RedesignStep';
import { SecondTakeStep } from '../winding/SecondTakeStep';
import { ConnectionStep } from '../winding/ConnectionStep';
import { HoursStep } from '../hours/HoursStep';
import { RoutingNotice, RoutingStep } from '../floor/RoutingStep';
import { JournalStep } from '../job/JournalStep';
import { Photos } from '../photos/Photos';
import { ChooseStep } from '../choice/ChooseStep';
import { DryingStep } from '../drying/DryingStep';
import { BrazingStep } from '../rewind/BrazingStep';
import { CutListStep } from '../rewind/CutListStep';
import { DispatchStep } from '../rewind/DispatchStep';
import { InsertionStep } from '../rewind/InsertionStep';
import { BareProofStep, ProveStep } from '../rewind/ProofSteps';
import {
  BeforeStrippingStep,
  CoilsStep,
  CoreStep,
  MachiningStep,
  RenewalStep,
  StrippingStep,
  VarnishStep,
  WashStep,
} from '../rewind/WorkSteps';

/** A job: whose motor and may it run above; stations left, work in the middle, evidence right. */
export function JobPage() {
  const { tag = '', '*': step = '' } = useParams();
  const navigate = useNavigate();
  const job = useJob(tag);
  const data = job.data;
  // Rack, instruments and settings beside a job are those of its own shop.
  const shop = data?.identity.shop;
  const choose = useChooseShop();
  useEffect(() => {
    if (shop !== undefined) {
      choose(shop);
    }
    // The function changes at every look, what it does not.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [shop]);
  const here = step || data?.next.step || 'receive';
  const merged = (useLocation().state as { merged?: string } | null)?.merged;
  const [settingDown, setSettingDown] = useState(false);
  const keys = useMemo(
    () =>
      data
        ? [
            ...jobKeys(data, here, (to) => void navigate(to)),
            { key: 'D', label: 'set down', run: () => setSettingDown(!data.identity.setDown) },
          ]
        : [],
    [data, here, navigate],
  );
  return (
    <Frame band={data && <JobBand job={data} />} keys={keys}>
      {data ? (
        <div className="columns">
          <Spine job={data} here={here} />
          <main className="work" id="work" tabIndex={0} key={`${tag}/${here}`}>
            {data.identity.setDown && <SetDownNotice tag={tag} setDown={data.identity.setDown} />}
            {settingDown && <SetDownForm tag={tag} rushes={[]} done={() => setSettingDown(false)} />}
            <RoutingNotice job={data} />
            {data.chosen?.exceeded && here !== 'choose' && (
              <p className="caution" role="status">
                {data.chosen.exceeded.headline}. {data.chosen.exceeded.next}
              </p>
            )}
            {merged && (
              <p className="caution" role="status">
                Kept, and merged with what {merged} wrote meanwhile.
              </p>
            )}
            {data.rewind.backToChoose && (
              <p className="caution" role="status">
                <b>Back to Choose: {data.rewind.backToChoose}.</b> The earlier answer stays on record. Test
                the core and find it sound, or let the customer answer another quote.
              </p>
            )}
            {data.release.returned && (
              <p className="caution" role="status">
                <b>{data.release.returned.headline}.</b> {data.release.returned.because}{' '}
                {data.release.returned.next}
              </p>
            )}
            <Work job={data} step={here} />
            {photographed(data).includes(here) && <Photos job={data} step={here} />}
          </main>
          <Ledger job={data} />
        </div>
      ) : (
        <main className="page" id="work">
          <ErrorNotice error={job.error} />
          {job.error && <Link to="/">Back to the floor</Link>}
        </main>
      )}
    </Frame>
  );
}

/** Every step of the work can be photographed; gate, routing, hours and journal cannot. */
function photographed(job: JobView): string[] {
  return job.stations.flatMap((s) => s.steps.map((t) => t.step));
}

function jobKeys(job: JobView, here: string, go: (to: string) => void): Key[] {
  const steps = photographed(job);
  const at = steps.indexOf(here);
  const move = (by: number) => {
    const to = steps[at + by];
    if (to) {
      go(`/jobs/${job.identity.tag}/${to}`);
    }
  };
  return [
    { key: '[', label: 'before', run: () => move(-1) },
    { key: ']', label: 'after', run: () => move(1) },
    { key: 'G', label: 'gate', run: () => go(`/jobs/${job.identity.tag}/gate`) },
    { key: 'O', label: 'routing', run: () => go(`/jobs/${job.identity.tag}/routing`) },
    { key: 'H', label: 'hours', run: () => go(`/jobs/${job.identity.tag}/hours`) },
    { key: 'F', label: 'floor', run: () => go('/') },
  ];
}

function Spine({ job, here }: { job: JobView; here: string }) {
  const spine = useRef<HTMLElement>(null);
  // On a tablet the spine is a strip, and the step at hand must not lie outside it.
  useEffect(() => {
    const at = spine.current?.querySelector('.step.here') ?? spine.current?.querySelector('.here');
    at?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [here]);
  // A step that is not offered on this motor is shown all the same when a link leads there.
  const open =
    job.stations.find((s) => s.steps.some((t) => t.step === here)) ??
    job.stations.find((s) => s.station === here.split('/')[0]);
  return (
    <nav className="spine" aria-label="Stations" ref={spine}>
      {job.stations.map((station) => (
        <Fragment key={station.station}>
          <Link
            to={`/jobs/${job.identity.tag}/${station.steps[0]?.step ?? ''}`}
            className={station === open ? 'station here' : 'station'}
            aria-current={station === open ? (station.steps.length > 1 ? 'location' : 'step') : undefined}
          >
            <Mark verdict={station.verdict} />
            <span>
              {station.skipped ? <s title={station.skipped}>{station.name}</s> : station.name}
              <small>
                {job.next.station === station.station ? job.next.sentence : verdictWord(station.verdict)}
              </small>
            </span>
          </Link>
          {station === open && open.steps.length > 1 && <Steps job={job} station={open} here={here} />}
        </Fragment>
      ))}
    </nav>
  );
}

/** The steps of the station at work: what is recorded, what is open, and folded what only the curious take. */
function Steps({ job, station, here }: { job: JobView; station: Station; here: string }) {
  const more = station.steps.filter((s) => s.further && !s.done);
  const link = (s: Station['steps'][number]) => (
    <Link
      key={s.step}
      to={`/jobs/${job.identity.tag}/${s.step}`}
      className={`step ${s.step === here ? 'here' : ''}`}
      aria-current={s.step === here ? 'step' : undefined}
    >
      <Mark verdict={s.verdict} size={16} />
      {s.name}
    </Link>
  );
  return (
    <div className="steps" role="group" aria-label={`Steps of ${station.name}`}>
      {station.steps.filter((s) => !more.includes(s)).map(link)}
      {more.length > 0 && (
        <details key={station.station} open={more.some((s) => s.step === here)}>
          <summary>more tests ({more.length})</summary>
          {more.map(link)}
        </details>
      )}
    </div>
  );
}

/** Steps that are no tests. */
const STEP_PAGES: Partial<Record<string, ComponentType<{ job: JobView }>>> = {
  receive: ArrivalStep,
  plate: PlateStep,
  'bench/dead': DeadStep,
  'bench/release': ReleaseStep,
  'teardown/parts': PartsStep,
  'teardown/lead-map': LeadMapStep,
  'teardown/findings': FindingsStep,
  'teardown/coils': CoilMapStep,
  'teardown/together': TogetherStep,
  cause: CauseStep,
  winding: WindingStep,
  'winding/second': SecondTakeStep,
  'winding/connection': ConnectionStep,
  'winding/coils': CoilSetsStep,
  choose: ChooseStep,
  'choose/drying': DryingStep,
  'rewind/new-winding': RedesignStep,
  'rewind/wash': WashStep,
  'rewind/before-stripping': BeforeStrippingStep,
  'rewind/stripping': StrippingStep,
  'rewind/core': CoreStep,
  'rewind/cut-list': CutListStep,
  'rewind/coils': CoilsStep,
  'rewind/insertion': InsertionStep,
  'rewind/brazing': BrazingStep,
  'rewind/before-varnish': BareProofStep,
  'rewind/varnish': VarnishStep,
  'rewind/machining': MachiningStep,
  'rewind/renewed': RenewalStep,
  prove: ProveStep,
  release: DispatchStep,
  routing: RoutingStep,
  hours: HoursStep,
  journal: JournalStep,
};

/** Tests with a page of their own, by kind; all others draw the form of their worksheet. */
const TEST_PAGES: Partial<Record<string, ComponentType<{ job: JobView }>>> = {
  'winding-resistance': ResistanceStep,
  'insulation-resistance': InsulationStep,
};

function Work({ job, step }: { job: JobView; step: string }) {
  const kinds = useTestKinds();
  const Page = STEP_PAGES[step];
  if (Page) {
    return <Page job={job} />;
  }
  if (!kinds) {
    return null;
  }
  const taken = testAt(kinds, step);
  if (!taken) {
    return <GateStep job={job} />;
  }
  const { test, speed } = taken;
  if (test.kind === 'surge-comparison') {
    return <SurgeStep key={step} job={job} speed={speed} />;
  }
  const Own = speed === 1 ? TEST_PAGES[test.kind] : undefined;
  return Own ? (
    <Own job={job} />
  ) : (
    <SheetTestStep key={step} job={job} test={test} speed={speed} step={step} />
  );
}
