import type {} from '@mui/x-date-pickers/themeAugmentation';
import { createTheme, type Shadows } from '@mui/material/styles';

const noShadows = Array(25).fill('none') as Shadows;

/** A field with its outline in ink; the names of its parts begin with that of the component. */
function field(component: string) {
  const outline = `.${component}-notchedOutline`;

  return {
    backgroundColor: 'var(--sheet)',
    fontSize: 18,
    fontWeight: 600,
    [`& ${outline}`]: { borderColor: 'var(--ink)', borderWidth: 1.5 },
    [`& ${outline} legend`]: { fontSize: '0.88em' },
    [`&:hover ${outline}`]: { borderColor: 'var(--ink)' },
    [`&.Mui-focused ${outline}`]: { borderColor: 'var(--ink)', borderWidth: 3 },
    // A wrong field is held by a bracket of ink; red is for tag-outs alone.
    [`&.Mui-error ${outline}`]: { borderColor: 'var(--ink)', borderLeftWidth: 7 },
  };
}

/** MUI speaks in the ledger's own tokens: flat, square, without ripple. */
export const theme = createTheme({
  cssVariables: { nativeColor: true },
  palette: {
    primary: { main: 'var(--jade)', contrastText: 'var(--sheet)' },
    warning: { main: 'var(--ochre)', contrastText: 'var(--on-ochre)' },
    error: { main: 'var(--oxide)', contrastText: 'var(--sheet)' },
    background: { default: 'var(--paper)', paper: 'var(--sheet)' },
    text: { primary: 'var(--ink)', secondary: 'var(--ink-2)', disabled: 'var(--ink-2)' },
    action: { disabled: 'var(--ink-2)' },
    divider: 'var(--rule)',
  },
  shape: { borderRadius: 0 },
  shadows: noShadows,
  typography: {
    fontFamily: 'var(--grotesque)',
    body1: { fontSize: 16, lineHeight: 1.3, fontWeight: 500, letterSpacing: 0 },
    button: { textTransform: 'none' },
  },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true, disableTouchRipple: true } },
    MuiDrawer: {
      styleOverrides: {
        paper: {
          backgroundColor: 'var(--paper)',
          backgroundImage: 'none',
          borderLeft: '1.5px solid var(--ink)',
          width: 'min(560px, 100vw)',
        },
      },
    },
    MuiBackdrop: { styleOverrides: { root: { backgroundColor: 'color-mix(in srgb, var(--ink) 34%, transparent)' } } },
    MuiInputLabel: {
      styleOverrides: {
        root: {
          color: 'var(--ink-2)',
          fontSize: 17,
          fontWeight: 600,
          '&.MuiInputLabel-shrink': { transform: 'translate(14px, -10px) scale(0.88)' },
          '&.Mui-focused': { color: 'var(--ink)' },
          '&.Mui-error': { color: 'var(--ink)' },
        },
      },
    },
    MuiOutlinedInput: { styleOverrides: { root: field('MuiOutlinedInput') } },
    // The fields of dates are another component than those of text: they look the same.
    MuiPickersOutlinedInput: { styleOverrides: { root: field('MuiPickersOutlinedInput') } },
    // Its own grey is for paper alone, and vanishes at night.
    MuiIconButton: { styleOverrides: { root: { color: 'var(--ink-2)' } } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          minHeight: 48,
          padding: '6px 16px',
          border: '1.5px solid var(--ink)',
          color: 'var(--ink)',
          fontSize: 17,
          fontWeight: 650,
          letterSpacing: 0,
          '&.Mui-selected, &.Mui-selected:hover': { backgroundColor: 'var(--ink)', color: 'var(--sheet)' },
        },
      },
    },
    MuiFormHelperText: {
      styleOverrides: {
        root: {
          fontSize: 15,
          fontWeight: 600,
          color: 'var(--ink-2)',
          marginLeft: 2,
          '&.Mui-error': { color: 'var(--ink)' },
        },
      },
    },
  },
});
