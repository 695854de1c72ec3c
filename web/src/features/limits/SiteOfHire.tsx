import { useTranslation } from 'react-i18next';
import { problemOf } from '../../api/problem';
import { ProblemWords } from '../../app/ProblemWords';
import { SiteAnswers } from './SiteAnswers';
import { SiteCautions } from './SiteCautions';
import { useKeepLimits, useLimits } from './useLimits';

/** What was said of the place of a hire; each answer is kept as it is touched. */
export function SiteOfHire({ machineId, hireId }: { machineId: string; hireId: string }) {
  const { t } = useTranslation();
  const limits = useLimits(machineId, hireId);
  const keep = useKeepLimits(hireId);
  const site = limits.data?.site ?? [];

  return (
    <>
      <SiteAnswers
        questions={site}
        disabled={keep.isPending}
        onAnswer={(question, answer) => keep.mutate({ site: { [question]: answer } })}
      />
      <SiteCautions questions={site} />
      {keep.isError && <ProblemWords problem={problemOf(keep.error, t('state.no_network'))} />}
    </>
  );
}
