import { useId, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ProblemError, whatToDo } from '../../api/problem';
import { pagesOfPdf } from '../../offline/pagesOfPdf';
import { sendOrKeep } from '../../offline/photos';
import { useMe } from '../session/useSession';

interface Props {
  photos: string[];
  most: number;
  onPhotos: (photos: string[]) => void;
}

/** A scan that is a PDF: its pages become pictures, as if each had been taken here. */
export function PdfField({ photos, most, onPhotos }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const id = useId();
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (file === undefined) {
      return;
    }
    setBusy(true);
    setSaid(null);
    try {
      const { pages, left } = await pagesOfPdf(file, most - photos.length);
      const names: string[] = [];
      for (const page of pages) {
        names.push(await sendOrKeep(page, me.id));
      }
      onPhotos([...photos.filter((one) => !names.includes(one)), ...names]);
      setSaid(left > 0 ? t('office.pdf_left', { count: left, most }) : null);
    } catch (error) {
      setSaid(error instanceof ProblemError ? whatToDo(error, '') : t('office.pdf_unreadable'));
    } finally {
      setBusy(false);
    }
  };

  return (
    <div className="pdf-field">
      <label htmlFor={id} className="pdf-take">
        {t(busy ? 'office.pdf_reading' : 'office.pdf')}
      </label>
      <input
        id={id}
        className="sr"
        type="file"
        accept="application/pdf"
        data-testid="pdf"
        disabled={busy || photos.length >= most}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {said !== null && <p role="alert">{said}</p>}
    </div>
  );
}
