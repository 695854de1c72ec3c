import { useId, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { sendPhoto } from '../../api/client';
import { whatToDo } from '../../api/problem';
import './photoField.css';

interface Props {
  photos: string[];
  most: number;
  onPhotos: (photos: string[]) => void;
}

/** A picture in two taps: camera or file. What is shown is what is kept of it. */
export function PhotoField({ photos, most, onPhotos }: Props) {
  const { t } = useTranslation();
  const id = useId();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (file === undefined) {
      return;
    }
    setBusy(true);
    setProblem(null);
    try {
      const photo = await sendPhoto(file);
      onPhotos([...photos.filter((sha) => sha !== photo.sha256), photo.sha256]);
    } catch (error) {
      setProblem(whatToDo(error, t('photo.no_network')));
    } finally {
      setBusy(false);
    }
  };

  return (
    <div className="photo-field">
      <ul>
        {photos.map((sha) => (
          <li key={sha}>
            <a href={`/api/photos/${sha}`} target="_blank" rel="noreferrer">
              <img src={`/api/photos/${sha}/thumbnail`} alt={t('photo.of_finding')} />
            </a>
          </li>
        ))}
        {photos.length < most && (
          <li>
            <label htmlFor={id} className="photo-take">
              {busy ? t('photo.sending') : t('photo.take')}
            </label>
            <input
              id={id}
              className="sr"
              type="file"
              accept="image/jpeg,image/png,image/webp"
              capture="environment"
              data-testid="photo"
              disabled={busy}
              onChange={(event) => {
                void take(event.target.files?.[0]);
                event.target.value = '';
              }}
            />
          </li>
        )}
      </ul>
      {problem !== null && (
        <p className="photo-problem" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}
