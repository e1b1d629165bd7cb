import { type Line, type Part, stepDose } from '@kotabi/core/timing';
import { MonitorSmartphone } from 'lucide-react';
import { MovingFigure } from '../figure/MovingFigure';
import { MovingTide } from '../tide/Tide';
import { Tinted } from '../words/Tinted';
import { minSec } from '../words/time';
import { Button } from './Button';
import { Controls } from './Controls';
import { Events } from './Events';
import styles from './leader.module.css';
import { useMoment } from './leadStore';
import { StageFigure } from './StageFigure';
import { Strip } from './Strip';
import type { StageProps } from './stage-props';
import { countUnit, detailOf, shownCount, sideWord, thenLine } from './stage-words';

/** So many lines that come are shown. */
const AHEAD = 3;

/** Lines still to come, with the seconds until then. */
const linesAhead = (
  parts: readonly Part[],
  index: number,
  elapsedMs: number,
): { line: Line; inMs: number }[] => {
  const found: { line: Line; inMs: number }[] = [];
  let offset = -elapsedMs;
  for (let i = Math.max(0, index); i < parts.length && found.length < AHEAD; i++) {
    const part = parts[i] as Part;
    for (const line of part.lines) {
      const inMs = offset + line.atMs;
      if (inMs > 0 && line.role !== 'count' && found.length < AHEAD) found.push({ line, inMs });
    }
    offset += part.lengthMs;
  }
  return found;
};
const linesBefore = (parts: readonly Part[], index: number, elapsedMs: number): Line | null => {
  const here = parts[index];
  const begun = here?.lines.filter((l) => l.role !== 'count' && l.atMs <= elapsedMs) ?? [];
  const said = begun.slice(0, -1).at(-1);
  if (said) return said;
  for (let i = index - 1; i >= 0; i--) {
    const line = parts[i]?.lines.filter((l) => l.role !== 'count').at(-1);
    if (line) return line;
  }
  return null;
};

/**
 * The window of whoever leads, while the group looks at another one: the script from what was said to what comes, the count,
 * each one's own version by name, what may happen, the whole break as a strip.
 */
export const LeaderView = ({
  data,
  room,
  store,
  steering,
  mirror,
  setMirror,
  recorder,
  choices,
  openShare,
}: StageProps) => {
  const { brk, group } = data;
  const { timeline, steps, lookup, counting } = room;
  const now = useMoment(store, ({ lead, view }) => ({
    index: lead.index,
    second: Math.floor(lead.elapsedMs / 1000),
    line: view.line?.text ?? '',
    count: view.count && view.part ? shownCount(view.count, view.part, counting) : null,
    unit: countUnit(view, counting),
    left: minSec(view.leftMs),
    breath: view.breath?.phase ?? null,
    comes: thenLine(view.next),
    seconds: Math.ceil(view.remainingMs / 1000),
    waiting: lead.waiting,
    paused: lead.status === 'paused',
  }));
  const part = timeline.parts[now.index] ?? null;
  const at = part ? steps.get(part.stepId) : undefined;
  const { elapsedMs } = store.getState().lead;
  const said = linesBefore(timeline.parts, now.index, elapsedMs);
  const ahead = linesAhead(timeline.parts, now.index, elapsedMs);
  const own = part ? choices.own.filter((o) => o.stepId === part.stepId) : [];
  return (
    <main className={styles.leader} data-testid="leader">
      <header className={styles.head}>
        <span>
          {brk.name}
          {group && ` · ${group.name}`}
        </span>
        <span className="tabular">
          {now.left} left{now.waiting ? ' · waits for you' : now.paused ? ' · paused' : ''}
        </span>
      </header>
      <div className={styles.columns}>
        <section aria-label="Script" className={styles.script}>
          <p className={styles.when}>said</p>
          <p className={styles.said}>{said ? <Tinted text={said.text} /> : '–'}</p>
          <p className={styles.when}>now</p>
          <p className={styles.now}>
            {now.line ? <Tinted text={now.line} /> : part ? part.moveName : `Begins in ${now.seconds}`}
          </p>
          {steering.note && (
            <div role="status">
              <p className={styles.when}>to everyone, from the remote</p>
              <p className={styles.next}>{steering.note}</p>
            </div>
          )}
          {ahead.map(({ line, inMs }) => (
            <div key={`${line.text}${inMs - now.second}`}>
              <p className={styles.when}>in {Math.max(1, Math.round(inMs / 1000))} s</p>
              <p className={styles.next}>
                <Tinted text={line.text} />
              </p>
            </div>
          ))}
        </section>
        <section aria-label="Count" className={styles.middle}>
          <p className={styles.way}>{sideWord(part) || (part ? part.moveName : '')}</p>
          <p className={styles.detail}>
            {[sideWord(part) && part?.moveName, detailOf(part)].filter(Boolean).join(' · ')}
          </p>
          <p className={styles.count} data-testid="count">
            {now.count ?? (part && part.kind !== 'work' ? now.seconds : '')}
          </p>
          <p className={styles.unit}>{now.unit || (part?.kind === 'work' ? '' : 'seconds')}</p>
          <p className={styles.breath}>
            {now.breath ? (now.breath === 'in' ? 'breathe in' : 'breathe out') : ''}
          </p>
          <p className={styles.unit}>{now.comes}</p>
          {at && <p className={styles.when}>{stepDose(at)}</p>}
          {at && part && (
            <div className={styles.figure}>
              <StageFigure
                store={store}
                part={part}
                move={at.move}
                rung={at.step.rung}
                position={at.position}
                facing={mirror}
                width={210}
              />
            </div>
          )}
        </section>
        <aside className={styles.side}>
          <p className={styles.when}>their own versions, on this screen only</p>
          {own.length === 0 && <p>Everyone does this step as it is.</p>}
          <ul className={styles.own}>
            {own.map((o) => {
              const move = lookup(o.moveId);
              return (
                <li key={o.personId}>
                  {move && !o.rests && (
                    <MovingFigure
                      move={move}
                      rung={o.rung}
                      position={o.position}
                      side={part?.side}
                      width={64}
                      gap="rgba(20,26,36,0.85)"
                      phase={1}
                    />
                  )}
                  <span>
                    <b>{o.name}</b>
                    <br />
                    {o.rests
                      ? 'rests and breathes along'
                      : o.moveId === part?.stepId || o.moveId === at?.move.id
                        ? (o.rung ?? 'as it is, in another place')
                        : `${move?.name ?? 'another move'}${o.rung ? `, ${o.rung}` : ''}`}
                  </span>
                </li>
              );
            })}
          </ul>
          <Events store={store} timeline={timeline} people={data.people} recorder={recorder} />
        </aside>
      </div>
      <div className={styles.tideBox}>
        <MovingTide store={store} side={part?.side ?? null} />
      </div>
      <Strip timeline={timeline} store={store} />
      <div className={styles.controls} role="toolbar" aria-label="Leading">
        <Controls
          store={store}
          breathsPerMinute={brk.pace.breathsPerMinute}
          steering={steering}
          mirror={mirror}
          setMirror={setMirror}
        />
        <Button onClick={openShare}>
          <MonitorSmartphone size={19} /> Other screens
        </Button>
      </div>
    </main>
  );
};
