import { describe, expect, it } from 'vitest';
import { readTable } from '../src/app/readTable';

const of = (...bytes: number[]) => readTable(new Blob([new Uint8Array(bytes)]));

describe('a table', () => {
  it('is read as UTF-8, with its mark or without', async () => {
    expect(await of(0xc3, 0xb3)).toBe('ó');
    expect(await of(0xef, 0xbb, 0xbf, 0x41)).toBe('A');
  });

  it('is read as Windows-1252 where it is no UTF-8', async () => {
    expect(await of(0x43, 0xf3, 0x6e)).toBe('Cón');
  });
});
