import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { Person } from '../api/types';
import { SignedIn } from '../session/session';
import { forgetDraft, useDraft, useStorageFull } from './drafts';

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

  it('is not seen by the next person at the tablet', () => {
    const as = (username: string) => ({
      wrapper: ({ children }: { children: ReactNode }) => (
        <SignedIn.Provider value={{ username } as Person}>{children}</SignedIn.Provider>
      ),
    });
    const mara = renderHook(() => useDraft('x', 'fresh'), as('mara'));
    act(() => mara.result.current.change('of Mara'));
    mara.unmount();
    expect(renderHook(() => useDraft('x', 'fresh'), as('jon')).result.current.value).toBe('fresh');
    expect(renderHook(() => useDraft('x', 'fresh'), as('mara')).result.current.value).toBe('of Mara');
  });

  it('is no longer unsaved once the server got it late', () => {
    const hook = renderHook(() => useDraft('x', 'fresh'));
    act(() => hook.result.current.change('typed'));
    act(() => forgetDraft('', 'x'));
    expect(hook.result.current.dirty).toBe(false);
    expect(renderHook(() => useDraft('x', 'fresh')).result.current.value).toBe('fresh');
  });

  it('says so where the browser has no room left', () => {
    const full = renderHook(() => useStorageFull());
    const hook = renderHook(() => useDraft('x', 'fresh'));
    const refused = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    act(() => hook.result.current.change('typed'));
    refused.mockRestore();
    expect(full.result.current).toBe(true);
    expect(hook.result.current.value).toBe('typed');
  });

  it('starts anew where what was kept cannot be read', () => {
    localStorage.setItem('brasskettle.draft.x', '{broken');
    expect(renderHook(() => useDraft('x', 'fresh')).result.current.value).toBe('fresh');
  });
});
