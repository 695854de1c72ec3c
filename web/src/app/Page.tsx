import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { NavLink } from 'react-router';
import { useSession } from '../features/session/useSession';
import { Find } from './Find';
import { NotTakenElsewhere } from './NotTakenElsewhere';
import { ReceiptsDiffer } from './ReceiptsDiffer';
import { WrongClock } from './WrongClock';
import './page.css';

export interface Posting {
  initials: string;
  time: string;
}

interface Props {
  title: ReactNode;
  sub?: ReactNode;
  right?: ReactNode;
  folio?: ReactNode;
  leaf: ReactNode;
  /** What has to be said before anything else on this page. */
  notices?: ReactNode;
  postings?: Posting[];
  tabs?: boolean;
  /** A page of words only: the keyboard has to be able to scroll it. */
  isRead?: boolean;
  className?: string;
  children: ReactNode;
}

/** A page of the book: the margin at the left, the head line, and at a desk the thumb index at the right edge. */
export function Page({
  title,
  sub,
  right,
  folio,
  leaf,
  notices,
  postings = [],
  tabs = false,
  isRead = false,
  className = '',
  children,
}: Props) {
  return (
    <div className={`page ${tabs ? 'with-tabs' : ''} ${className}`}>
      <Margin folio={folio} leaf={leaf} postings={postings} />
      <header className="head">
        <div className="head-words">
          <h1>{title}</h1>
          {sub !== undefined && <div className="head-sub">{sub}</div>}
        </div>
        <div className="head-right">{right}</div>
      </header>
      <div className="page-notices">
        <WrongClock />
        <NotTakenElsewhere />
        <ReceiptsDiffer />
        {notices}
      </div>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls has to be reached by keys */}
      <main className="page-body" tabIndex={isRead ? 0 : undefined}>
        {children}
      </main>
      {tabs && <Tabs />}
    </div>
  );
}

function Margin({ folio, leaf, postings }: { folio?: ReactNode; leaf: ReactNode; postings: Posting[] }) {
  return (
    <aside className="margin">
      <div className="margin-j" aria-hidden="true">
        J
      </div>
      <ul className="margin-postings">
        {postings.map((posting, at) => (
          <li key={`${posting.time}-${at}`}>
            {posting.initials}
            <span>{posting.time}</span>
          </li>
        ))}
      </ul>
      <div className="margin-folio">
        {folio !== undefined && <b>{folio}</b>} {leaf}
      </div>
    </aside>
  );
}

function Tabs() {
  const { t } = useTranslation();
  const me = useSession().data?.user;

  return (
    <nav className="tabs" aria-label={t('page.tabs')}>
      <NavLink to="/" end>
        {t('page.day')}
      </NavLink>
      <NavLink to="/fleet">{t('page.fleet')}</NavLink>
      <NavLink to="/service">{t('page.service')}</NavLink>
      {me?.may.book === true && <NavLink to="/hirers">{t('page.hirers')}</NavLink>}
      <NavLink to="/catalogue">{t('page.catalogue')}</NavLink>
      <NavLink to="/people">{t('page.people')}</NavLink>
      <Find />
    </nav>
  );
}
