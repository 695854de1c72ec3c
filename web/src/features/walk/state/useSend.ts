import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { problemOf, type Problem } from '../../../api/problem';

/** Runs one act at a time and keeps what went wrong, in words, until the next try. */
export function useSend() {
  const { t } = useTranslation();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);

  const send = async (act: () => Promise<unknown>): Promise<boolean> => {
    if (busy) {
      return false;
    }
    setBusy(true);
    setProblem(null);
    try {
      await act();

      return true;
    } catch (error) {
      setProblem(problemOf(error, t('state.no_network')));

      return false;
    } finally {
      setBusy(false);
    }
  };

  return { busy, problem, send, clear: () => setProblem(null) };
}
