import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';

/** The link that a hire has for its hirer; made, taken back, and sent by mail. */
export function useHirerLink(hire: string) {
  const queries = useQueryClient();
  const params = { path: { hire } };
  const key = ['hirer-link', hire];
  const link = useQuery({ queryKey: key, queryFn: () => answer(api.GET('/api/hires/{hire}/link', { params })) });
  const onSuccess = (now: Schema['HirerLink']) => queries.setQueryData(key, now);
  const make = useMutation({ mutationFn: () => answer(api.POST('/api/hires/{hire}/link', { params })), onSuccess });
  const revoke = useMutation({ mutationFn: () => answer(api.DELETE('/api/hires/{hire}/link', { params })), onSuccess });
  const mail = useMutation({
    mutationFn: (body: Schema['MailHirer']) => answer(api.POST('/api/hires/{hire}/mail', { params, body })),
    onSuccess,
  });

  return { link, make, revoke, mail };
}
