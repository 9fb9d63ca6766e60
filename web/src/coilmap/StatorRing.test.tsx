import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { GroupState } from './painting';
import { StatorRing } from './StatorRing';

function ring(over: Partial<Parameters<typeof StatorRing>[0]> = {}) {
  const states: GroupState[] = Array<GroupState>(12).fill('bright');
  const handlers = { onGroup: vi.fn(), onMove: vi.fn(), onKey: vi.fn() };
  render(
    <StatorRing
      states={states}
      coils={Array<number>(12).fill(4)}
      spots={[]}
      at={0}
      middle="none dark"
      {...handlers}
      {...over}
    />,
  );
  return handlers;
}

describe('the stator ring', () => {
  it('tells each group’s place and state to those who cannot see it', () => {
    ring();
    expect(screen.getByText('group 2, C1, bright')).toBeInTheDocument();
    expect(screen.getByRole('application')).toHaveAccessibleName(/1 to 5 paint/);
  });

  it('is painted by pointer, one group or a run of them', () => {
    const { onGroup } = ring();
    const group = screen.getByText('group 5, C2, bright').closest('g');
    fireEvent.pointerDown(group as Element);
    expect(onGroup).toHaveBeenCalledWith(4, false);
    fireEvent.pointerEnter(group as Element, { buttons: 1 });
    expect(onGroup).toHaveBeenLastCalledWith(4, true);
    onGroup.mockClear();
    fireEvent.pointerEnter(group as Element, { buttons: 0 });
    expect(onGroup).not.toHaveBeenCalled();
  });

  it('is walked by arrow and Enter, paints on with Shift, and hands other keys on', () => {
    const { onMove, onKey } = ring();
    const area = screen.getByRole('application');
    fireEvent.keyDown(area, { key: 'ArrowRight' });
    fireEvent.keyDown(area, { key: 'Enter' });
    fireEvent.keyDown(area, { key: 'ArrowLeft', shiftKey: true });
    expect(onMove.mock.calls).toEqual([
      [1, false],
      [1, false],
      [-1, true],
    ]);
    fireEvent.keyDown(area, { key: '4' });
    expect(onKey).toHaveBeenCalledOnce();
  });

  it('draws each spot by its own shape', () => {
    ring({
      spots: [
        { group: 1, kind: 'in-slot' },
        { group: 1, kind: 'phase-barrier' },
        { group: 6, kind: 'in-slot' },
      ],
    });
    const shapes = [...document.querySelectorAll('.spot path')].map((p) => p.getAttribute('d'));
    expect(shapes).toHaveLength(3);
    expect(new Set(shapes).size).toBe(2);
  });

  it('draws a group as wide as its coils', () => {
    ring({ coils: [8, ...Array<number>(11).fill(4)] });
    const marks = [...document.querySelectorAll('path[stroke="var(--brass)"]')].map((p) =>
      p.getAttribute('d'),
    );
    // 52 coils round: the second barrier stands after 8 of them.
    const angle = (2 * Math.PI * 8) / 52;
    expect(marks[1]).toContain(`L ${(197 * Math.sin(angle)).toFixed(2)}`);
  });
});
