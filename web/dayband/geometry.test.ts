import { DayInput } from '@kotabi/core/model';
import { readDay } from '@kotabi/core/schedule';
import { describe, expect, it } from 'vitest';
import { bandScale, runPath, timeAndName, wrapped } from './geometry';

const day = DayInput.parse({ startMin: 540, endMin: 660 });
const scale = bandScale(day, 240, 100);

describe('the band of a day', () => {
  it('lays minutes and runs out to scale', () => {
    expect([scale.x(540), scale.x(600), scale.x(660)]).toEqual([0, 120, 240]);
    expect(scale.minuteAt(120)).toBe(600);
    expect(scale.y(0)).toBe(scale.base);
    expect(scale.y(50)).toBe((scale.base + scale.y(100)) / 2);
    expect(scale.y(120)).toBe(scale.y(100));
  });

  it('draws the run as what it is: a straight climb, a fall at each break', () => {
    const { run } = readDay(day, [{ startMin: 570, kindId: 'short' }]);
    // Up for 30 minutes, down at once, flat for the 5 of the break, up for the rest.
    const points = runPath(run, 540, scale).match(/[\d.]+ [\d.]+/g);
    const at = (minute: number, height: number) =>
      `${scale.x(minute).toFixed(1)} ${scale.y(height).toFixed(1)}`;
    expect(points).toEqual(expect.arrayContaining([at(570, 30), at(570, 0), at(575, 0), at(660, 85)]));
    expect(points!.length).toBeLessThanOrEqual(14);
  });
});

describe('the name of a break on its band', () => {
  it('is cut where there is room for most of it, and left out where too little would be left', () => {
    expect(timeAndName('10:30', 'Neck', 80)).toBe('10:30 Neck');
    expect(timeAndName('10:30', 'Wrists and hands after typing', 140)).toBe('10:30 Wrists and hands…');
    expect(timeAndName('10:30', 'Wrists and hands after typing', 70)).toBe('10:30');
    expect(timeAndName('10:30', '', 300)).toBe('10:30');
    for (let room = 0; room < 300; room += 7)
      expect(timeAndName('10:30', 'Wrists and hands after typing', room)).toMatch(/^10:30( \S{2}.{9,})?$/);
  });
});

describe('the name of a busy time on its band', () => {
  it('goes on in a second line where it does not fit one, and is cut only there', () => {
    expect(wrapped('crew call', 80)).toEqual(['crew call']);
    expect(wrapped('week ahead', 50)).toEqual(['week', 'ahead']);
    expect(wrapped('harbour office', 60)).toEqual(['harbour', 'office']);
    expect(wrapped('talk with the harbour', 60)).toEqual(['talk with', 'the harbo…']);
    expect(wrapped('accounting', 40)).toEqual(['accoun…']);
    expect(wrapped('look ahead', 20)).toEqual([]);
    for (let room = 0; room < 200; room += 3)
      for (const line of wrapped('tide tables of the week', room))
        expect(line.length).toBeLessThanOrEqual(Math.floor(room / 5.7));
  });
});
