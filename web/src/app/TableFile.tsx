import { useTranslation } from 'react-i18next';
import { Button } from './Button';
import './tableFile.css';

export type TableMode = 'all_or_nothing' | 'each_row';

interface Props {
  file: File | null;
  mode: TableMode;
  /** What the names of its parts begin with in tests. */
  testId: string;
  onFile: (file: File | null) => void;
  onMode: (mode: TableMode) => void;
}

/** Which table, and what becomes of its good rows when others are not. */
export function TableFile({ file, mode, testId, onFile, onMode }: Props) {
  const { t } = useTranslation();

  return (
    <>
      <label className="table-file">
        <b>{file?.name ?? t('table.choose')}</b>
        <input
          type="file"
          accept=".csv,text/csv"
          data-testid={`${testId}-file`}
          // The same file, mended in the meantime, is a choice too.
          onClick={(event) => { event.currentTarget.value = ''; }}
          onChange={(event) => onFile(event.target.files?.[0] ?? null)}
        />
      </label>
      <div className="table-modes" role="group" aria-label={t('table.mode')}>
        {(['all_or_nothing', 'each_row'] as const).map((one) => (
          <Button
            key={one}
            pressed={mode === one}
            under={t(`table.${one}_words`)}
            testId={`${testId}-${one}`}
            onClick={() => onMode(one)}
          >
            {t(`table.${one}`)}
          </Button>
        ))}
      </div>
    </>
  );
}
