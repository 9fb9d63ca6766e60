import type { Judgement } from '../api/types';

/** What the school that does not decide says, in one line. */
export function otherSchool(judgement: Judgement): string {
  return `The other school says ${judgement.verdict}: ${judgement.headline}`;
}
