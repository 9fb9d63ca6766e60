import { renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { place, useKeptAtOnce, type Sheet } from './sheet';

describe('a pick put into a merged sheet', () => {
  it.each([
    ['maker', { maker: 'B' }, 'B'],
    ['details.frame', { details: { frame: '160M' } }, '160M'],
    ['groups[1]', { groups: ['dark', 'burst', 'dark'] }, 'burst'],
    ['further[0].ratedPowerW', { further: [{ ratedPowerW: '7 kW' }] }, '7 kW'],
  ])('lands at %s and nowhere else', (path, wanted, picked) => {
    const tree: object =
      path === 'maker'
        ? { maker: 'A' }
        : path === 'details.frame'
          ? {}
          : path === 'groups[1]'
            ? { groups: ['dark', 'dark', 'dark'] }
            : { further: [{ ratedPowerW: '8 kW' }] };
    place(tree, path, picked);
    expect(tree).toEqual(wanted);
  });
});

describe('a sheet that keeps itself', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  function kept(over: object = {}) {
    const save = vi.fn();
    const sheet = { value: {}, dirty: true, keep: { isPending: false, isError: false }, save, ...over };
    const hook = renderHook(({ now, ready }) => useKeptAtOnce(now as unknown as Sheet<object>, ready), {
      initialProps: { now: sheet, ready: true },
    });
    return { save, sheet, hook };
  }

  it('is sent a moment after the last change, once', () => {
    const { save, sheet, hook } = kept();
    vi.advanceTimersByTime(200);
    hook.rerender({ now: { ...sheet, value: { changed: true } }, ready: true });
    vi.advanceTimersByTime(200);
    expect(save).not.toHaveBeenCalled();
    vi.advanceTimersByTime(400);
    expect(save).toHaveBeenCalledOnce();
  });

  it('is sent when its page is left before that moment', () => {
    const { save, hook } = kept();
    hook.unmount();
    expect(save).toHaveBeenCalledOnce();
  });

  it('is sent when the window goes out of sight before that moment, and only then', () => {
    const { save } = kept();
    const state = vi.spyOn(document, 'visibilityState', 'get');
    state.mockReturnValue('visible');
    document.dispatchEvent(new Event('visibilitychange'));
    expect(save).not.toHaveBeenCalled();
    state.mockReturnValue('hidden');
    document.dispatchEvent(new Event('visibilitychange'));
    expect(save).toHaveBeenCalledOnce();
    state.mockRestore();
  });

  it.each([
    ['nothing changed', { dirty: false }],
    ['it was refused and waits for a hand', { keep: { isPending: false, isError: true } }],
  ])('is not sent while %s', (_, over) => {
    const { save, hook } = kept(over);
    vi.advanceTimersByTime(5000);
    hook.unmount();
    expect(save).not.toHaveBeenCalled();
  });

  it('waits while somebody is in the middle of an entry', () => {
    const { save, sheet, hook } = kept();
    hook.rerender({ now: sheet, ready: false });
    vi.advanceTimersByTime(5000);
    hook.unmount();
    expect(save).not.toHaveBeenCalled();
  });
});
