import type { ReactNode } from 'react';
import type { Judgement } from '../api/types';
import { unbroken } from '../quantity/figures';
import { useShown } from '../quantity/units';
import { Mark, verdictWord } from './Mark';

/** A judgement as a sentence: word, figure and limit; the rule and its source; what to do next. */
export function Judged({
  judgement,
  word,
  other,
  children,
}: {
  judgement: Judgement;
  /** What it is called where nothing was measured: a ranking is likely, an advice a close call. */
  word?: string | undefined;
  /** How the other school judges, in one line. */
  other?: string | undefined;
  children?: ReactNode;
}) {
  const shown = useShown();
  const under = [shown(judgement.because), judgement.source].filter(Boolean).join(' · ');
  return (
    <section className="judged" data-verdict={judgement.verdict} aria-live="polite">
      <Mark verdict={judgement.verdict} size={40} />
      <div>
        <h2>
          {word ?? verdictWord(judgement.verdict)}: {unbroken(shown(judgement.headline))}
        </h2>
        {under && <p>{under}</p>}
        {other && <p>{shown(other)}</p>}
        {judgement.next && <p className="next">Next: {shown(judgement.next)}</p>}
      </div>
      <div className="ways">{children}</div>
    </section>
  );
}
