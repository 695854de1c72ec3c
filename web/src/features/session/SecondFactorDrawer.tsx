import { useTranslation } from 'react-i18next';
import { Drawer } from '../../app/Drawer';
import { SecondFactorSteps } from './SecondFactorSteps';

export function SecondFactorDrawer({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();

  return (
    <Drawer open title={t('second_factor.title')} onClose={onClose}>
      <SecondFactorSteps onDone={onClose} />
    </Drawer>
  );
}
