import { QueryCache, QueryClient } from '@tanstack/react-query';
import { ProblemError } from './problem';

/** A session that has ended is found out by whatever was asked; then it is asked who is signed in. */
const onError = (error: Error): void => {
  if (error instanceof ProblemError && error.problem.status === 401) {
    void queries.invalidateQueries({ queryKey: ['session'] });
  }
};

export const queries: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError }),
  defaultOptions: {
    // What is sent with no network fails at once, and is said; one that paused would be sent hours later, unseen.
    mutations: { networkMode: 'always' },
    queries: {
      staleTime: 5_000,
      // What was read stays for days; whether it can be read anew is found out by asking.
      gcTime: 3 * 24 * 3_600_000,
      // Without a network a page says so at once, and asks anew when it is back; a query that paused would fetch for
      // ever.
      networkMode: 'always',
      refetchOnReconnect: true,
      refetchOnWindowFocus: true,
      // A network that comes and goes is normal here; what the server refuses is not asked again.
      retry: (failures, error) =>
        failures < 3 && navigator.onLine && !(error instanceof Error && error.name === 'ProblemError'),
    },
  },
});
