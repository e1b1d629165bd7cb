import { MonitorSmartphone, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { minSec } from '../words/time';
import { Button } from './Button';
import { Controls } from './Controls';
import { Events } from './Events';
import styles from './lead.module.css';
import { useMoment } from './leadStore';
import { Progress } from './Progress';
import { Room } from './Room';
import type { StageProps } from './stage-props';

/** Leading in one window: what the room sees, with the controls at its foot. */
export const Stage = ({
  data,
  room,
  store,
  steering,
  mirror,
  setMirror,
  recorder,
  awake,
  openShare,
}: StageProps) => {
  const { brk } = data;
  const { timeline } = room;
  const [happening, setHappening] = useState(false);
  return (
    <Room
      {...room}
      store={store}
      mirror={mirror}
      note={steering.note}
      tap={(where) => {
        if (where === 'left') steering.backward();
        else if (where === 'right') steering.forward();
        else steering.toggle();
      }}
      head={<Head name={brk.name} store={store} totalMs={timeline.totals.totalMs} />}
      foot={
        <>
          <Progress brk={brk} timeline={timeline} store={store} />
          <div className={styles.controls} role="toolbar" aria-label="Leading">
            <Controls
              store={store}
              breathsPerMinute={brk.pace.breathsPerMinute}
              steering={steering}
              mirror={mirror}
              setMirror={setMirror}
            />
            <Button
              onClick={() => setHappening(!happening)}
              aria-pressed={happening}
              aria-label="Something happened"
              title="Something happened: hurts, dizzy, stopped"
            >
              <TriangleAlert size={19} />
            </Button>
            <Button
              onClick={openShare}
              aria-label="Other screens"
              title="Other screens: group, phone, everyone"
            >
              <MonitorSmartphone size={19} />
            </Button>
            {awake === 'unavailable' && (
              <span className={styles.dim}>The display may switch itself off in this browser.</span>
            )}
          </div>
          {happening && (
            <div className={styles.happening}>
              <Events store={store} timeline={timeline} people={data.people} recorder={recorder} />
            </div>
          )}
        </>
      }
    />
  );
};

const Head = ({ name, store, totalMs }: { name: string; store: StageProps['store']; totalMs: number }) => {
  const { left } = useMoment(store, ({ view }) => ({ left: minSec(view.leftMs) }));
  return (
    <header className={styles.stageHead}>
      <span>{name}</span>
      <span className="tabular">
        {left} left of {minSec(totalMs)}
      </span>
    </header>
  );
};
