import { spawnSync } from 'node:child_process';
import { calendarText, entriesOf, nextEntries } from '@kotabi/core/formats';
import { Group, Week } from '@kotabi/core/model';
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';

/** Debian's Python with its `icalendar` package; the check installs it where it may. */
const python = process.env.KOTABI_READER;

const READ = `
import json, sys
from icalendar import Calendar
calendar = Calendar.from_ical(sys.stdin.buffer.read())
print(json.dumps([{
  "uid": str(e["UID"]), "summary": str(e["SUMMARY"]), "description": str(e["DESCRIPTION"]),
  "sequence": int(e["SEQUENCE"]), "errors": len(e.errors),
  "start": round(e["DTSTART"].dt.timestamp() * 1000), "end": round(e["DTEND"].dt.timestamp() * 1000),
} for e in calendar.walk("VEVENT")]))
`;

describe('the calendar file in a reader that is not JavaScript', () => {
  // Left out only where Debian's package may not be installed; the check says so before the tests.
  it.skipIf(!python)('has the same times, ids and words, over a change of clocks too', () => {
    for (const zone of ['Europe/Lisbon', 'Australia/Lord_Howe', 'America/Santiago']) {
      const group = Group.parse({
        id: 'g',
        name: 'Fährbüro; Fahrplan, Süd',
        timeZone: zone,
        days: [1, 2, 3, 4, 5, 6, 7],
        hours: { startMin: 1320, endMin: 1800 },
        lunch: null,
      });
      const dates = ['2026-10-24', '2026-10-25', '2027-04-03', '2027-04-04'];
      const week = Week.parse({
        id: 'w',
        groupId: 'g',
        startDate: dates[0],
        rule: {},
        days: dates.map((date) => ({
          date,
          breaks: [{ id: `${date}.1`, startMin: 1430, kindId: 'short', breakId: 'b' }],
        })),
      });
      const about = { name: 'Neck, wrists; and so on', lines: ['Größe; 腰を伸ばす '.repeat(9), 'a\\b'] };
      const entries = entriesOf(week, group, () => about);
      const text = calendarText({
        name: group.name,
        entries: nextEntries([], entries, '2026-10-20T08:00:00Z'),
        alarmMin: 5,
      });
      const { stdout, stderr } = spawnSync(String(python), ['-c', READ], { input: text, encoding: 'utf8' });
      expect(stderr).toBe('');
      expect(JSON.parse(stdout)).toEqual(
        entries.map((e) => {
          const start = DateTime.fromISO(`${e.date}T23:50:00`, { zone }).toMillis();
          return {
            uid: e.uid,
            summary: about.name,
            description: about.lines.join('\n'),
            sequence: 0,
            errors: 0,
            start,
            end: start + 300_000,
          };
        }),
      );
    }
  });
});
