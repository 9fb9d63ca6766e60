import type { Judgement } from '../api/types';
import { Mark } from './Mark';

/** Judgements one line each: what is so, what to do, what it rests on. */
export function Findings({ findings }: { findings: Judgement[] }) {
  return (
    <ul className="findings" aria-live="polite">
      {findings.map((f) => (
        <li key={f.headline}>
          <Mark verdict={f.verdict} />
          <span>
            <b>{f.headline}.</b> {f.next}
            {f.because && <span className="soft"> {f.because}.</span>}
            <span className="soft small"> {f.source}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}
