import MuiDrawer from '@mui/material/Drawer';
import { useEffect, useRef, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { pageChanged } from './touchGuard';
import './leaf.css';

interface Props {
  open: boolean;
  title: string;
  onClose: () => void;
  children: ReactNode;
  foot?: ReactNode;
}

/**
 * A leaf that slides over from the right edge, with an ink rule. Escape closes it; nothing typed in it is lost by
 * that.
 */
export function Drawer({ open, title, onClose, children, foot }: Props) {
  const { t } = useTranslation();
  const was = useRef(open);
  useEffect(() => {
    if (was.current !== open) {
      was.current = open;
      pageChanged();
    }
  }, [open]);

  return (
    <MuiDrawer
      anchor="right"
      open={open}
      onClose={onClose}
      transitionDuration={{ enter: 160, exit: 120 }}
      slotProps={{ paper: { 'aria-label': title, role: 'dialog' } }}
    >
      <div className="leaf">
        <header>
          <h2>{title}</h2>
          <button type="button" className="leaf-close" onClick={onClose}>
            {t('act.close')}
          </button>
        </header>
        {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls has to be reached by keys */}
        <div className="leaf-body" tabIndex={0} role="region" aria-label={title}>
          {children}
        </div>
        {foot !== undefined && <footer>{foot}</footer>}
      </div>
    </MuiDrawer>
  );
}
