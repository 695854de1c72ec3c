import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { HoldButton } from '../../app/HoldButton';
import { HirerField, type Hirer, type HirerChoice } from '../office/HirerField';

interface Props {
  hirer: Hirer;
  /** Hires that would go to the other one. */
  count: number;
  isBusy: boolean;
  onSame: (into: string) => void;
}

/** Says that a hirer is another one who is entered already. It is not taken back, so it is held. */
export function SameHirer({ hirer, count, isBusy, onSame }: Props) {
  const { t } = useTranslation();
  const [other, setOther] = useState<HirerChoice | null>(null);
  const into = other !== null && 'known' in other && other.known.id !== hirer.id ? other.known : null;

  return (
    <section className="hirer-same">
      <h3>{t('hirers.same')}</h3>
      <p>{t('hirers.same_words')}</p>
      <HirerField value={other} onChange={setOther} onlyKnown />
      {other !== null && into === null && <p role="alert">{t('hirers.same_itself')}</p>}
      {into !== null && (
        <HoldButton
          tone="oxide"
          testId="merge-hirer"
          disabled={isBusy}
          under={t('act.hold')}
          onHeld={() => onSame(into.id)}
        >
          {t('hirers.merge', { count, name: into.name })}
        </HoldButton>
      )}
    </section>
  );
}
