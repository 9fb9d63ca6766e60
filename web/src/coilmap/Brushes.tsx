import { SPOTS, STATES, type GroupState } from './painting';
import { fillOf, SpotShape, Textures } from './StatorRing';

/** What to paint with, and the strokes that paint many groups at once; each with its key. */
export function Brushes({
  brush,
  spot,
  phase,
  canUndo,
  acts,
  pickBrush,
  pickSpot,
}: {
  brush: GroupState | undefined;
  spot: string | undefined;
  phase: string;
  canUndo: boolean;
  acts: { phase: () => void; all: () => void; repeat: () => void; mirror: () => void; undo: () => void };
  pickBrush: (state: GroupState) => void;
  pickSpot: (spot: string | undefined) => void;
}) {
  const strokes: [string, string, () => void, boolean][] = [
    [`whole phase ${phase}`, 'P', acts.phase, true],
    ['all', 'A', acts.all, true],
    ['first pole pair all round', 'R', acts.repeat, true],
    ['mirror: painted from the other end', 'M', acts.mirror, true],
    ['undo', 'U', acts.undo, canUndo],
  ];
  return (
    <>
      <fieldset>
        <legend>Paint</legend>
        <div className="picks">
          {STATES.map((state, n) => (
            <button
              key={state}
              type="button"
              className="pick"
              aria-pressed={brush === state}
              onClick={() => pickBrush(state)}
            >
              <svg width="22" height="22" aria-hidden="true">
                <Textures />
                <rect width="22" height="22" fill={fillOf(state)} stroke="var(--soft)" />
              </svg>
              {state} <kbd style={{ margin: 0 }}>{n + 1}</kbd>
            </button>
          ))}
          {strokes.map(([words, key, act, ready]) => (
            <button key={key} type="button" className="pick" disabled={!ready} onClick={act}>
              {words} <kbd style={{ margin: 0 }}>{key}</kbd>
            </button>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend>
          Drop a spot: pick the place <kbd style={{ margin: 0 }}>K</kbd>, then the group{' '}
          <kbd style={{ margin: 0 }}>S</kbd>
        </legend>
        <div className="picks">
          {SPOTS.map(([word, label]) => (
            <button
              key={word}
              type="button"
              className="pick"
              aria-pressed={spot === word}
              onClick={() => pickSpot(spot === word ? undefined : word)}
            >
              <svg width="22" height="22" viewBox="-11 -11 22 22" aria-hidden="true">
                <SpotShape kind={word} />
              </svg>
              {label}
            </button>
          ))}
        </div>
      </fieldset>
    </>
  );
}
