import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { MiniPlan } from '../../plans/MiniPlan';

interface Family {
  id: string;
  name: string;
  drawing: string;
}

interface Props {
  families: Family[];
  value: string;
  fault: string | undefined;
  isFixed: boolean;
  onPick: (id: string) => void;
}

/** The family, by its drawing and its name. */
export function FamilyPicker({ families, value, fault, isFixed, onPick }: Props) {
  const { t } = useTranslation();

  return (
    <TextField
      select
      label={t('sheet.family')}
      value={value}
      disabled={isFixed}
      error={fault !== undefined}
      helperText={fault}
      onChange={(event) => onPick(event.target.value)}
      slotProps={{ select: { SelectDisplayProps: { 'data-testid': 'sheet-family' } as object } }}
    >
      {families.map((family) => (
        <MenuItem key={family.id} value={family.id} data-testid={`family-${family.id}`}>
          <span className="sheet-family">
            <MiniPlan name={family.drawing} width={84} height={40} />
            {family.name}
          </span>
        </MenuItem>
      ))}
    </TextField>
  );
}
