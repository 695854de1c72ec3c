import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';

interface Props {
  features: { id: string; words: string }[];
  /** What every machine of the family has. */
  given: string[];
  chosen: string[];
  fault: string | undefined;
  onChoose: (features: string[]) => void;
}

/** What the model has beyond its family; a press gives it, another takes it back. */
export function FeaturePicker({ features, given, chosen, fault, onChoose }: Props) {
  const { t } = useTranslation();
  const [wanted, setWanted] = useState('');
  const shown = features.filter(
    (one) => !given.includes(one.id) && one.words.toLowerCase().includes(wanted.trim().toLowerCase()),
  );
  const toggle = (id: string) => onChoose(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);

  return (
    <section className="sheet-features" aria-label={t('sheet.features')}>
      <h2>{t('sheet.features')}</h2>
      {fault !== undefined && <p className="sheet-fault">{fault}</p>}
      <TextField label={t('sheet.find_feature')} value={wanted} onChange={(event) => setWanted(event.target.value)} />
      <ul>
        {shown.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              aria-pressed={chosen.includes(one.id)}
              data-testid={`feature-${one.id}`}
              onClick={() => toggle(one.id)}
            >
              {one.words}
            </button>
          </li>
        ))}
      </ul>
      {shown.length === 0 && <p>{t('sheet.no_feature')}</p>}
    </section>
  );
}
