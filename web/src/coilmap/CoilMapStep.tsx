import { useState, type KeyboardEvent } from 'react';
import type { JobView, SheetPreview } from '../api/types';
import { useGoOn } from '../job/useGoOn';
import { TopCauses } from '../cause/TopCauses';
import { at as problemAt, usePreview } from '../ui/preview';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { Brushes } from './Brushes';
import { OpeningNotice } from '../job/OpeningNotice';
import {
  coilsRound,
  coilsTyped,
  forPoles,
  groupName,
  mirrored,
  painted,
  repeated,
  SPOTS,
  spotted,
  STATES,
  type GroupState,
  type Painted,
} from './painting';
import { SpotShape, StatorRing } from './StatorRing';
import './coilmap.css';
import { termLabel } from '../ui/terms';

function fresh(job: JobView): Painted {
  const plate = job.sheets['plate']?.typed as { connection?: string } | undefined;
  const poles = job.plate?.poles ?? 4;
  return {
    connection: plate?.connection ?? 'unknown',
    poles: String(poles),
    groups: Array<GroupState>(3 * poles).fill('bright'),
    spots: [],
    groupCoils: [],
    circuits: '',
    worseEnd: '',
  };
}

/** The stator as it looks, painted; what the pattern says comes back at once. */
export function CoilMapStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const goOn = useGoOn();
  const sheet = useSheet<Painted>(job, 'coil-map', fresh(job), (merged) => {
    goOn(`/jobs/${tag}/cause`, { state: { merged } });
  });
  const v = sheet.value;
  const [undo, setUndo] = useState<Painted[]>([]);
  const [brush, setBrush] = useState<GroupState>('dark');
  const [spot, setSpot] = useState<string>();
  const [at, setAt] = useState(0);
  const [coils, setCoils] = useState(coilsTyped(v.groupCoils));
  const started = sheet.written !== undefined || sheet.dirty;
  const preview = usePreview<SheetPreview>(`/api/jobs/${tag}/sheets/coil-map/preview`, { ...v }, started);
  const refused = sheet.problems;
  const n = v.groups.length;
  const change = (next: Painted) => {
    setUndo((u) => [...u.slice(-60), v]);
    sheet.change(next);
  };
  const back = () => {
    const last = undo[undo.length - 1];
    if (last) {
      setUndo(undo.slice(0, -1));
      sheet.change(last);
    }
  };
  const paintOne = (g: number, state: GroupState) => change(painted(v, (k) => k === g, state));
  const acts = {
    phase: () => change(painted(v, (g) => g % 3 === at % 3, brush)),
    all: () => change(painted(v, () => true, brush)),
    repeat: () => change(repeated(v)),
    mirror: () => change(mirrored(v)),
    undo: back,
  };
  const nextSpot = () => {
    const kinds = SPOTS.map(([word]) => word as string);
    setSpot(kinds[(kinds.indexOf(spot ?? '') + 1) % kinds.length]);
  };
  const KEYS: Record<string, () => void> = {
    s: () => change(spotted(v, at, spot ?? 'within-coil')),
    k: nextSpot,
    p: acts.phase,
    a: acts.all,
    r: acts.repeat,
    m: acts.mirror,
    u: acts.undo,
  };
  const onKey = (e: KeyboardEvent) => {
    const state = STATES[Number(e.key) - 1];
    const act = KEYS[e.key.toLowerCase()];
    if (e.ctrlKey || e.metaKey || e.altKey || (!state && !act)) {
      return;
    }
    e.preventDefault();
    e.stopPropagation();
    if (state) {
      setBrush(state);
      paintOne(at, state);
      setAt((at + 1) % n);
    } else {
      act?.();
    }
  };
  const dark = v.groups.filter((g) => g === 'dark' || g === 'burst').length;
  const slots = Number(
    (job.sheets['winding']?.typed as { slots?: string } | undefined)?.slots ?? 12 * Number(v.poles),
  );
  const alike = Math.max(1, Math.min(6, Math.round(slots / n)));
  const drawn = v.groups.map((_, g) => {
    const own = Number(v.groupCoils[g]);
    return own >= 1 && own <= 60 ? own : alike;
  });
  const facts = preview?.facts ?? job.ranking.facts;
  return (
    <SheetForm
      sheet={sheet}
      title="What the coils say"
      aside={
        <>
          {v.poles} poles · {v.connection} · {n} groups · seen from the connection end
          {v.worseEnd && ` · worse at ${termLabel(v.worseEnd)}`}
        </>
      }
      keep="Keep the map, then weigh the cause"
      correct="Correct the map"
      hide={['poles', 'circuits']}
      label={words}
      shut={!job.opening.open}
    >
      <OpeningNotice job={job} />
      <div className="coilmap">
        <StatorRing
          states={v.groups}
          coils={drawn}
          spots={v.spots.map((s) => ({ group: Number(s.group) - 1, kind: s.spot }))}
          at={at}
          middle={dark === 0 ? 'none dark' : dark === n ? 'all dark' : `${dark} of ${n} dark`}
          onGroup={(g, dragged) => {
            setAt(g);
            if (spot && !dragged) {
              change(spotted(v, g, spot));
            } else if (!spot) {
              paintOne(g, brush);
            }
          }}
          onMove={(by, painting) => {
            const to = (at + by + n) % n;
            setAt(to);
            if (painting) {
              paintOne(to, brush);
            }
          }}
          onKey={onKey}
        />
        <div>
          <h2>Read from the map</h2>
          <div className="panel" style={{ margin: '6px 0 14px' }} aria-live="polite">
            {facts.length === 0 ? (
              <span className="soft">Paint what you see. Every stroke is read at once.</span>
            ) : (
              facts.map((f) => <p key={f.code}>{f.sentence}</p>)
            )}
          </div>
          <h2>{sheet.written ? 'Looks most like' : 'Before the map'}</h2>
          <TopCauses ranking={job.ranking} />
        </div>
      </div>
      <Brushes
        brush={spot ? undefined : brush}
        spot={spot}
        phase={groupName(at).charAt(0)}
        canUndo={undo.length > 0}
        acts={acts}
        pickBrush={(state) => {
          setBrush(state);
          setSpot(undefined);
        }}
        pickSpot={setSpot}
      />
      {v.spots.length > 0 && (
        <p className="small" style={{ marginBottom: 12 }}>
          Spots:{' '}
          {v.spots.map((s, k) => (
            <button
              key={k}
              type="button"
              className="pick"
              title="take it away"
              onClick={() => change({ ...v, spots: v.spots.filter((_, o) => o !== k) })}
            >
              <svg width="22" height="22" viewBox="-11 -11 22 22" aria-hidden="true">
                <SpotShape kind={s.spot} />
              </svg>
              {groupName(Number(s.group) - 1)} {SPOTS.find(([w]) => w === s.spot)?.[1]} ×
            </button>
          ))}
        </p>
      )}
      <div className="grid3">
        <div>
          <TypedField
            label="Poles"
            value={v.poles}
            problem={problemAt(refused, 'poles')}
            onChange={(text) => {
              change(forPoles(v, text));
              setCoils('');
              setAt(0);
            }}
          />
          <button
            type="button"
            className="pick tight"
            aria-pressed={2 * n === 3 * Number(v.poles)}
            onClick={() => change(forPoles(v, v.poles, 2 * n !== 3 * Number(v.poles)))}
          >
            consequent poles: half the groups
          </button>
        </div>
        <TypedField
          label="Coils in each group"
          hint="alike; or 4 3"
          value={coils}
          problem={(preview?.problems ?? refused).find((p) => p.field.startsWith('groupCoils'))}
          onChange={(text) => {
            setCoils(text);
            change({ ...v, groupCoils: coilsRound(text, n) });
          }}
        />
        <TypedField
          label="Parallel circuits"
          hint="not counted"
          value={v.circuits}
          problem={problemAt(preview?.problems ?? refused, 'circuits')}
          onChange={(circuits) => change({ ...v, circuits })}
        />
      </div>
      <div className="grid2">
        <Picks
          label="Connected in"
          value={v.connection}
          options={[
            ['wye', 'Wye'],
            ['delta', 'Delta'],
            ['unknown', 'Not known'],
          ]}
          onPick={(connection) => change({ ...v, connection })}
        />
        <Picks
          label="Looks worse at"
          value={v.worseEnd}
          options={[
            ['drive-end', 'Drive end'],
            ['non-drive-end', 'Non-drive end'],
            ['both-alike', 'Both'],
          ]}
          onPick={(worseEnd) => change({ ...v, worseEnd })}
        />
      </div>
    </SheetForm>
  );
}
