import { useTranslation } from 'react-i18next';
import { receipts, useReceipts } from '../offline/receipts';

/** Says on every page that the ledger is not what it was when this tablet posted to it. */
export function ReceiptsDiffer() {
  const { t } = useTranslation();

  return useReceipts().map(({ chain, machine }) => (
    <p key={chain} className="receipt-differs" role="alert" data-testid="receipt-differs">
      <span>{t(machine === null ? 'receipts.of_chain' : 'receipts.of_machine', { machine })}</span>
      <button type="button" data-testid="receipt-told" onClick={() => void receipts.told(chain)}>
        {t('receipts.told')}
      </button>
    </p>
  ));
}
