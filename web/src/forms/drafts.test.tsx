import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { draftCount, useDraft, useDraftCount } from './drafts';

describe('a draft', () => {
  it('is there again after the page was closed', () => {
    const first = renderHook(() => useDraft('TQ-1.plate', { power: '' }));
    expect(first.result.current.dirty).toBe(false);
    act(() => first.result.current.change({ power: '37 kW' }));
    first.unmount();
    const second = renderHook(() => useDraft('TQ-1.plate', { power: '' }));
    expect(second.result.current.value).toEqual({ power: '37 kW' });
    expect(second.result.current.dirty).toBe(true);
  });

  it('is gone once the server has it', () => {
    const hook = renderHook(() => useDraft('TQ-1.plate', { power: '' }));
    act(() => hook.result.current.change({ power: '37 kW' }));
    act(() => hook.result.current.settle({ power: '37 kW' }));
    expect(hook.result.current.dirty).toBe(false);
    expect(draftCount()).toBe(0);
    expect(renderHook(() => useDraft('TQ-1.plate', { power: '' })).result.current.value).toEqual({
      power: '',
    });
  });

  it('belongs to its own sheet', () => {
    const plate = renderHook(() => useDraft('TQ-1.plate', 'a'));
    act(() => plate.result.current.change('b'));
    expect(renderHook(() => useDraft('TQ-2.plate', 'a')).result.current.value).toBe('a');
  });

  it('keeps what was typed between two readings of an instrument', () => {
    const hook = renderHook(() => useDraft('x', { because: '', readings: 0 }));
    const { change } = hook.result.current;
    act(() => {
      change((before) => ({ ...before, because: 'after drying' }));
      change((before) => ({ ...before, readings: 1 }));
    });
    expect(hook.result.current.value).toEqual({ because: 'after drying', readings: 1 });
  });

  it('is counted where people can see it', () => {
    const count = renderHook(() => useDraftCount());
    const hook = renderHook(() => useDraft('x', 1));
    act(() => hook.result.current.change(2));
    expect(count.result.current).toBe(1);
    act(() => hook.result.current.settle(2));
    expect(count.result.current).toBe(0);
  });

  it('starts anew where what was kept cannot be read', () => {
    localStorage.setItem('brasskettle.draft.x', '{broken');
    expect(renderHook(() => useDraft('x', 'fresh')).result.current.value).toBe('fresh');
  });
});
