import { Break } from '@kotabi/core/model';
import { App, Button, Dropdown, Input, Popover, Select } from 'antd';
import { Download, Play, SlidersHorizontal } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { useGroups } from '../../api/queries';
import { minSec } from '../../words/time';
import styles from './break.module.css';
import { Gauge } from './Gauge';
import { PaceForm } from './PaceForm';
import { SaveNote } from './SaveNote';
import type { BreakStore } from './store';
import { Totals } from './Totals';
import type { Timed } from './useTimed';

const nameSchema = Break.shape.name;

/** The name, which is kept when the field is left; an empty one is refused and the old one comes back. */
const Name = ({ store }: { store: BreakStore }) => {
  const { brk, edit } = useStore(store);
  const { message } = App.useApp();
  const [typed, setTyped] = useState<string | null>(null);
  const wrong = typed !== null && !nameSchema.safeParse(typed).success;
  const keep = (): void => {
    const parsed = nameSchema.safeParse(typed);
    if (typed !== null && !parsed.success) void message.info('A break needs a name; the old one was kept.');
    if (typed !== null && parsed.success)
      edit('rename', (d) => {
        d.name = parsed.data;
      });
    setTyped(null);
  };
  return (
    <Input
      className={styles.name}
      variant="borderless"
      aria-label="Name of the break"
      maxLength={80}
      status={wrong ? 'error' : undefined}
      value={typed ?? brk.name}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') setTyped(null);
      }}
    />
  );
};

/** Name, group, slot, totals, and what can be done with the whole break. */
export const BreakHead = ({ store, timed }: { store: BreakStore; timed: Timed }) => {
  const { brk, edit } = useStore(store);
  const groups = useGroups();
  const navigate = useNavigate();
  const file = `/api/breaks/${brk.id}`;
  return (
    <header className={styles.head}>
      <div className={styles.headLine}>
        <h1 className={styles.title}>
          <Name store={store} />
        </h1>
        <Select
          aria-label="Group"
          variant="borderless"
          style={{ minWidth: 150, maxWidth: 230 }}
          popupMatchSelectWidth={false}
          value={brk.groupId ?? ''}
          options={[
            { value: '', label: 'for any group' },
            ...(groups.data ?? []).map((g) => ({ value: g.value.id, label: g.value.name })),
          ]}
          onChange={(id) =>
            edit('choose the group', (d) => {
              d.groupId = id || null;
            })
          }
        />
        <SaveNote store={store} />
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              {
                key: 'file',
                label: (
                  <a href={`${file}/file`} download>
                    Break file, to open again or share
                  </a>
                ),
              },
              {
                key: 'track',
                label: (
                  <a href={`${file}/track`} download>
                    Cue track for a video (WebVTT)
                  </a>
                ),
              },
            ],
          }}
        >
          <Button icon={<Download size={16} />}>Take away</Button>
        </Dropdown>
        <Button
          type="primary"
          icon={<Play size={16} />}
          disabled={!timed.ok || timed.timeline.parts.length === 0}
          onClick={() => navigate(`/lead/${brk.id}`)}
        >
          Lead this break
        </Button>
      </div>
      <div className={styles.headLine}>
        <Gauge
          slotSec={brk.slotSec}
          totalMs={timed.ok ? timed.timeline.totals.totalMs : 0}
          setSlot={(slotSec) =>
            edit(
              'change the slot',
              (d) => {
                d.slotSec = slotSec;
              },
              'slot',
            )
          }
        />
        {timed.ok && <Totals totals={timed.timeline.totals} />}
        <span className={styles.grow} />
        <Popover
          trigger="click"
          placement="bottomRight"
          title="Pace of this break"
          content={<PaceForm store={store} />}
        >
          <Button type="text" icon={<SlidersHorizontal size={16} />}>
            {brk.pace.breathsPerMinute} breaths/min · {brk.pace.exhaleRatio}× · {brk.firstSide} first
          </Button>
        </Popover>
      </div>
      {timed.ok && (
        <span className={styles.hidden} role="status">
          {`The break takes ${minSec(timed.timeline.totals.totalMs)} of ${minSec(brk.slotSec * 1000)}`}
        </span>
      )}
    </header>
  );
};
