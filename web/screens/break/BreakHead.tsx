import { type Approach, Break, type Move, type MoveLookup } from '@kotabi/core/model';
import type { Audience, Reviewed } from '@kotabi/core/review';
import { mostMs } from '@kotabi/core/timing';
import { Button } from 'antd';
import { Compass, Download, Play, SlidersHorizontal, Target, Users } from 'lucide-react';
import { Suspense, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { useApproach, useGroups, useRoles } from '../../api/queries';
import { atRest } from '../../document/useDocument';
import { LazyMenu } from '../../fields/LazyMenu';
import { LazyPopover } from '../../fields/LazyPopover';
import { LazySelect } from '../../fields/LazySelect';
import { later, laterQuietly } from '../../later/later';
import { useMessages } from '../../shell/messages';
import { purposeText } from '../../words/purpose';
import { minSec } from '../../words/time';
import { BreakSaveNote } from './BreakSaveNote';
import styles from './break.module.css';
import { FormsMenu } from './FormsMenu';
import { Gauge } from './Gauge';
import headStyles from './head.module.css';
import type { BreakStore } from './store';
import { Totals } from './Totals';

const nameSchema = Break.shape.name;
/** Letters of a name that the line has room for in large type; longer ones are set smaller. */
const ROOM_FOR_LARGE = 30;

/** The name, kept letter by letter; one that cannot be kept is refused and the last good one comes back. */
const Name = ({ store }: { store: BreakStore }) => {
  const { value: brk, edit } = useStore(store);
  const { message } = useMessages();
  const [typed, setTyped] = useState<string | null>(null);
  const before = useRef(brk.name);
  const wrong = typed !== null && !nameSchema.safeParse(typed).success;
  const rename = (name: string): void =>
    edit(
      'rename',
      (d) => {
        d.name = name;
      },
      { key: 'name' },
    );
  return (
    <input
      className={`${headStyles.name} ${wrong ? headStyles.nameWrong : ''}`}
      data-long={(typed ?? brk.name).length > ROOM_FOR_LARGE || undefined}
      aria-label="Name of the break"
      maxLength={80}
      aria-invalid={wrong}
      value={typed ?? brk.name}
      onFocus={() => {
        before.current = brk.name;
      }}
      onChange={(e) => {
        setTyped(e.target.value);
        const parsed = nameSchema.safeParse(e.target.value);
        if (parsed.success) rename(parsed.data);
      }}
      onBlur={() => {
        if (wrong) {
          void message.info('A break needs a name; the old one was kept.');
          rename(before.current);
        }
        setTyped(null);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') {
          rename(before.current);
          setTyped(null);
        }
      }}
    />
  );
};

/** Only where several instructors work, who have signed in. */
const Sharing = laterQuietly(async () => (await import('../../access/Sharing')).Sharing);
const AnswersDialog = later(async () => (await import('./AnswersDialog')).default);
const FormNote = later(async () => (await import('./FormNote')).default);
const PaceForm = later(async () => (await import('./PaceForm')).default);
const PurposeForm = later(async () => (await import('./PurposeForm')).default);

interface Props {
  store: BreakStore;
  timed: Reviewed;
  /** The instructor's own. */
  approach: Approach;
  moves: readonly Move[];
  lookup: MoveLookup;
  audience: Audience | null;
  openFit: () => void;
}

/** What a break can be on paper. */
const PAPERS = [
  ['page', 'One page to hand out (PDF)'],
  ['cards', 'Cue cards to lead from (PDF)'],
  ['strip', 'Strip for the edge of the screen (PDF)'],
  ['poster', 'Poster for the wall (PDF)'],
] as const;

/** Name, group, slot, totals, and what can be done with the whole break. */
export const BreakHead = ({ store, timed, approach, moves, lookup, audience, openFit }: Props) => {
  const { value: brk, edit } = useStore(store);
  const { signedIn } = useRoles();
  const groups = useGroups();
  const schools = useApproach().data?.value.schools ?? [];
  const file = `/api/breaks/${brk.id}`;
  const own = Object.keys(brk.approach ?? {}).length;
  const [answering, setAnswering] = useState(false);
  return (
    <header className={headStyles.head}>
      <div className={headStyles.headLine}>
        <h1 className={headStyles.title}>
          <Name store={store} />
        </h1>
        <LazySelect
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
              // Its breaks are begun in its school; answers that a break already gives stay.
              const group = groups.data?.find((g) => g.value.id === id)?.value;
              const school = schools.find((s) => s.id === group?.schoolId);
              if (school && !d.approach) d.approach = { ...school.answers };
            })
          }
        />
        {brk.groupId && (
          <Link
            to={`/people/${brk.groupId}/needs?break=${brk.id}`}
            className={headStyles.needsLink}
            aria-label="Who needs what"
          >
            <Users size={16} aria-hidden="true" /> <span className={headStyles.wide}>Who needs what</span>
          </Link>
        )}
        <BreakSaveNote store={store} />
        {signedIn && <Sharing kind="breaks" id={brk.id} name={brk.name} />}
        <FormsMenu store={store} moves={moves} lookup={lookup} approach={approach} audience={audience} />
        <Button
          icon={<Compass size={16} />}
          aria-label={own > 0 ? `Approach (${own})` : 'Approach'}
          title="Approach: where this break answers differently"
          onClick={() => setAnswering(true)}
        >
          {own > 0 ? own : null}
        </Button>
        {answering && (
          <Suspense>
            <AnswersDialog store={store} own={approach} close={() => setAnswering(false)} />
          </Suspense>
        )}
        <LazyMenu
          icon={<Download size={16} />}
          aria-label="Take away"
          title="Take away as a file"
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
              { key: 'srt', label: <a href={`${file}/track?as=srt`}>Captions (SubRip)</a> },
              { key: 'script', label: <a href={`${file}/track?as=script`}>Script with times</a> },
              { key: 'one', label: <a href={`${file}/page`}>Web page in one file, to follow offline</a> },
              { type: 'divider' },
              ...PAPERS.map(([as, words]) => ({
                key: as,
                label: (
                  <a href={`${file}/paper?as=${as}`} target="_blank" rel="noreferrer">
                    {words}
                  </a>
                ),
              })),
            ],
          }}
        />
        <Button
          type="primary"
          icon={<Play size={16} />}
          disabled={!timed.ok || timed.timeline.parts.length === 0}
          onClick={() => void atRest(store).then(() => location.assign(`/lead/${brk.id}`))}
        >
          Lead this break
        </Button>
      </div>
      <div className={headStyles.headLine}>
        <Gauge
          slotSec={brk.slotSec}
          totalMs={timed.ok ? timed.timeline.totals.totalMs : 0}
          mostMs={timed.ok ? mostMs(timed.timeline) : 0}
          setSlot={(slotSec) =>
            edit(
              'change the slot',
              (d) => {
                d.slotSec = slotSec;
              },
              { key: 'slot' },
            )
          }
        />
        <Button size="small" onClick={openFit} disabled={brk.items.length === 0} title="Shift F">
          Fit
        </Button>
        {timed.ok && <Totals totals={timed.timeline.totals} />}
        <span className={styles.grow} />
        <LazyPopover
          about="What this break is for"
          content={<PurposeForm store={store} />}
          type="text"
          icon={<Target size={16} />}
          aria-label={`What for: ${purposeText(brk)}`}
        >
          <span className={headStyles.wide}>{purposeText(brk)}</span>
        </LazyPopover>
        <LazyPopover
          about="Pace of this break"
          content={<PaceForm store={store} />}
          type="text"
          icon={<SlidersHorizontal size={16} />}
        >
          <span>
            {brk.pace.breathsPerMinute}
            <span className={headStyles.wide}> breaths/min · {brk.firstSide} first</span>
          </span>
        </LazyPopover>
      </div>
      {brk.formOf && (
        <Suspense>
          <FormNote store={store} moves={moves} lookup={lookup} approach={approach} audience={audience} />
        </Suspense>
      )}
      {timed.ok && (
        <span className={headStyles.hidden} role="status">
          {`The break takes ${minSec(timed.timeline.totals.totalMs)} of ${minSec(brk.slotSec * 1000)}`}
        </span>
      )}
    </header>
  );
};
