import { useInfiniteQuery } from '@tanstack/react-query';
import { call } from './http';

/** How many entries the server gives at once. */
const PAGE = 100;

/** A list that grows at its head, newest first: each page is asked for by the number of the last entry before it. */
export function useNewestFirst<T extends { id: number }>(queryKey: string[], path: string) {
  const query = useInfiniteQuery({
    queryKey,
    queryFn: ({ pageParam }) => call<T[]>('GET', `${path}${pageParam}`),
    initialPageParam: '',
    getNextPageParam: (page) =>
      page.length < PAGE ? undefined : `?before=${page[page.length - 1]?.id ?? 0}`,
    refetchOnMount: 'always',
  });
  return { ...query, entries: query.data?.pages.flat() ?? [] };
}
