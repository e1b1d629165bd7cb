import { type LiveCommand, LONGEST_SAID } from '@kotabi/core/model';
import { useEffect, useState } from 'react';
import { ApiFailure, messageOf, request } from '../../api/client';
import { useTitle } from '../../shell/useTitle';
import { minSec } from '../../words/time';
import { Button } from '../Button';
import controls from '../controls.module.css';
import { useMoment } from '../leadStore';
import { countUnit, detailOf, shownCount, sideWord, thenLine } from '../stage-words';
import styles from './remote.module.css';
import { useFollowed } from './useFollowed';
import { useLive } from './useLive';

const KEY = 'kotabi.remote';

/** A phone as remote: a code from the screen that leads, then large buttons and the script. */
export const RemotePage = () => {
  useTitle('Remote');
  const [remote, setRemote] = useState<string | null>(() => sessionStorage.getItem(KEY));
  const [code, setCode] = useState(() => location.hash.slice(1));
  const [problem, setProblem] = useState('');
  const leave = (why: string): void => {
    sessionStorage.removeItem(KEY);
    setRemote(null);
    setProblem(why);
  };
  const join = async (): Promise<void> => {
    try {
      const joined = await request<{ remote: string }>('POST', '/api/live-remote', { code });
      sessionStorage.setItem(KEY, joined.remote);
      // The code is used up; it need not stand in the address.
      history.replaceState(null, '', '/remote');
      setProblem('');
      setRemote(joined.remote);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  if (remote) return <Steer remote={remote} leave={leave} />;
  return (
    <main className={styles.enter}>
      <h1>Remote</h1>
      <label htmlFor="code">The code on the screen that leads</label>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void join();
        }}
      >
        <input
          id="code"
          className={controls.area}
          inputMode="numeric"
          autoComplete="one-time-code"
          value={code}
          onChange={(e) => setCode(e.target.value)}
        />
        <Button main type="submit" disabled={code.replace(/\D/g, '').length < 6}>
          Join
        </Button>
      </form>
      {problem && <p role="alert">{problem}</p>}
    </main>
  );
};

const Steer = ({ remote, leave }: { remote: string; leave: (why: string) => void }) => {
  const [said, setSaid] = useState('');
  const [note, setNote] = useState('');
  const path = `/api/live-remote/${encodeURIComponent(remote)}`;
  const { what, state, offsetMs, ended } = useLive(path);
  // biome-ignore lint/correctness/useExhaustiveDependencies: left once, when it ends
  useEffect(() => {
    if (ended !== null) leave(ended || 'This remote was taken back, or the break is over.');
  }, [ended]);
  const { made, store } = useFollowed(what, state, offsetMs);
  const counting = what?.approach.counting ?? 'down';
  const now = useMoment(store, ({ lead, view }) => ({
    index: lead.index,
    status: lead.status,
    waits: lead.waits,
    waiting: lead.waiting,
    count: view.count && view.part ? shownCount(view.count, view.part, counting) : null,
    unit: countUnit(view, counting),
    left: minSec(view.leftMs),
    line: view.line?.text ?? '',
    comes: thenLine(view.next),
  }));
  const tooLong = note.trim().length - LONGEST_SAID;
  /** True when it has arrived. */
  const send = async (command: LiveCommand): Promise<boolean> => {
    try {
      await request('POST', path, command);
      setSaid('');
      navigator.vibrate?.(20);
      return true;
    } catch (error) {
      if (error instanceof ApiFailure && error.status === 404) leave(messageOf(error));
      else setSaid(messageOf(error));
      return false;
    }
  };
  const sayIt = async (): Promise<void> => {
    const text = note.trim();
    // What did not arrive stays, to be said again.
    if (text && tooLong <= 0 && (await send({ do: 'note', text }))) setNote('');
  };
  const part = made?.timeline.parts[now.index] ?? null;
  const press = (command: Exclude<LiveCommand['do'], 'note'>, label: string, main = false) => (
    <Button key={command} main={main} onClick={() => void send({ do: command })}>
      {label}
    </Button>
  );
  if (!what || !made) return <p className={styles.enter}>One moment …</p>;
  const ready = now.status === 'ready';
  const running = now.status === 'running';
  const upcoming = made.timeline.parts
    .slice(Math.max(0, now.index + 1))
    .flatMap((p) =>
      p.lines.filter((l) => l.role !== 'count').map((l) => ({ key: `${p.index} ${l.atMs}`, text: l.text })),
    )
    .slice(0, 4);
  return (
    <main className={styles.remote} data-side={part?.side ?? 'both'}>
      <header>
        <span>{what.brk.name}</span>
        <span className="tabular">{now.left} left</span>
      </header>
      <section aria-label="Now" className={styles.now}>
        <p className={styles.side}>{sideWord(part) || part?.moveName || 'Before the start'}</p>
        {part && sideWord(part) && <p>{part.moveName}</p>}
        {detailOf(part) && <p className={styles.detail}>{detailOf(part)}</p>}
        <p className={styles.count}>{now.count ?? ''}</p>
        <p>{now.waiting ? 'waits for you' : now.unit}</p>
        <p className={styles.line}>{now.line}</p>
        <p className={styles.then}>{now.comes}</p>
      </section>
      <div className={styles.buttons} role="toolbar" aria-label="Remote">
        {ready
          ? press('start', 'Start', true)
          : running
            ? press('pause', 'Pause', true)
            : press('go on', 'Go on', true)}
        {press('back', 'Back')}
        {press('next', 'Next')}
        {press('one more breath', 'One more breath')}
        {press('take it back', 'Take it back')}
        {press('slower', 'Breaths slower')}
        {press('faster', 'Breaths faster')}
        {now.waits ? press('do not wait', 'Do not wait') : press('wait for me', 'Wait for me')}
      </div>
      <form
        className={styles.note}
        onSubmit={(e) => {
          e.preventDefault();
          void sayIt();
        }}
      >
        <input
          className={controls.area}
          aria-label="Say to everyone, on their screens"
          placeholder="Say to everyone, on their screens"
          value={note}
          onChange={(e) => setNote(e.target.value)}
        />
        <Button type="submit" disabled={tooLong > 0}>
          Say it
        </Button>
      </form>
      {tooLong > 0 && (
        <p role="alert">
          {LONGEST_SAID} letters at most: {tooLong} too many.
        </p>
      )}
      {said && <p role="alert">{said}</p>}
      <section aria-label="Script" className={styles.script}>
        {upcoming.map((l) => (
          <p key={l.key}>{l.text}</p>
        ))}
      </section>
    </main>
  );
};
