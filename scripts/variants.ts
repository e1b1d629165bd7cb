import { mkdirSync, writeFileSync } from 'node:fs';
import { cueContext } from '@kotabi/core/approach';
import { cuesOf, placeWord, resolveCue } from '@kotabi/core/cues';
import { library } from '@kotabi/core/library/all';
import {
  defaultApproach,
  Limit,
  type Move,
  type Position,
  rungsIn,
  Thing,
  variantOf,
} from '@kotabi/core/model';
import { answerFor, answerText, cautionsOf, demandsOf } from '@kotabi/core/needs';
import { figureMarkup } from '../web/figure/markup';

// A page for developers: every move on every rung in every position, with its picture both ways, its words, what it asks,
// what is said with it and who does otherwise. `npm run variants` writes it to .check/variants.html; words to narrow it down
// may follow: `npm run variants -- neck`.
const [narrow = ''] = process.argv.slice(2);
const lookup = (id: string): Move | undefined => library.find((m) => m.id === id);
const room = { limits: [], things: Thing.options };

const escaped = (text: string): string => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');
const row = (name: string, text: string): string => `<dt>${name}</dt><dd>${escaped(text)}</dd>`;

const variant = (move: Move, rung: string | undefined, position: Position): string => {
  const pictures = (['left', 'right'] as const)
    .slice(0, move.ways.pattern === 'together' ? 1 : 2)
    .map((side) => figureMarkup(move, side, rung, position));
  const done = variantOf(move, rung, position);
  const cues = cuesOf(done);
  const context = cueContext(move, defaultApproach, {
    side: 'left',
    direction: move.ways.directions?.[0] ?? null,
    position,
  });
  const words = Object.entries(cues).flatMap(([role, cue]) =>
    cue ? row(role, resolveCue(cue, context)) : [],
  );
  const otherwise = Limit.options.flatMap((limit) => {
    const answer = answerFor({ move, rung, position }, { limits: [{ limit }] }, room, lookup);
    return answer.verdict === 'fine' ? [] : [`${limit}: ${answerText(answer, lookup)}`];
  });
  return `<section><div>${pictures.join('')}</div><div><h2>${escaped(move.name)}</h2>
<p>${escaped([rung, placeWord(position)].filter(Boolean).join(' · '))}</p><dl>${words.join('')}
${row('asks', [...demandsOf(done)].join(', '))}
${row('with care', cautionsOf(done).join(' '))}
${row('otherwise', otherwise.join('; '))}</dl></div></section>`;
};

const sections = library.flatMap((move) =>
  [...new Set([move.position, ...move.alsoIn])].flatMap((position) =>
    (move.rungs.length > 0 ? rungsIn(move, position).map((r) => r.name) : [undefined])
      .filter((rung) => `${move.region} ${move.id} ${rung} ${position}`.includes(narrow))
      .map((rung) => variant(move, rung, position)),
  ),
);
mkdirSync('.check', { recursive: true });
writeFileSync(
  '.check/variants.html',
  `<!doctype html><meta charset="utf-8"><title>Variants</title><style>
:root{--paper:#F8F4EA;--ink:#1d2733;--left:#3f4aa8;--right:#a5520f}
body{background:var(--paper);color:var(--ink);font:14px/1.4 sans-serif;margin:16px}
section{display:grid;grid-template-columns:420px 1fr;gap:16px;border-top:1px solid #cbbfa6;padding:12px 0}
section>div:first-child{display:flex}h2{margin:0;font-size:17px}dl{display:grid;grid-template-columns:90px 1fr;gap:2px 10px}
dt{color:#6b6457}dd{margin:0}</style><h1>${sections.length} variants</h1>${sections.join('')}`,
);
console.log(`${sections.length} variants in .check/variants.html`);
