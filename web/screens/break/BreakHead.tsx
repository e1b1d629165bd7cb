import { type Approach, type ApproachQuestion, Break, type Move, type MoveLookup } from '@kotabi/core/model';
import type { Audience, Timed } from '@kotabi/core/review';
import { App, Button, Dropdown, Input, Modal, Popover, Select } from 'antd';
import { Compass, Download, Play, SlidersHorizontal, Target, Users } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { useGroups } from '../../api/queries';
import { minSec } from '../../words/time';
import { OwnAnswers } from '../approach/OwnAnswers';
import styles from './break.module.css';
import { FormNote, FormsMenu } from './FormsNote';
import { Gauge } from './Gauge';
import { PaceForm } from './PaceForm';
import { PurposeForm, purposeText } from './PurposeForm';
import { SaveNote } from './SaveNote';
import type { BreakStore } from './store';
import { Totals } from './Totals';

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

interface Props {
  store: BreakStore;
  timed: Timed;
  /** The instructor's own. */
  approach: Approach;
  moves: readonly Move[];
  lookup: MoveLookup;
  audience: Audience | null;
  openFit: () => void;
}

/** Name, group, slot, totals, and what can be done with the whole break. */
export const BreakHead = ({ store, timed, approach, moves, lookup, audience, openFit }: Props) => {
  const { brk, edit } = useStore(store);
  const groups = useGroups();
  const navigate = useNavigate();
  const file = `/api/breaks/${brk.id}`;
  const own = Object.keys(brk.approach ?? {}).length;
  const [answering, setAnswering] = useState(false);
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
        {brk.groupId && (
          <Link
            to={`/people/${brk.groupId}/needs?break=${brk.id}`}
            className={styles.needsLink}
            aria-label="Who needs what"
          >
            <Users size={16} aria-hidden="true" /> <span className={styles.wide}>Who needs what</span>
          </Link>
        )}
        <SaveNote store={store} />
        <FormsMenu store={store} moves={moves} lookup={lookup} approach={approach} audience={audience} />
        <Button
          icon={<Compass size={16} />}
          aria-label={own > 0 ? `Approach (${own})` : 'Approach'}
          title="Approach: where this break answers differently"
          onClick={() => setAnswering(true)}
        >
          {own > 0 ? own : null}
        </Button>
        <Modal
          open={answering}
          title="This break answers differently"
          width={720}
          okText="Done"
          cancelButtonProps={{ style: { display: 'none' } }}
          onOk={() => setAnswering(false)}
          onCancel={() => setAnswering(false)}
        >
          <OwnAnswers
            own={approach}
            override={brk.approach ?? {}}
            change={(key: ApproachQuestion, answer) =>
              edit('answer differently', (d) => {
                const next: Record<string, string> = { ...d.approach };
                if (answer === undefined) delete next[key];
                else next[key] = answer;
                if (Object.keys(next).length === 0) delete d.approach;
                else d.approach = next as Partial<Approach>;
              })
            }
          />
        </Modal>
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
          <Button icon={<Download size={16} />} aria-label="Take away" title="Take away as a file" />
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
        <Button size="small" onClick={openFit} disabled={brk.items.length === 0} title="Shift F">
          Fit
        </Button>
        {timed.ok && <Totals totals={timed.timeline.totals} />}
        <span className={styles.grow} />
        <Popover
          trigger="click"
          placement="bottomRight"
          title="What this break is for"
          content={<PurposeForm store={store} />}
        >
          <Button type="text" icon={<Target size={16} />} aria-label={`What for: ${purposeText(brk)}`}>
            <span className={styles.wide}>{purposeText(brk)}</span>
          </Button>
        </Popover>
        <Popover
          trigger="click"
          placement="bottomRight"
          title="Pace of this break"
          content={<PaceForm store={store} />}
        >
          <Button type="text" icon={<SlidersHorizontal size={16} />}>
            <span>
              {brk.pace.breathsPerMinute}
              <span className={styles.wide}> breaths/min · {brk.firstSide} first</span>
            </span>
          </Button>
        </Popover>
      </div>
      <FormNote store={store} moves={moves} lookup={lookup} approach={approach} audience={audience} />
      {timed.ok && (
        <span className={styles.hidden} role="status">
          {`The break takes ${minSec(timed.timeline.totals.totalMs)} of ${minSec(brk.slotSec * 1000)}`}
        </span>
      )}
    </header>
  );
};
