import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { groupName, StatorRing, type GroupState } from './StatorRing';

function ring(over: Partial<Parameters<typeof StatorRing>[0]> = {}) {
  const states: GroupState[] = Array<GroupState>(12).fill('bright');
  const handlers = { onGroup: vi.fn(), onMove: vi.fn(), onKey: vi.fn() };
  render(
    <StatorRing
      states={states}
      coilsPerGroup={4}
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
  it('names groups in the order A, C, B', () => {
    expect([0, 1, 2, 3, 4, 5, 11].map(groupName)).toEqual(['A1', 'C1', 'B1', 'A2', 'C2', 'B2', 'B4']);
  });

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

  it('is walked by arrow and Enter and hands other keys on', () => {
    const { onMove, onKey } = ring();
    const area = screen.getByRole('application');
    fireEvent.keyDown(area, { key: 'ArrowRight' });
    fireEvent.keyDown(area, { key: 'Enter' });
    fireEvent.keyDown(area, { key: 'ArrowLeft' });
    expect(onMove.mock.calls).toEqual([[1], [1], [-1]]);
    fireEvent.keyDown(area, { key: '4' });
    expect(onKey).toHaveBeenCalledOnce();
  });

  it('marks every group that carries a spot', () => {
    ring({ spots: [2, 7] });
    expect(document.querySelectorAll('circle')).toHaveLength(2);
  });
});
