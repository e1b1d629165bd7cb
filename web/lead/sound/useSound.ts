import { type Lead, linesDue, type Sound, Speaker } from '@kotabi/core/lead';
import type { Pace, VoiceLine } from '@kotabi/core/model';
import type { Timeline } from '@kotabi/core/timing';
import { useEffect, useRef, useState } from 'react';
import { request } from '../../api/client';
import type { LeadStore } from '../leadStore';
import { ownMouth } from './own-voice';
import { Sounder } from './sounder';
import { browserMouth, onVoices, voicesHere } from './voice';
import { keepWishes, readWishes, type SoundWishes } from './wishes';

type Player = typeof import('./play') & typeof import('./tone');

/** What a press on “Try it” plays: a breath, both sides, a count, the end. */
const TRIAL: readonly Sound[] = [
  { what: 'breath', phase: 'in', atMs: 0, lengthMs: 1600, from: 0, side: null },
  { what: 'breath', phase: 'out', atMs: 1600, lengthMs: 2000, from: 0, side: null },
  { what: 'signal', signal: 'side', atMs: 3900, side: 'left' },
  { what: 'signal', signal: 'side', atMs: 4700, side: 'right' },
  { what: 'count', left: 3, atMs: 5500, side: null },
  { what: 'count', left: 2, atMs: 6000, side: null },
  { what: 'count', left: 1, atMs: 6500, side: null },
  { what: 'signal', signal: 'end', atMs: 7000, side: null },
];

let loading: Promise<Player> | null = null;
/** Loads what makes sound, and lets it sound: browsers allow that only after a press. */
const loadPlayer = (): Promise<Player> => {
  loading ??= Promise.all([import('./play'), import('./tone')]).then(([play, tone]) => ({
    ...play,
    ...tone,
  }));
  return loading.then(async (player) => {
    await player.start();
    return player;
  });
};

/** So far ahead everything is set to sound, ms. */
const SEEN_AHEAD_MS = 16_000;
const HIDDEN_AHEAD_MS = 150_000;

const anyOn = ({ breath, signals, counts }: SoundWishes): boolean => breath.on || signals.on || counts.on;
/** A number that is spoken is not beaten as well. */
const heard = (wishes: SoundWishes, speaks: boolean): SoundWishes =>
  speaks ? { ...wishes, counts: { ...wishes.counts, on: false } } : wishes;

/**
 * What is heard while a break is led: sounds by the audio clock, and lines by a voice where the browser has one. Nothing is
 * loaded before it is wished.
 */
export const useSound = (
  timeline: Timeline,
  store: LeadStore,
  pace: Pick<Pace, 'wordsPerMinute'>,
  /** The lines that the instructor recorded are there for the instructor. */
  recorded = true,
) => {
  const [wishes, setWishes] = useState(readWishes);
  const [voices, setVoices] = useState<string[]>(() => voicesHere().map((v) => v.name));
  const [player, setPlayer] = useState<Player | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const latest = useRef(wishes);
  latest.current = wishes;
  const [own, setOwn] = useState<VoiceLine[]>([]);
  const hasVoice = voices.length > 0 || own.length > 0;
  const speaks = wishes.voice.on && hasVoice;
  useEffect(() => {
    if (!recorded) return;
    request<VoiceLine[]>('GET', '/api/voice').then(setOwn, (error: unknown) =>
      console.error('The recorded lines are not known', error),
    );
  }, [recorded]);
  useEffect(() => onVoices(() => setVoices(voicesHere().map((v) => v.name))), []);

  const open = async (): Promise<Player | null> => {
    try {
      const ready = await loadPlayer();
      setPlayer(ready);
      setFailure(null);
      return ready;
    } catch (error) {
      setFailure(error instanceof Error ? error.message : String(error));
      return null;
    }
  };

  useEffect(() => {
    if (!player || !anyOn(wishes)) return;
    const { Bus, playAll, getContext } = player;
    const sounder = new Sounder(timeline, {
      now: () => getContext().immediate() * 1000,
      // A tab that is hidden may look at the clock once a minute; one that is seen looks all the time.
      aheadMs: () => (document.hidden ? HIDDEN_AHEAD_MS : SEEN_AHEAD_MS),
      open: () => new Bus(),
      play: (bus: InstanceType<typeof Bus>, sounds, atMs) =>
        playAll(bus, sounds, atMs / 1000, heard(latest.current, speaks)),
      silence: (bus) => bus.silence(),
    });
    const look = (): void => {
      const { lead } = store.getState();
      sounder.look(lead, lead.at);
    };
    look();
    const unsubscribe = store.subscribe(look);
    document.addEventListener('visibilitychange', look);
    return () => {
      document.removeEventListener('visibilitychange', look);
      unsubscribe();
      sounder.stop();
    };
  }, [player, timeline, store, wishes, speaks]);

  useEffect(() => {
    if (!speaks) return;
    const wanted = (): SoundWishes['voice'] => latest.current.voice;
    const browser = voices.length > 0 ? browserMouth(pace, wanted) : null;
    const mouth = ownMouth(new Map(own.map((l) => [l.text, l])), browser, wanted);
    const speaker = new Speaker(mouth, () => performance.now());
    let last: Lead = store.getState().lead;
    const unsubscribe = store.subscribe(({ lead }) => {
      const stood = last.status === 'running';
      const due = lead.status === 'ready' ? [] : linesDue(timeline, last, lead);
      last = lead;
      if (lead.status === 'running' || due.length > 0) speaker.take(due);
      else if (stood) speaker.stop();
      if (lead.status === 'stopped' || lead.status === 'paused') speaker.stop();
    });
    return () => {
      unsubscribe();
      speaker.stop();
    };
  }, [speaks, pace, timeline, store, own, voices]);

  return {
    wishes,
    set: (more: Partial<SoundWishes>): void => {
      const next = { ...wishes, ...more };
      setWishes(next);
      keepWishes(next);
    },
    voices,
    own,
    setOwn,
    hasVoice,
    failure,
    /** To be called by the press that starts, so that the browser lets it sound. */
    unlock: (): void => {
      if (anyOn(wishes)) void open();
    },
    /** Plays a little of everything that is wished. */
    tryIt: async (): Promise<void> => {
      const ready = await open();
      if (!ready) return;
      const { Bus, playAll, getContext } = ready;
      playAll(new Bus(), TRIAL, getContext().immediate() + 0.05, latest.current);
      if (!speaks || voices.length === 0) return;
      const mouth = browserMouth(pace, () => latest.current.voice);
      mouth.say('Left side first. You feel it along the right side of the neck.', FIRST_LINE, () => {});
    },
    /** The sounds of the whole break as a file. */
    file: async (lead: Lead): Promise<Blob> => (await import('./render')).soundFile(timeline, lead, wishes),
  };
};
const FIRST_LINE = { role: 'say', text: '', atMs: 0, lengthMs: 0, fromEnd: false } as const;
export type SoundState = ReturnType<typeof useSound>;
