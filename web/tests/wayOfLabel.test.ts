import { describe, expect, it } from 'vitest';
import { wayOfLabel } from '../src/features/find/wayOfLabel';

const YARD = 'https://jade.ternquay.example';
const ID = '01a22304-d94f-7131-b649-be1723697b58';

describe('what the square of a label leads to', () => {
  it.each([
    [`${YARD}/app/fleet/${ID}`, `/fleet/${ID}`],
    [`${YARD}/app/walks/${ID}?decision`, `/walks/${ID}?decision`],
  ])('%s', (text, way) => expect(wayOfLabel(text, YARD)).toBe(way));

  it.each([
    `https://elsewhere.example/app/fleet/${ID}`,
    `http://jade.ternquay.example/app/fleet/${ID}`,
    `${YARD}/app/people`,
    `${YARD}/app/fleet/${ID}/../../api/session`,
    'javascript:alert(1)',
    'E-09',
    '',
  ])('is nowhere for %s', (text) => expect(wayOfLabel(text, YARD)).toBeNull());
});
