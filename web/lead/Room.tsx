import type { Approach, LiveChoice, MoveLookup, Side } from '@kotabi/core/model';
import { otherSide } from '@kotabi/core/model';
import { type PlacedStep, type Timeline, textOf } from '@kotabi/core/timing';
import { type ReactNode, useEffect, useRef } from 'react';
import { MovingFigure } from '../figure/MovingFigure';
import { MovingTide } from '../tide/Tide';
import styles from './lead.module.css';
import { useMoment, type WatchedStore } from './leadStore';
import roomStyles from './room.module.css';
import { StageFigure } from './StageFigure';
import { englishScreen, type SayScreen } from './screen-words';
import { countUnit, detailOf, shownCount, sideWord, thenLine } from './stage-words';

/** What the room is shown of a break that is led; nobody is named in it. */
export interface RoomProps {
  timeline: Timeline;
  steps: ReadonlyMap<string, PlacedStep>;
  lookup: MoveLookup;
  counting: Approach['counting'];
  choices: readonly LiveChoice[];
  store: WatchedStore;
  mirror: boolean;
  /** In which language; English when left out. */
  say?: SayScreen;
  /** Something said to everyone just now. */
  note?: string;
  /** Above and below what is read from afar. */
  head?: ReactNode;
  foot?: ReactNode;
  /** Tapping the middle, the left or the right edge of it; left out where nothing is steered from here. */
  tap?: (where: 'left' | 'middle' | 'right') => void;
}

/** While one gets into place there is time to read a choice aloud. */
const GETTING_READY: readonly string[] = ['position', 'fetch', 'say', 'change'];
/** A note of more letters than this is set smaller. */
const LONG_NOTE = 110;
/** The outer shares of the screen that go back and on when they are tapped. */
const EDGE = 0.2;

/** The half of the screen that is lit: the side that is used, or the other one for whoever faces the group. */
export const litSide = (side: Side | null, mirror: boolean): Side | null =>
  side && mirror ? otherSide(side) : side;

/**
 * Read from four metres: the side, what to do, one number, the breath, what comes next. The lit half is the side to use; the
 * figure follows where people are, with an easier version beside it where somebody is better off with one.
 */
export const Room = ({
  timeline,
  steps,
  lookup,
  counting,
  choices,
  store,
  mirror,
  say = englishScreen,
  note,
  head,
  foot,
  tap,
}: RoomProps) => {
  const now = useMoment(store, ({ lead, view }) => ({
    index: view.part?.index ?? null,
    status: lead.status,
    waiting: lead.waiting,
    side: view.side,
    count: view.count && view.part ? shownCount(view.count, view.part, counting) : null,
    counts: view.count !== null,
    unit: countUnit(view, counting, say),
    seconds: Math.ceil(view.remainingMs / 1000),
    breath: view.breath?.phase ?? null,
    line: view.line?.text ?? '',
    comes: thenLine(view.next, say),
    over: lead.status === 'finished' || lead.status === 'stopped',
  }));
  const part = now.index === null ? null : (timeline.parts[now.index] ?? null);
  const at = part ? steps.get(part.stepId) : undefined;
  const move = at?.move;
  const lit = litSide(now.side, mirror);
  const talking = part !== null && !now.counts;
  const begins = part !== null && timeline.parts[part.index + 1]?.kind === 'work';
  const choice = part ? choices.find((c) => c.stepId === part.stepId) : undefined;
  const easier = choice?.easier ? lookup(choice.easier.moveId) : undefined;
  const beside = part?.kind === 'work' ? part.meanwhile : undefined;
  const besideMove = beside && lookup(beside.moveId);
  const isNote = part?.kind === 'note';
  const side = part?.kind === 'position' || part?.kind === 'fetch' ? '' : sideWord(part);
  // What the words say anyway does not stand above them once more.
  const told = part?.kind === 'change' && part.direction && now.line.toLowerCase().includes(part.direction);
  const detail = told ? '' : detailOf(part, say);
  /** On the way and while things are fetched, what to do comes before which move it is for. */
  const doing = part && (part.kind === 'position' || part.kind === 'fetch') ? textOf(part) : '';
  return (
    <main
      className={`${roomStyles.stage} ${lit ? roomStyles[`lit-${lit}`] : roomStyles['lit-both']}`}
      data-side={now.side ?? 'both'}
      data-lit={lit ?? 'both'}
      data-part={part?.kind ?? 'none'}
    >
      <MovingTide store={store} side={lit} />
      {head}
      {note && (
        <p className={roomStyles.said} role="status">
          {note}
        </p>
      )}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: a large zone for a finger; every key and button does the same */}
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: the keys do the same */}
      <div
        className={`${roomStyles.stageBody} ${isNote ? roomStyles.noteBody : ''}`}
        onClick={(e) => {
          if (!tap) return;
          const share = e.clientX / window.innerWidth;
          tap(share < EDGE ? 'left' : share > 1 - EDGE ? 'right' : 'middle');
        }}
      >
        <div className={roomStyles.stageWords}>
          {now.over ? (
            <h1>{say('thatWasIt')}</h1>
          ) : isNote ? (
            <LongNote text={now.line} store={store} />
          ) : (
            <div className={roomStyles.glance}>
              {side && <p className={roomStyles.side}>{side}</p>}
              <h1 className={side || doing ? roomStyles.moveName : ''}>
                {doing || (move?.name ?? say('getReady'))}
              </h1>
              {side && mirror && now.side && (
                <p className={styles.dim}>{say('youShow', { side: say(otherSide(now.side)) })}</p>
              )}
              {doing && move && <p className={roomStyles.way}>{say('forMove', { move: move.name })}</p>}
              {detail && <p className={part?.direction ? roomStyles.direction : roomStyles.way}>{detail}</p>}
            </div>
          )}
          {part === null && !now.over && <div className={roomStyles.count}>{Math.max(1, now.seconds)}</div>}
          {talking && !isNote && !doing && <p className={roomStyles.cue}>{now.line}</p>}
          {talking && begins && (
            <p className={`tabular ${roomStyles.begins}`}>{say('beginsIn', { seconds: now.seconds })}</p>
          )}
          {part && now.counts && (
            <div className={roomStyles.glance}>
              <div className={roomStyles.count} data-testid="count">
                {now.count}
              </div>
              <p className={now.count === null ? roomStyles.unitAlone : roomStyles.unit}>{now.unit}</p>
            </div>
          )}
          {choice && part && GETTING_READY.includes(part.kind) && (
            <ul className={roomStyles.choices} aria-label={say('sayAsChoice')}>
              {choice.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          )}
        </div>
        {!isNote && (
          <div className={roomStyles.stageFigure}>
            {move && part && !now.over && (
              <StageFigure
                store={store}
                part={part}
                move={move}
                rung={at.step.rung}
                position={at.position}
                facing={mirror}
              />
            )}
            {beside && besideMove && !now.over && (
              <figure className={roomStyles.beside}>
                <MovingFigure
                  move={besideMove}
                  side={beside.side}
                  width={110}
                  gap="rgba(20,26,36,0.85)"
                  facing={mirror}
                />
                <figcaption>
                  {beside.times === 1 ? say('doseOnce') : say('doseTimes', { many: `${beside.times}` })}
                </figcaption>
              </figure>
            )}
            {easier && choice?.easier && part && part.kind !== 'position' && !now.over && (
              <figure className={roomStyles.easier}>
                <MovingFigure
                  move={easier}
                  rung={choice.easier.rung}
                  position={choice.easier.position}
                  side={part.side}
                  width={110}
                  gap="rgba(20,26,36,0.85)"
                  facing={mirror}
                  phase={1}
                />
                <figcaption>
                  {say('orElse', {
                    what:
                      (choice.easier.moveId === move?.id ? choice.easier.rung : easier.name) ?? easier.name,
                  })}
                </figcaption>
              </figure>
            )}
          </div>
        )}
      </div>
      <footer className={roomStyles.stageFoot}>
        <div>
          <div className={roomStyles.breath}>
            {now.status === 'paused' || now.waiting ? (
              <span className={roomStyles.paused}>{say(now.waiting ? 'waitHere' : 'paused')}</span>
            ) : now.breath ? (
              say(now.breath === 'in' ? 'breatheIn' : 'breatheOut')
            ) : part && !now.over ? (
              say('breatheEasily')
            ) : (
              ''
            )}
          </div>
          {part && now.counts && <div className={roomStyles.foot}>{now.line}</div>}
        </div>
        <div className={roomStyles.next}>{now.over ? '' : now.comes}</div>
      </footer>
      {foot}
      <div className={roomStyles.srOnly} aria-live="assertive">
        {part ? `${side}. ${doing || (move?.name ?? '')}. ${now.line}` : ''}
      </div>
    </main>
  );
};

/** A note that is nothing but what is said: as large as there is room for; one too long for that moves on by itself. */
const LongNote = ({ text, store }: { text: string; store: WatchedStore }) => {
  const inner = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    const follow = (): void => {
      const own = inner.current;
      const room = own?.parentElement;
      if (!own || !room) return;
      const { part, remainingMs } = store.getState().view;
      const share = part ? 1 - remainingMs / Math.max(1, part.lengthMs) : 0;
      const beyond = Math.max(0, own.scrollHeight - room.clientHeight);
      own.style.transform = `translateY(${-beyond * Math.min(1, Math.max(0, share * 1.25 - 0.1))}px)`;
    };
    follow();
    return store.subscribe(follow);
  }, [store]);
  return (
    <h1 ref={inner} className={text.length > LONG_NOTE ? roomStyles.longNote : roomStyles.note}>
      {text}
    </h1>
  );
};
