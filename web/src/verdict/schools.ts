export interface Schools {
  voltageJudgement?: { verdict: string; headline: string };
  currentJudgement?: { verdict: string; headline: string };
  judgement?: { headline: string };
}

/** What the school that does not decide says, where a test has two. */
export function otherSchool(output: Schools | null | undefined): string | undefined {
  const { voltageJudgement, currentJudgement, judgement } = output ?? {};
  const other = judgement?.headline === voltageJudgement?.headline ? currentJudgement : voltageJudgement;
  return other && `The other school: ${other.verdict}, ${other.headline}`;
}
