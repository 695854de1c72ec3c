import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, type Schema } from '../../api/client';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { CurrencyField } from '../../app/CurrencyField';
import { ProblemWords } from '../../app/ProblemWords';

interface Props {
  yard: Schema['Yard'];
  mayKeep: boolean;
}

/** What is asked of a yard once: the number that its hirers ring, and the money in which it charges. */
export function YardFacts({ mayKeep }: { mayKeep: boolean }) {
  const yard = useQuery({ queryKey: ['yard'], queryFn: () => answer(api.GET('/api/yard')) }).data;

  return (
    yard !== undefined && (
      <>
        <YardNumber key={yard.phone} yard={yard} mayKeep={mayKeep} />
        <YardCurrency yard={yard} mayKeep={mayKeep} />
      </>
    )
  );
}

/** It stands on the page of a hirer and on the card. */
function YardNumber({ yard, mayKeep }: Props) {
  const { t } = useTranslation();
  const [phone, setPhone] = useState(yard.phone ?? '');
  const keep = useChangeYard();

  return (
    <section className="yard-fact">
      <div>
        <h2>{t('yard_number.title')}</h2>
        <p>{t('yard_number.words')}</p>
      </div>
      {mayKeep ? (
        <div className="yard-fact-kept">
          <TextField
            label={t('yard_number.label')}
            type="tel"
            value={phone}
            onChange={(event) => setPhone(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 40, 'data-testid': 'yard-phone' } }}
          />
          <Button
            tone="jade"
            testId="keep-phone"
            disabled={keep.isPending || phone.trim() === (yard.phone ?? '')}
            onClick={() => keep.mutate({ phone: phone.trim() === '' ? null : phone.trim() })}
          >
            {t('yard_number.keep')}
          </Button>
          {keep.isError && <ProblemWords problem={problemOf(keep.error, t('state.no_network'))} />}
        </div>
      ) : (
        <b>{yard.phone ?? t('yard_number.none')}</b>
      )}
    </section>
  );
}

/** What was charged before keeps its own. */
function YardCurrency({ yard, mayKeep }: Props) {
  const { t } = useTranslation();
  const keep = useChangeYard();

  return (
    <section className="yard-fact">
      <div>
        <h2>{t('money.currency')}</h2>
        <p>{t('money.words')}</p>
      </div>
      {mayKeep ? (
        <div className="yard-fact-kept">
          <CurrencyField
            value={yard.currency}
            onChange={(currency) => keep.mutate({ phone: yard.phone, currency })}
          />
          {keep.isError && <ProblemWords problem={problemOf(keep.error, t('state.no_network'))} />}
        </div>
      ) : (
        <b>{yard.currency}</b>
      )}
    </section>
  );
}

function useChangeYard() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['ChangeYard']) => answer(api.PUT('/api/yard', { body })),
    onSuccess: (now) => {
      queries.setQueryData(['yard'], now);
      void queries.invalidateQueries({ queryKey: ['session'] });
    },
  });
}
