import { useState } from 'react';
import type { FindingCondition } from '../api/types';
import type { Sheet } from '../job/sheet';

export interface FindingText {
  component: string;
  place: string;
  condition: string;
  severity: string;
  note: string;
}

export interface FindingsText {
  findings: FindingText[];
  endPlayMm: string;
  spinDownBeforeSeconds: string;
  spinDownAfterSeconds: string;
}

/** The findings of a sheet as lines to tap and write in, with the one opened for words of one's own among them. */
export function useFindingLines(sheet: Sheet<FindingsText>) {
  const v = sheet.value;
  /** A line opened for words of one's own is no finding before its first word, and holds nothing up. */
  const [opened, setOpened] = useState<{ place: number; line: FindingText }>();
  const gap = opened ? Math.min(opened.place, v.findings.length) : Infinity;
  const lines = opened ? [...v.findings.slice(0, gap), opened.line, ...v.findings.slice(gap)] : v.findings;
  const findingsOf = (all: FindingText[]) => all.filter((_, k) => k !== gap);
  const change = (n: number, part: Partial<FindingText>) => {
    const next = lines.map((f, k) => (k === n ? { ...f, ...part } : f));
    const own = next[gap];
    if (n !== gap) {
      sheet.set({ findings: findingsOf(next) });
    } else if (own && own.note.trim() === '') {
      setOpened({ place: gap, line: own });
    } else {
      setOpened(undefined);
      sheet.set({ findings: next });
    }
  };
  const add = (condition: FindingCondition | undefined, name: string, place: string) => {
    const found = {
      component: name,
      place,
      condition: condition?.condition ?? '',
      severity: 'moderate',
      note: '',
    };
    if (condition) {
      sheet.set({ findings: [...v.findings, found] });
    } else {
      setOpened({ place: v.findings.length, line: found });
    }
  };
  const remove = (n: number) => {
    if (n === gap) {
      setOpened(undefined);
      return;
    }
    sheet.set({ findings: findingsOf(lines).filter((_, k) => k !== (n > gap ? n - 1 : n)) });
    if (opened && n < gap) {
      setOpened({ ...opened, place: gap - 1 });
    }
  };
  return { lines, gap, add, change, remove };
}
