import { useQuery } from '@tanstack/react-query';
import { call } from '../api/http';
import type { SettingsView } from '../api/types';

export function useSettings() {
  return useQuery({
    queryKey: ['settings'],
    queryFn: () => call<SettingsView>('GET', '/api/settings'),
    staleTime: 60_000,
  });
}

/** The shop's money after an amount's heading: ", EUR"; nothing while none is named. */
export function useMoney(): string {
  const currency = useSettings().data?.settings.currency;
  return currency ? `, ${currency}` : '';
}
