/** What is entered of a motor from triage, and where the hand is. */
export interface Entry {
  mark: string;
  ratedVoltageV: string;
  shaft?: string | undefined;
  megohm: string;
  ring?: string | undefined;
  eye: string[];
  stage: Stage;
}

export const STAGES = ['shaft', 'megohm', 'ring', 'eye'] as const;
export type Stage = (typeof STAGES)[number];

/** Letters of each stage: one key, one word. */
export const LETTERS: Record<Exclude<Stage, 'megohm'>, readonly (readonly [string, string, string])[]> = {
  shaft: [
    ['F', 'free', 'turns freely'],
    ['R', 'rough', 'rough'],
    ['B', 'binds', 'binds'],
  ],
  ring: [
    ['S', 'sets', 'rings in sets'],
    ['O', 'odd', 'odd sets'],
    ['N', 'open', 'one rings to nothing'],
  ],
  eye: [
    ['B', 'burnt', 'burnt'],
    ['W', 'wet', 'wet'],
    ['D', 'dirty', 'dirty'],
    ['X', 'broken', 'broken'],
  ],
};

export function fresh(mark: string, ratedVoltageV = ''): Entry {
  return { mark, ratedVoltageV, megohm: '', eye: [], stage: 'shaft' };
}

/** The mark after this one: its last number counted up. */
export function nextMark(mark: string): string {
  return mark.replace(/(\d+)(?!.*\d)/, (digits) => String(Number(digits) + 1).padStart(digits.length, '0'));
}

/** The entry after a word was picked: the hand moves on where one word is all a stage takes. */
export function picked(entry: Entry, stage: Exclude<Stage, 'megohm'>, word: string): Entry {
  if (stage === 'eye') {
    const eye = entry.eye.includes(word) ? entry.eye.filter((w) => w !== word) : [...entry.eye, word];
    return { ...entry, eye };
  }
  return { ...entry, [stage]: word, stage: stage === 'shaft' ? 'megohm' : 'eye' };
}

/** The word a letter means at this stage. */
export function wordOf(stage: Stage, letter: string): string | undefined {
  return stage === 'megohm' ? undefined : LETTERS[stage].find(([key]) => key === letter.toUpperCase())?.[1];
}

export function back(entry: Entry): Entry {
  const at = STAGES.indexOf(entry.stage);
  return { ...entry, stage: STAGES[Math.max(0, at - 1)] ?? 'shaft' };
}

/** What the server reads of it: readings parted by blanks, a figure and its unit kept together. */
export function typed(entry: Entry): Record<string, unknown> {
  return {
    mark: entry.mark,
    ratedVoltageV: entry.ratedVoltageV,
    ...(entry.shaft ? { shaft: entry.shaft } : {}),
    megohm: entry.megohm
      .replace(/(\d) +([kMGT])/g, '$1$2')
      .split(/\s+/)
      .filter(Boolean),
    ...(entry.ring ? { ring: entry.ring } : {}),
    eye: entry.eye,
  };
}
