import { cleanup } from '@testing-library/react';
import { afterEach } from 'vitest';
import { speak, speakOfEverything } from '../../src/app/texts';

await speak('en');
await speakOfEverything();
afterEach(() => {
  cleanup();
  localStorage.clear();
});
