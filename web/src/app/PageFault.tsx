import { Component, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Notice } from './Notice';

/** Whatever keeps a page from being drawn, a piece of it that did not come too, is said in place of an empty screen. */
export class PageFault extends Component<{ children: ReactNode }, { isFaulty: boolean }> {
  override state = { isFaulty: false };

  static getDerivedStateFromError(): { isFaulty: boolean } {
    return { isFaulty: true };
  }

  override render(): ReactNode {
    return this.state.isFaulty ? <CannotBeShown /> : this.props.children;
  }
}

function CannotBeShown() {
  const { t } = useTranslation();

  return <Notice words={t('state.page_fault')} act={t('state.load_again')} onAct={() => window.location.reload()} />;
}
