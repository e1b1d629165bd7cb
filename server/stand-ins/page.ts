import type { Mode } from './mode';

interface Shown {
  id: string;
  name: string;
  mode: Mode;
  meetings: readonly { id: string; label: string; when: string }[];
}

const asHtml = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** A minute of the day as hours and minutes; a day is never left. */
export const clockText = (minute: number): string => {
  const m = ((minute % 1440) + 1440) % 1440;
  return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`;
};

const MODES: readonly { mode: Mode; says: string }[] = [
  { mode: 'answers', says: 'answers' },
  { mode: 'slow', says: 'answers slowly' },
  { mode: 'silent', says: 'does not answer' },
];

const button = (action: string, fields: Record<string, string>, text: string, on = false): string => {
  const hidden = Object.entries(fields)
    .map(([name, value]) => `<input type="hidden" name="${name}" value="${asHtml(value)}">`)
    .join('');
  return `<form method="post" action="${action}">${hidden}<button${on ? ' aria-pressed="true"' : ''}>${asHtml(text)}</button></form>`;
};

const section = ({ id, name, mode, meetings }: Shown): string => {
  const modes = MODES.map((m) =>
    button(`/calendars/${id}/mode`, { mode: m.mode }, m.says, m.mode === mode),
  ).join('');
  const rows = meetings
    .map(
      (m) =>
        `<li><span>${asHtml(m.label)}</span><span>${m.when}</span>${button(`/calendars/${id}/move`, { meetingId: m.id, byMin: '-30' }, '30 min earlier')}${button(`/calendars/${id}/move`, { meetingId: m.id, byMin: '30' }, '30 min later')}</li>`,
    )
    .join('');
  return `<section><h2>${asHtml(name)}</h2><div class="row">${modes}</div><ul>${rows}</ul></section>`;
};

const STYLE = `
  body { font: 16px/1.5 system-ui, sans-serif; margin: 0; padding: 24px; background: #f5f1e8; color: #20293a; }
  main { max-width: 760px; margin: auto; }
  section { background: #fffdf8; border: 1px solid #e3dbcb; border-radius: 10px; padding: 12px 16px; margin: 12px 0; }
  h1 { font-size: 22px; } h2 { font-size: 17px; margin: 0 0 8px; }
  .row, li { display: flex; gap: 8px; align-items: center; flex-wrap: wrap; }
  ul { list-style: none; padding: 0; margin: 8px 0 0; } li { padding: 4px 0; }
  li span { min-width: 150px; } form { margin: 0; }
  button { font: inherit; padding: 4px 12px; border-radius: 8px; border: 1px solid #857a66; background: #fffdf8; }
  button[aria-pressed] { background: #3f6b5c; color: #fffdf8; border-color: #3f6b5c; }
`;

/** The page on which the stand-in is told what to do. */
export const standInPage = (calendars: readonly Shown[]): string =>
  `<!doctype html><html lang="en"><meta charset="utf-8"><title>Stand-in calendars</title><style>${STYLE}</style><main><h1>Stand-in calendars</h1><p>These calendars stand in for those of the people. Move a meeting, or make a calendar slow or silent, and see what the plan does.</p>${calendars.map(section).join('')}</main></html>`;
