import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import InputLabel from '@mui/material/InputLabel';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useId } from 'react';

interface Props {
  label: string;
  value: string;
  testId: string;
  type?: string;
  autoComplete: string;
  error?: boolean;
  helperText?: string;
  onChange: (value: string) => void;
}

/**
 * A text field of the first page: put together from its parts, since the ready-made one brings menus and lists along.
 */
export function TextInput(
  { label, value, testId, type = 'text', autoComplete, error = false, helperText, onChange }: Props,
) {
  const id = useId();

  return (
    <FormControl required fullWidth error={error} variant="outlined">
      <InputLabel htmlFor={id}>{label}</InputLabel>
      <OutlinedInput
        id={id}
        label={label}
        type={type}
        value={value}
        autoComplete={autoComplete}
        aria-describedby={helperText === undefined ? undefined : `${id}-help`}
        inputProps={{ 'data-testid': testId, autoCapitalize: 'none' }}
        onChange={(event) => onChange(event.target.value)}
      />
      {helperText !== undefined && <FormHelperText id={`${id}-help`}>{helperText}</FormHelperText>}
    </FormControl>
  );
}
