import type { Shelf } from '@kotabi/core/library';
import { type Approach, type Break, type Kept, stepsOf } from '@kotabi/core/model';
import { mostMs, timed } from '@kotabi/core/timing';
import { Button } from 'antd';
import { Copy, Download, MoreHorizontal, Play, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { LazyMenu } from '../../fields/LazyMenu';
import { laterQuietly } from '../../later/later';
import { MiniSpine } from '../../sheet/MiniSpine';
import { length, minSec, minSecTo } from '../../words/time';
import styles from './breaks.module.css';

interface Props {
  kept: Kept<Break>;
  groupName: string;
  shelf: Shelf;
  approach: Approach;
  duplicate: () => void;
  remove: () => void;
}

// The rules of the review are heavier than everything else of the list: what they say comes a moment later.
const StandsOut = laterQuietly(async () => (await import('./StandsOut')).default);

/** One break in the list: its shape, its real length, what stands out, what can be done with it. */
export const BreakItem = ({ kept: { value }, groupName, shelf, approach, duplicate, remove }: Props) => {
  const t = timed(value, shelf.lookup, approach);
  const total = t.ok ? t.timeline.totals.totalMs : 0;
  const most = t.ok ? mostMs(t.timeline) : 0;
  const over = total - value.slotSec * 1000;
  const count = stepsOf(value).length;
  const download = (kind: 'file' | 'track', label: string) => ({
    key: kind,
    icon: <Download size={15} />,
    label: (
      <a href={`/api/breaks/${value.id}/${kind}`} download>
        {label}
      </a>
    ),
  });
  return (
    <li className={`card ${styles.item}`}>
      <MiniSpine parts={t.ok ? t.timeline.parts : []} />
      <div className={styles.text}>
        <h2>
          <Link to={`/breaks/${value.id}`}>{value.name}</Link>
        </h2>
        <p className="muted">{groupName}</p>
        <p className="tabular">
          {count === 0 ? (
            'nothing in it yet'
          ) : (
            <>
              <b>{minSecTo(total, most)}</b> of {minSec(value.slotSec * 1000)} min · {count} step
              {count === 1 ? '' : 's'}
              {over > 0 && <b className={styles.over}> · {length(over)} over</b>}
            </>
          )}
        </p>
        <p className={`small muted ${styles.note}`}>
          {!t.ok && 'uses a move that is not here'}
          {t.ok && count > 0 && <StandsOut brk={value} shelf={shelf} approach={approach} />}
        </p>
      </div>
      <div className={styles.actions}>
        <Button
          icon={<Play size={15} />}
          disabled={!t.ok || count === 0}
          onClick={() => location.assign(`/lead/${value.id}`)}
        >
          Lead
        </Button>
        <LazyMenu
          type="text"
          aria-label={`More for ${value.name}`}
          icon={<MoreHorizontal size={18} />}
          menu={{
            items: [
              { key: 'copy', icon: <Copy size={15} />, label: 'Duplicate', onClick: duplicate },
              download('file', 'Break file'),
              download('track', 'Cue track'),
              { type: 'divider' },
              { key: 'del', danger: true, icon: <Trash2 size={15} />, label: 'Delete', onClick: remove },
            ],
          }}
        />
      </div>
    </li>
  );
};
