import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';

export type Person = Schema['PeopleList']['people'][number];
export type Qualification = Schema['PeopleList']['qualifications'][number];

export function usePeople() {
  return useQuery({ queryKey: ['people'], queryFn: () => answer(api.GET('/api/people')), staleTime: 60_000 });
}

/** Records until when somebody is qualified. */
export function useRecordQualification() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ person, qualification, validUntil, proof }: { person: string; qualification: string; validUntil: string; proof: string }) =>
      answer(api.PUT('/api/people/{person}/qualifications/{qualification}', { params: { path: { person, qualification } }, body: { valid_until: validUntil, proof } })),
    onSuccess: (people) => queries.setQueryData(['people'], people),
  });
}
