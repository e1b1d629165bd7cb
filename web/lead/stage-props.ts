import type { Choices } from './choices';
import type { LeadStore } from './leadStore';
import type { LeadData } from './load';
import type { RoomProps } from './Room';
import type { Awake } from './useAwake';
import type { Recorder } from './useRecord';
import type { Steering } from './useSteering';

/** What both ways of leading need: one window, or two. */
export interface StageProps {
  data: LeadData;
  room: Pick<RoomProps, 'timeline' | 'steps' | 'lookup' | 'counting' | 'choices'>;
  store: LeadStore;
  steering: Steering;
  mirror: boolean;
  setMirror: (on: boolean) => void;
  recorder: Recorder;
  choices: Choices;
  awake: Awake;
  openShare: () => void;
}
