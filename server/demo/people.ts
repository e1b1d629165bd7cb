import { Group, Person } from '@kotabi/core/model';

/** The shore office of a small ferry line. Everything and everyone here is invented. */
export const demoGroups: Group[] = [
  {
    id: 'timetable-desk',
    name: 'Timetable desk',
    site: 'Shore office, room with the harbour map',
    timeZone: 'Europe/Lisbon',
    days: [1, 2, 3, 4, 5],
    hours: { startMin: 540, endMin: 1050 },
    lunch: { startMin: 750, endMin: 795 },
    meets: 'in the room',
    seats: { castors: true, arms: true, highBack: false },
    things: ['desk', 'chair', 'wall'],
    hopes: 'Necks by eleven o’clock, wrists by four.',
    reminders: { leadMin: 5 },
  },
  {
    id: 'call-desk',
    name: 'Call desk, early shift',
    site: 'Shore office, ground floor',
    timeZone: 'Europe/Lisbon',
    days: [1, 2, 3, 4, 5, 6],
    hours: { startMin: 360, endMin: 840 },
    lunch: { startMin: 600, endMin: 630 },
    meets: 'in the room',
    seats: { castors: true, arms: false, highBack: true },
    things: ['desk', 'chair'],
    hopes: 'Something that works with a headset on.',
  },
  {
    id: 'claims',
    name: 'Claims team',
    site: 'At home, by video',
    timeZone: 'Europe/Lisbon',
    days: [1, 2, 3, 4],
    hours: { startMin: 510, endMin: 990 },
    lunch: { startMin: 735, endMin: 780 },
    meets: 'remote',
    seats: { castors: false, arms: false, highBack: false },
    things: ['desk', 'chair', 'towel'],
    hopes: 'To get up from the screen with a clear head.',
  },
].map((g) => Group.parse(g));

const person = (
  id: string,
  groupId: string,
  name: string,
  tight: Person['tight'],
  more: Partial<Pick<Person, 'limits' | 'note' | 'mail'>> = {},
): Person => Person.parse({ id, groupId, name, tight, consent: true, measuring: true, ...more });

export const demoPeople: Person[] = [
  person('p-1', 'timetable-desk', 'Ilse M.', [{ area: 'neck', side: 'right' }], {
    limits: [{ limit: 'neck', side: 'right' }],
    note: 'Two screens, the large one on the right.',
  }),
  person('p-2', 'timetable-desk', 'Tomé', [{ area: 'forearm', side: 'both' }], {
    limits: [{ limit: 'wrist or hand', side: 'right' }],
    mail: 'tome@shore-office.example',
  }),
  person('p-3', 'timetable-desk', 'R. Quint', [{ area: 'shoulder', side: 'left' }], {
    limits: [{ limit: 'shoulder', side: 'left' }],
    note: 'Prefers not to lift the arms above the head.',
  }),
  person('p-4', 'timetable-desk', 'Anouk', [{ area: 'upper back', side: 'both' }], {
    limits: [{ limit: 'low back' }, { limit: 'pregnancy' }],
  }),
  person('p-9', 'timetable-desk', 'Sverre', [], { limits: [{ limit: 'dizziness' }] }),
  person('p-5', 'call-desk', 'Bram', [{ area: 'neck', side: 'both' }], { note: 'Headset on until ten.' }),
  person('p-6', 'call-desk', 'Xenia', [{ area: 'low back', side: 'both' }], {
    limits: [{ limit: 'osteoporosis' }],
  }),
  person('p-7', 'claims', 'Oda', [{ area: 'hand', side: 'right' }], { limits: [{ limit: 'hypermobility' }] }),
  person('p-8', 'claims', 'Pelle', [], { limits: [{ limit: 'cannot stand' }] }),
];
