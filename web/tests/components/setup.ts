import { cleanup } from '@testing-library/react';
import { afterEach } from 'vitest';
import { speak } from '../../src/app/texts';

await speak('en');
afterEach(() => {
  cleanup();
  localStorage.clear();
});
