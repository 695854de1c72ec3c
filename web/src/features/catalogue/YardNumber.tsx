import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api, type Schema } from '../../api/client';
import { problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { CurrencyField } from '../../app/CurrencyField';
import { ProblemWords } from '../../app/ProblemWords';

/** The number that hirers ring: on their page and on the card. */
export function YardNumber({ mayKeep }: { mayKeep: boolean }) {
  const yard = useQuery({ queryKey: ['yard'], queryFn: () => answer(api.GET('/api/yard')) }).data;

  return yard === undefined ? null : <NumberField key={yard.phone} yard={yard} mayKeep={mayKeep} />;
}

function NumberField({ yard, mayKeep }: { yard: Schema['Yard']; mayKeep: boolean }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [phone, setPhone] = useState(yard.phone ?? '');
  const keep = useMutation({
    mutationFn: (body: Schema['ChangeYard']) => answer(api.PUT('/api/yard', { body })),
    onSuccess: (now) => {
      queries.setQueryData(['yard'], now);
      void queries.invalidateQueries({ queryKey: ['session'] });
    },
  });

  return (
    <section className="yard-number">
      <div>
        <h2>{t('yard_number.title')}</h2>
        <p>{t('yard_number.words')}</p>
      </div>
      {mayKeep ? (
        <div className="yard-number-kept">
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
          <CurrencyField
            value={yard.currency}
            words={t('money.words')}
            onChange={(currency) => keep.mutate({ phone: yard.phone, currency })}
          />
          {keep.isError && <ProblemWords problem={problemOf(keep.error, t('state.no_network'))} />}
        </div>
      ) : (
        <p>
          <b>{yard.phone ?? t('yard_number.none')}</b> {yard.currency}
        </p>
      )}
    </section>
  );
}
