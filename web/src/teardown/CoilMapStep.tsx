import { useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import type { JobView, SheetLook } from '../api/types';
import { Likely } from '../cause/Likely';
import { at as problemAt, useLook } from '../forms/look';
import { useSheet } from '../forms/sheet';
import { SheetForm, words } from '../forms/SheetForm';
import { Picks } from '../quantity/Picks';
import { TypedField } from '../quantity/TypedField';
import { OpeningNotice } from './OpeningNotice';
import { fillOf, groupName, StatorRing, Textures, type GroupState } from './StatorRing';
import './coilmap.css';

const STATES: GroupState[] = ['bright', 'warm', 'dull', 'dark', 'burst'];

const SPOTS = [
  ['in-slot', 'in a slot'],
  ['slot-edge', 'at the slot’s edge'],
  ['within-coil', 'inside one coil'],
  ['whole-coil', 'one coil whole'],
  ['phase-barrier', 'at the phase barrier'],
  ['connection-joint', 'at a joint'],
  ['line-end-coil', 'line-end coil'],
] as const;

interface Painted {
  connection: string;
  poles: string;
  groups: GroupState[];
  spots: { group: string; spot: string }[];
  worseEnd: string;
}

function fresh(job: JobView): Painted {
  const plate = job.sheets['plate']?.typed as { connection?: string } | undefined;
  const poles = job.plate?.poles ?? 4;
  return {
    connection: plate?.connection ?? 'unknown',
    poles: String(poles),
    groups: Array<GroupState>(3 * poles).fill('bright'),
    spots: [],
    worseEnd: '',
  };
}

/** The stator as it looks, painted; what the pattern says comes back at once. */
export function CoilMapStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const navigate = useNavigate();
  const sheet = useSheet<Painted>(job, 'coil-map', fresh(job), (merged) => {
    void navigate(`/jobs/${tag}/cause`, { state: { merged } });
  });
  const v = sheet.value;
  const [undo, setUndo] = useState<Painted[]>([]);
  const [brush, setBrush] = useState<GroupState>('dark');
  const [spot, setSpot] = useState<string>();
  const [at, setAt] = useState(0);
  const started = sheet.written !== undefined || sheet.dirty;
  const look = useLook<SheetLook>(`/api/jobs/${tag}/sheets/coil-map/look`, { ...v }, started);
  const refused = sheet.problems;
  const change = (next: Painted) => {
    setUndo((u) => [...u.slice(-40), v]);
    sheet.change(next);
  };
  const paint = (groups: number[], state: GroupState) =>
    change({ ...v, groups: v.groups.map((s, g) => (groups.includes(g) ? state : s)) });
  const drop = (g: number, kind: string) => {
    const there = v.spots.some((s) => s.group === String(g + 1) && s.spot === kind);
    change({
      ...v,
      spots: there
        ? v.spots.filter((s) => !(s.group === String(g + 1) && s.spot === kind))
        : [...v.spots, { group: String(g + 1), spot: kind }],
    });
  };
  const phase = (state: GroupState) =>
    paint(
      v.groups.flatMap((_, g) => (g % 3 === at % 3 ? [g] : [])),
      state,
    );
  const onKey = (e: KeyboardEvent) => {
    const state = STATES[Number(e.key) - 1];
    if (state) {
      e.preventDefault();
      setBrush(state);
      paint([at], state);
      setAt((at + 1) % v.groups.length);
    } else if (e.key.toLowerCase() === 's') {
      e.preventDefault();
      drop(at, spot ?? 'within-coil');
    } else if (e.key.toLowerCase() === 'p') {
      e.preventDefault();
      phase(brush);
    } else if (e.key.toLowerCase() === 'u') {
      e.preventDefault();
      back();
    }
  };
  const back = () => {
    const last = undo[undo.length - 1];
    if (last) {
      setUndo(undo.slice(0, -1));
      sheet.change(last);
    }
  };
  const setPoles = (text: string) => {
    const poles = Number(text);
    const fits = Number.isInteger(poles) && poles >= 2 && poles <= 48 && poles % 2 === 0;
    change({
      ...v,
      poles: text,
      groups: fits ? Array<GroupState>(3 * poles).fill('bright') : v.groups,
      spots: fits ? [] : v.spots,
    });
    setAt(0);
  };
  const dark = v.groups.filter((g) => g === 'dark' || g === 'burst').length;
  const slots = Number(
    (job.sheets['winding']?.typed as { slots?: string } | undefined)?.slots ?? 12 * Number(v.poles),
  );
  const coils = Math.max(1, Math.min(6, Math.round(slots / v.groups.length)));
  const facts = look?.facts ?? job.ranking.facts;
  return (
    <SheetForm
      sheet={sheet}
      title="What the coils say"
      aside={
        <>
          {v.poles} poles · {v.connection} · {v.groups.length} groups · seen from the connection end
        </>
      }
      keep="Keep the map, then weigh the cause"
      correct="Correct the map"
      hide={['poles']}
      label={words}
      shut={!job.opening.open}
    >
      <OpeningNotice job={job} />
      <div className="coilmap">
        <StatorRing
          states={v.groups}
          coilsPerGroup={coils}
          spots={v.spots.map((s) => Number(s.group))}
          at={at}
          middle={
            dark === 0
              ? 'none dark'
              : dark === v.groups.length
                ? 'all dark'
                : `${dark} of ${v.groups.length} dark`
          }
          onGroup={(g, dragged) => {
            setAt(g);
            if (spot && !dragged) {
              drop(g, spot);
            } else if (!spot) {
              paint([g], brush);
            }
          }}
          onMove={(by) => setAt((at + by + v.groups.length) % v.groups.length)}
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
          <Likely ranking={job.ranking} />
        </div>
      </div>
      <fieldset>
        <legend>Paint</legend>
        <div className="picks">
          {STATES.map((state, n) => (
            <button
              key={state}
              type="button"
              className="pick"
              aria-pressed={!spot && brush === state}
              onClick={() => {
                setBrush(state);
                setSpot(undefined);
              }}
            >
              <svg width="22" height="22" aria-hidden="true">
                <Textures />
                <rect width="22" height="22" fill={fillOf(state)} stroke="var(--soft)" />
              </svg>
              {state} <kbd style={{ margin: 0 }}>{n + 1}</kbd>
            </button>
          ))}
          <button type="button" className="pick" onClick={() => phase(brush)}>
            whole phase {groupName(at).charAt(0)} {brush} <kbd style={{ margin: 0 }}>P</kbd>
          </button>
          <button type="button" className="pick" onClick={back} disabled={undo.length === 0}>
            undo <kbd style={{ margin: 0 }}>U</kbd>
          </button>
        </div>
      </fieldset>
      <fieldset>
        <legend>Drop a spot: pick the place, then the group</legend>
        <div className="picks">
          {SPOTS.map(([word, words]) => (
            <button
              key={word}
              type="button"
              className="pick"
              aria-pressed={spot === word}
              onClick={() => setSpot(spot === word ? undefined : word)}
            >
              {words}
            </button>
          ))}
        </div>
      </fieldset>
      {v.spots.length > 0 && (
        <p className="small" style={{ marginBottom: 12 }}>
          Spots:{' '}
          {v.spots.map((s, n) => (
            <button
              key={n}
              type="button"
              className="pick"
              title="take it away"
              onClick={() => change({ ...v, spots: v.spots.filter((_, k) => k !== n) })}
            >
              {groupName(Number(s.group) - 1)} {SPOTS.find(([w]) => w === s.spot)?.[1]} ×
            </button>
          ))}
        </p>
      )}
      <div className="grid3">
        <TypedField label="Poles" value={v.poles} problem={problemAt(refused, 'poles')} onChange={setPoles} />
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
            ['opposite-end', 'Other end'],
            ['both-alike', 'Both'],
          ]}
          onPick={(worseEnd) => change({ ...v, worseEnd })}
        />
      </div>
    </SheetForm>
  );
}
