import { useId, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { sendOrKeep, useKeptPhoto } from '../../../offline/photos';
import { whatToDo } from '../../../api/problem';
import { useMe } from '../../session/useSession';
import './photoField.css';

interface Props {
  photos: string[];
  most: number;
  onPhotos: (photos: string[]) => void;
}

/** A picture in two taps: camera or file. What is shown is what is kept of it. */
export function PhotoField({ photos, most, onPhotos }: Props) {
  const { t } = useTranslation();
  const me = useMe();
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
      const name = await sendOrKeep(file, me.id);
      onPhotos([...photos.filter((one) => one !== name), name]);
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
            <Picture name={sha} />
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

/** A picture that the yard has, or one that is still on the tablet. */
function Picture({ name }: { name: string }) {
  const { t } = useTranslation();
  const kept = useKeptPhoto(name);
  if (kept === undefined) {
    return (
      <a href={`/api/photos/${name}`} target="_blank" rel="noreferrer">
        <img src={`/api/photos/${name}/thumbnail`} alt={t('photo.of_finding')} />
      </a>
    );
  }

  return (
    <figure>
      <img src={kept} alt={t('photo.of_finding')} />
      <figcaption>{t('photo.kept_here')}</figcaption>
    </figure>
  );
}
