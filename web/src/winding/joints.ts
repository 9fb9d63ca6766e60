/** A line of joints as it is written: ends and leads parted by blanks, dashes or commas, one joint a line. */
export function readJoints(text: string): string[][] {
  return text
    .split('\n')
    .map((line) =>
      line
        .toUpperCase()
        .split(/[\s,;–-]+/)
        .filter(Boolean),
    )
    .filter((joint) => joint.length > 0);
}

/** Joints as lines. */
export function writeJoints(joints: string[][]): string {
  return joints.map((joint) => joint.join(' ')).join('\n');
}

/** The joints with one group turned round: its start where its finish was. */
export function turnedRound(joints: string[][], group: number): string[][] {
  const ends: Record<string, string> = { [`S${group}`]: `F${group}`, [`F${group}`]: `S${group}` };
  return joints.map((joint) => joint.map((end) => ends[end] ?? end));
}
