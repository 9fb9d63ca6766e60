import type { ReactNode } from 'react';
import type { Standing as Stood } from '../api/types';
import { plain } from '../quantity/figures';
import { useShown } from '../quantity/units';
import { Judged } from './Judged';
import { otherSchool } from './schools';

const ORIGINS: Record<Stood['origin'], string> = {
  here: '',
  simulated: ' · simulated',
  'taken-before': ' · entered later',
  file: ' · from a file',
};

/** How a test came into the record, and at what voltage, as it follows who took it. */
export function originOf(standing: Stood): string {
  const volts = standing.appliedV === null ? '' : ` · ${plain(standing.appliedV)} V`;
  return volts + ORIGINS[standing.origin];
}

/** What stands of a test: the effective judgement, the other school's in a line, and what became of it. */
export function Standing({ standing, children }: { standing: Stood; children?: ReactNode }) {
  const shown = useShown();
  const told = standing.caveats.filter((c) => !standing.judgement.headline.startsWith(c.sentence));
  return (
    <>
      <Judged judgement={standing.judgement} other={standing.other ? otherSchool(standing.other) : undefined}>
        {children}
      </Judged>
      {told.map((c) => (
        <p key={c.kind} className="small soft">
          {shown(c.sentence)}. {c.next}
        </p>
      ))}
    </>
  );
}
