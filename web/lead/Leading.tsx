import { breathCycle } from '@kotabi/core/breath';
import { takenUp } from '@kotabi/core/lead';
import type { Session } from '@kotabi/core/model';
import { placedSteps, type Timed } from '@kotabi/core/timing';
import { type ReactNode, Suspense, useEffect, useMemo, useState } from 'react';
import { later, laterQuietly } from '../later/later';
import { useTitle } from '../shell/useTitle';
import { Ask } from './Ask';
import { Before } from './Before';
import { useLeadStore, useMoment } from './leadStore';
import type { LeadData } from './load';
import { useSound } from './sound/useSound';
import type { StageProps } from './stage-props';
import { clearUnderWay, readUnderWay } from './under-way';
import { useAwake } from './useAwake';
import { useChoices } from './useChoices';
import { useRecord } from './useRecord';
import { useSteering } from './useSteering';

// These come right after the first look at the page, so that they are there when the server is gone later.
const Stage = laterQuietly(async () => (await import('./Stage')).Stage);
const Leader = laterQuietly(async () => (await import('./LeaderView')).LeaderView);
const Afterwards = laterQuietly(async () => (await import('./After')).After);
const Others = later(async () => (await import('./live/Others')).Others);

interface Props {
  data: LeadData;
  timed: Extract<Timed, { ok: true }>;
}

const goFullScreen = (): void => {
  // Where the browser does not allow it the page already fills the window.
  document.documentElement.requestFullscreen?.().catch(() => {});
};
const leaveFullScreen = (): void => {
  if (document.fullscreenElement) document.exitFullscreen().catch(() => {});
};

/** The whole of leading: before the start, on the stage, afterwards. */
export const Leading = ({ data, timed }: Props) => {
  const { brk, shelf, approach } = data;
  const { timeline, resolved } = timed;
  useTitle(`Leading ${brk.name}`);
  const store = useLeadStore(timeline, breathCycle(brk.pace).cycleMs);
  const { status } = useMoment(store, (s) => ({ status: s.lead.status }));
  const [taken] = useState(() => readUnderWay(brk.id, Date.now()));
  const interrupted = useMemo(() => taken && takenUp(timeline, taken.led), [taken, timeline]);
  const [mirror, setMirror] = useState(taken?.mirror ?? false);
  const [record, setRecord] = useState<Session | null>(null);
  const [sharing, setSharing] = useState(false);
  const recorder = useRecord(data, timed, store, mirror);
  const sound = useSound(timeline, store, brk.pace);
  const steering = useSteering(store, mirror, setMirror);
  const choices = useChoices(data);
  const [groupThere, setGroupThere] = useState(false);
  const room = useMemo(
    () => ({
      timeline,
      steps: new Map(placedSteps(resolved).map((s) => [s.step.id, s])),
      lookup: shelf.lookup,
      counting: approach.counting,
      choices: choices.steps,
    }),
    [timeline, resolved, shelf, approach, choices],
  );
  useEffect(() => {
    Promise.all([Stage, Afterwards, Leader].map((p) => p.preload())).catch((error: unknown) =>
      console.error('A part of this page is not there', error),
    );
  }, []);
  const underWay = status === 'running' || status === 'paused';
  const awake = useAwake(underWay);
  const over = status === 'finished' || status === 'stopped';

  const begin = (): void => {
    recorder.begin();
    sound.unlock();
    if (!groupThere) goFullScreen();
    store.getState().start();
  };
  const goOn = (): void => {
    if (!taken || !interrupted) return;
    recorder.goOn(taken);
    sound.unlock();
    store.getState().takeUp(interrupted);
  };

  if (over && !record) {
    const made = recorder.recordOf(store.getState().lead);
    if (made) setRecord(made);
  }
  // Shared screens are told that it is over when leading is left, not while the end is still shown.
  useEffect(() => {
    if (!over) return;
    leaveFullScreen();
    clearUnderWay();
  }, [over]);

  const shown = (): ReactNode => {
    if (record) return <Afterwards record={record} back={data.from ?? `/breaks/${brk.id}`} />;
    if (status === 'ready')
      return (
        <Before
          data={data}
          timed={timed}
          recorder={recorder}
          sound={sound}
          choices={choices}
          mirror={mirror}
          setMirror={setMirror}
          start={begin}
          interrupted={interrupted}
          goOn={goOn}
          openShare={() => setSharing(true)}
        />
      );
    const props: StageProps = {
      data,
      room,
      store,
      steering,
      mirror,
      setMirror,
      recorder,
      choices,
      awake,
      openShare: () => setSharing(!sharing),
    };
    return groupThere ? <Leader {...props} /> : <Stage {...props} />;
  };
  return (
    <>
      {shown()}
      <Suspense fallback={null}>
        <Others
          data={data}
          choices={choices}
          store={store}
          mirror={mirror}
          note={steering.note}
          obey={(command) => {
            if (command.do === 'start' && store.getState().lead.status === 'ready') begin();
            else steering.obey(command);
          }}
          setThere={setGroupThere}
          open={sharing && !over}
          close={() => setSharing(false)}
        />
      </Suspense>
      {steering.asking && (
        <Ask
          title="Stop here?"
          text="What was done so far is recorded, part by part."
          yes="Stop and keep the record"
          no="Go on"
          onYes={steering.stop}
          onNo={steering.goOn}
        />
      )}
    </>
  );
};
