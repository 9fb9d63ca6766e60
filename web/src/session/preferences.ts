import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../api/http';
import type { Preferences, Session } from '../api/types';

/** Keeps how somebody wants to write and see, on every tablet they sign in at. */
export function usePrefer() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (preferences: Preferences) => call<Preferences>('PUT', '/api/me/preferences', preferences),
    onSuccess: (preferences) =>
      client.setQueryData<Session>(['session'], (old) => old && { ...old, preferences }),
  });
}
