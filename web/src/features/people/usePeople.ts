import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';

export type Person = Schema['PeopleList']['people'][number];
export type Qualification = Schema['PeopleList']['qualifications'][number];

export const PEOPLE = { queryKey: ['people'], queryFn: () => answer(api.GET('/api/people')), staleTime: 60_000 };

export function usePeople() {
  return useQuery(PEOPLE);
}

export type NewPerson = Schema['AddPerson'];

/** Somebody new in the yard. */
export function useAddPerson() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: NewPerson) => answer(api.POST('/api/people', { body })),
    onSuccess: (people) => queries.setQueryData(['people'], people),
  });
}

/** Who is on shift is offered on the shared tablets. */
export function usePutOnShift() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ person, isOnShift }: { person: string; isOnShift: boolean }) =>
      answer(api.PUT('/api/people/{person}/shift', { params: { path: { person } }, body: { is_on_shift: isOnShift } })),
    onSuccess: (people) => queries.setQueryData(['people'], people),
  });
}

/** What the lead does to somebody's account; each ends their sessions. */
export type AccountChange = { role: Schema['Role'] } | { password: string } | 'see_off' | 'take_back';

export function useChangeAccount(person: string) {
  const queries = useQueryClient();
  const params = { path: { person } };

  return useMutation({
    mutationFn: (change: AccountChange) => {
      if (change === 'see_off') {
        return answer(api.PUT('/api/people/{person}/departure', { params }));
      }
      if (change === 'take_back') {
        return answer(api.DELETE('/api/people/{person}/departure', { params }));
      }

      return 'role' in change
        ? answer(api.PUT('/api/people/{person}/role', { params, body: change }))
        : answer(api.PUT('/api/people/{person}/password', { params, body: change }));
    },
    onSuccess: (people) => queries.setQueryData(['people'], people),
  });
}

/** Records until when somebody is qualified. */
export function useRecordQualification() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({
      person,
      qualification,
      validUntil,
      proof,
    }: {
      person: string;
      qualification: string;
      validUntil: string;
      proof: string;
    }) =>
      answer(
        api.PUT('/api/people/{person}/qualifications/{qualification}', {
          params: { path: { person, qualification } },
          body: { valid_until: validUntil, proof },
        }),
      ),
    onSuccess: (people) => queries.setQueryData(['people'], people),
  });
}
