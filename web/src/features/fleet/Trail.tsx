import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { shortDate } from '../../app/figures';
import { LongList, type Measured } from '../../app/LongList';
import { Mark } from '../../marks/Mark';
import { useTrail } from './useFleet';

/** The posting trail, newest first. A struck entry keeps its place and stays legible. */
export function Trail({ machineId }: { machineId: string }) {
  const { t } = useTranslation();
  const trail = useTrail(machineId);
  const entries = trail.data?.pages.flatMap((page) => page.entries) ?? [];

  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls has to be reached by keys
    <section className="trail" aria-label={t('fleet.trail')} tabIndex={0}>
      <h2>{t('fleet.trail')}</h2>
      {trail.isPending && <p>{t('state.fetching')}</p>}
      {trail.isError && <p>{t('state.no_network')}</p>}
      {trail.isSuccess && entries.length === 0 && <p className="trail-empty">{t('fleet.no_entries')}</p>}
      <table>
        <tbody>
          <LongList
            items={entries}
            keyOf={(entry) => entry.id}
            as="tr"
            height={54}
            pages={trail}
            row={(entry, measured) => <TrailLine entry={entry} measured={measured} />}
          />
        </tbody>
      </table>
    </section>
  );
}

function TrailLine({ entry, measured }: { entry: Schema['Entry']; measured: Measured }) {
  const { t } = useTranslation();
  const struck = entry.struck_by;

  return (
    <tr className={struck === null ? '' : 'struck'} data-testid="trail-entry" {...measured}>
      <td className="trail-number">{entry.sequence}</td>
      <td className="trail-when">
        <i>{entry.actor.initials}</i> {shortDate(entry.recorded_at)}
      </td>
      <td className="trail-mark">{entry.outcome !== null && <Mark outcome={entry.outcome} size={18} />}</td>
      <td className="trail-words">
        <b>{struck === null ? entry.title : <s>{entry.title}</s>}</b>{' '}
        {struck === null ? entry.words : <s>{entry.words}</s>}
        {entry.entered_by !== null && <i>{t('fleet.entered_by', { who: entry.entered_by.name })}</i>}
        {entry.clock !== null && (
          <i>
            {t(entry.clock.seconds_ahead > 0 ? 'clock.was_ahead' : 'clock.was_behind', {
              minutes: Math.round(Math.abs(entry.clock.seconds_ahead) / 60),
              time: shortDate(entry.clock.device_at),
            })}
          </i>
        )}
        {struck !== null && (
          <i>
            {t('fleet.struck', { who: struck.actor.name, when: shortDate(struck.recorded_at), because: struck.reason })}
          </i>
        )}
      </td>
      <td className="trail-hash" title={entry.hash}>
        {entry.hash.slice(0, 8)}
      </td>
    </tr>
  );
}
