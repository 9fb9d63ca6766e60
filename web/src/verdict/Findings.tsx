import type { Judgement } from '../api/types';
import { useShown } from '../quantity/units';
import { Mark } from './Mark';

/** Judgements one line each: what is so, what to do, what it rests on. */
export function Findings({ findings }: { findings: Judgement[] }) {
  const shown = useShown();
  return (
    <ul className="findings" aria-live="polite">
      {findings.map((f) => (
        <li key={f.headline}>
          <Mark verdict={f.verdict} />
          <span>
            <b>{shown(f.headline)}.</b> {shown(f.next)}
            {f.because && <span className="soft"> {shown(f.because)}.</span>}
            <span className="soft small"> {f.source}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}
