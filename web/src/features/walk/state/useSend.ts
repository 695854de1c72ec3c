import { useMutation } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { problemOf } from '../../../api/problem';

/** Runs one act at a time and keeps what went wrong, in words, until the next try. */
export function useSend() {
  const { t } = useTranslation();
  const { mutateAsync, isPending, error, reset } = useMutation({ mutationFn: (act: () => Promise<unknown>) => act() });

  const send = async (act: () => Promise<unknown>): Promise<boolean> => {
    if (isPending) {
      return false;
    }
    try {
      await mutateAsync(act);

      return true;
    } catch {
      return false;
    }
  };

  return {
    busy: isPending,
    problem: error === null ? null : problemOf(error, t('state.no_network')),
    send,
    clear: reset,
  };
}
