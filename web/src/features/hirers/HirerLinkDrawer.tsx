import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { shortDate } from '../../app/figures';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { QrCode } from '../session/QrCode';
import { useHirerLink } from './useHirerLink';
import './hirerLink.css';

const LANGUAGES = ['en', 'es', 'fr'] as const;

/** What the hirer takes along on a phone: the square to read, the same link by mail, and how to take it back. */
export function HirerLinkDrawer({ hireId, onClose }: { hireId: string; onClose: () => void }) {
  const { t } = useTranslation();
  const { link, make, revoke, mail } = useHirerLink(hireId);
  const fault = make.error ?? revoke.error ?? mail.error ?? link.error;
  const held = link.data?.link ?? null;

  return (
    <Drawer open title={t('hirer_link.title')} onClose={onClose}>
      <p>{t('hirer_link.words')}</p>
      {link.data !== undefined && link.data.phone === null && (
        <p className="link-warning" role="status">
          {t('hirer_link.no_phone')}
        </p>
      )}
      {fault !== null && <ProblemWords problem={problemOf(fault, t('state.no_network'))} />}
      {link.data !== undefined && held === null && (
        <Button tone="jade" testId="make-link" disabled={make.isPending} onClick={() => make.mutate()}>
          {t('hirer_link.make')}
        </Button>
      )}
      {held !== null && (
        <>
          <div className="link-square" data-testid="link-square">
            <QrCode rows={held.square} label={t('hirer_link.square')} />
            <p>
              {held.opened_at === null
                ? t('hirer_link.not_opened')
                : t('hirer_link.opened', { when: shortDate(held.opened_at) })}
              <br />
              {t('hirer_link.until', { when: shortDate(held.expires_at) })}
            </p>
          </div>
          <TextField
            label={t('hirer_link.address')}
            value={held.address}
            multiline
            slotProps={{ htmlInput: { readOnly: true, 'data-testid': 'link-address' } }}
            onFocus={(event) => event.target.select()}
          />
        </>
      )}
      {link.data !== undefined && (
        <MailForm
          to={link.data.mail ?? ''}
          busy={mail.isPending}
          sentTo={mail.isSuccess ? mail.variables.to : null}
          onSend={(body) => mail.mutate(body)}
        />
      )}
      {held !== null && (
        <HoldButton
          tone="oxide"
          testId="revoke-link"
          disabled={revoke.isPending}
          under={t('act.hold')}
          onHeld={() => revoke.mutate()}
        >
          {t('hirer_link.revoke')}
        </HoldButton>
      )}
    </Drawer>
  );
}

interface MailProps {
  to: string;
  busy: boolean;
  sentTo: string | null;
  onSend: (body: Schema['MailHirer']) => void;
}

/** Card and link by mail, in the language of whoever reads them. */
function MailForm({ to: known, busy, sentTo, onSend }: MailProps) {
  const { t, i18n } = useTranslation();
  const [to, setTo] = useState(known);
  const [language, setLanguage] = useState<(typeof LANGUAGES)[number]>(i18n.language === 'es' ? 'es' : 'en');

  return (
    <section className="link-mail">
      <TextField
        label={t('hirer_link.to')}
        type="email"
        value={to}
        onChange={(event) => setTo(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 120, 'data-testid': 'mail-to' } }}
      />
      <div className="choices">
        {LANGUAGES.map((one) => (
          <Button key={one} pressed={one === language} testId={`mail-${one}`} onClick={() => setLanguage(one)}>
            {t(`hirer_link.in_${one}`)}
          </Button>
        ))}
      </div>
      <Button
        testId="send-mail"
        disabled={busy || !/^[^@\s]+@[^@\s]+$/.test(to.trim())}
        onClick={() => onSend({ to: to.trim(), language })}
      >
        {t('hirer_link.send')}
      </Button>
      {sentTo !== null && (
        <p role="status" data-testid="mail-sent">
          {t('hirer_link.sent', { to: sentTo })}
        </p>
      )}
    </section>
  );
}
