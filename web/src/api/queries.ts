import { QueryClient } from '@tanstack/react-query';

export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      refetchOnWindowFocus: true,
      // A network that comes and goes is normal here; what the server refuses is not asked again.
      retry: (failures, error) => failures < 3 && !(error instanceof Error && error.name === 'ProblemError'),
    },
  },
});
