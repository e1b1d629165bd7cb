import type { LiveCommand } from '@kotabi/core/model';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { type LeadStore, useMoment } from './leadStore';

/** True where a key belongs to what has the focus: space presses a button, letters are typed into a field. */
const belongsElsewhere = (event: KeyboardEvent): boolean =>
  (event.target as Element | null)?.closest?.('button,a,input,select,textarea,[role=switch],dialog') !== null;

/** How long something said to everyone is shown, ms. */
const NOTE_MS = 9000;

/**
 * Everything a break is steered with, whoever asks: a key, the keys that clickers send, a finger, a remote. A clicker's
 * forward starts, goes on, and goes to the next part; its back pauses what runs and else goes back.
 */
export const useSteering = (store: LeadStore, mirror: boolean, setMirror: (on: boolean) => void) => {
  const [asking, setAsking] = useState(false);
  const [pausedBefore, setPausedBefore] = useState(false);
  const [note, setNote] = useState('');
  const { status, waits } = useMoment(store, ({ lead }) => ({ status: lead.status, waits: lead.waits }));
  const act = store.getState();
  const say = (text: string): void => {
    setNote(text);
    setTimeout(() => setNote((now) => (now === text ? '' : now)), NOTE_MS);
  };
  const toggle = (): void => {
    const now = store.getState().lead.status;
    if (now === 'running') act.pause();
    else if (now === 'paused') act.resume();
  };
  const forward = (): void => {
    const now = store.getState().lead.status;
    if (now === 'ready') act.start();
    else if (now === 'paused') act.resume();
    else act.skip();
  };
  const backward = (): void => {
    if (store.getState().lead.status === 'running') act.pause();
    else act.back();
  };
  const ask = (): void => {
    setPausedBefore(store.getState().lead.status === 'paused');
    act.pause();
    setAsking(true);
  };
  /** What was paused before the question stays paused after it. */
  const goOn = (): void => {
    setAsking(false);
    if (!pausedBefore) act.resume();
  };
  const stop = (): void => {
    setAsking(false);
    act.stop();
  };
  const wishes: Record<Exclude<LiveCommand['do'], 'note'>, () => void> = {
    start: act.start,
    pause: act.pause,
    'go on': act.resume,
    next: act.skip,
    back: act.back,
    'one more breath': act.breath,
    'take it back': act.takeBack,
    slower: () => act.tempo(1),
    faster: () => act.tempo(-1),
    'wait for me': () => act.waitForMe(true),
    'do not wait': () => act.waitForMe(false),
  };
  /** Does what a remote asks for. */
  const obey = (command: LiveCommand): void => {
    if (command.do === 'note') say(command.text);
    else wishes[command.do]();
  };
  const underWay = (status === 'running' || status === 'paused') && !asking;
  const keys = { preventDefault: true, enabled: underWay, ignoreEventWhen: belongsElsewhere };
  useHotkeys('space', toggle, keys);
  useHotkeys('right', act.skip, keys);
  useHotkeys('shift+right', act.skipStep, keys);
  useHotkeys('left', act.back, keys);
  useHotkeys('up', act.breath, keys);
  useHotkeys('down', act.takeBack, keys);
  useHotkeys('m', () => setMirror(!mirror), keys);
  useHotkeys('w', () => act.waitForMe(!waits), keys);
  useHotkeys('comma', () => act.tempo(1), keys);
  useHotkeys('period', () => act.tempo(-1), keys);
  useHotkeys('escape', ask, keys);
  // What clickers send, wherever the focus is: forward, back, and the key that makes a screen dark.
  const clicker = { preventDefault: true, enabled: underWay };
  useHotkeys('pagedown', forward, clicker);
  useHotkeys('pageup', backward, clicker);
  useHotkeys('b', toggle, keys);
  return { asking, ask, goOn, stop, toggle, forward, backward, obey, note, say };
};
export type Steering = ReturnType<typeof useSteering>;

/** The keys of leading, for whoever looks them up. */
export const LEAD_KEYS: readonly [keys: string, what: string][] = [
  ['Space', 'pause, go on'],
  ['→', 'next part'],
  ['Shift →', 'next step'],
  ['←', 'back'],
  ['↑', 'one more breath'],
  ['↓', 'take it back'],
  [', .', 'breaths slower, faster'],
  ['W', 'wait for me at each step'],
  ['M', 'mirror'],
  ['Page down', 'start, go on, next (clicker)'],
  ['Page up', 'pause, back (clicker)'],
  ['Esc', 'stop'],
];
