import { useTranslation } from 'react-i18next';
import { Drawer } from '../../app/Drawer';
import { SecondFactorSteps } from './SecondFactorSteps';
import { useMe } from './useSession';

export function SecondFactorDrawer({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const isSet = useMe().second_factor?.is_set === true;

  return (
    <Drawer open title={t('second_factor.title')} onClose={onClose}>
      <SecondFactorSteps isSet={isSet} onDone={onClose} />
    </Drawer>
  );
}
