import { describe, expect, it } from 'vitest';
import { weekAhead } from './week-ahead';

const office = { days: [1, 2, 3, 4, 5], hours: { startMin: 540, endMin: 1050 } };
const shift = { days: [1, 2, 3, 4, 5, 6], hours: { startMin: 1320, endMin: 1800 } };

describe('the week in which a group works next', () => {
  it.each([
    ['Monday morning', office, { date: '2026-11-23', minute: 0 }, '2026-11-23'],
    ['Friday at five', office, { date: '2026-11-27', minute: 1020 }, '2026-11-23'],
    ['Friday, when they go home', office, { date: '2026-11-27', minute: 1050 }, '2026-11-30'],
    ['Saturday', office, { date: '2026-11-28', minute: 0 }, '2026-11-30'],
    ['Sunday', office, { date: '2026-11-29', minute: 1439 }, '2026-11-30'],
    ['a shift that begins on Saturday night', shift, { date: '2026-11-28', minute: 1439 }, '2026-11-23'],
    ['Sunday for that shift', shift, { date: '2026-11-29', minute: 0 }, '2026-11-30'],
  ])('%s', (_, group, now, monday) => expect(weekAhead(group, now)).toBe(monday));
});
