import { compareBreaks } from '@kotabi/core/compare';
import type { Approach, Break, MoveLookup } from '@kotabi/core/model';
import { timed } from '@kotabi/core/timing';
import { useQuery } from '@tanstack/react-query';
import { Button, Modal, Spin } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import { messageOf, request } from '../../../api/client';
import { MiniSpine } from '../../../sheet/MiniSpine';
import { changeText } from '../../../words/changes';
import { minSec } from '../../../words/time';
import styles from './dialogs.module.css';
import { thinned } from './thin';

interface Version {
  version: number;
  savedAt: string;
  value: Break;
}

interface Props {
  brk: Break;
  lookup: MoveLookup;
  approach: Approach;
  close: () => void;
  bringBack: (version: number, value: Break) => void;
}

const lengthOf = (brk: Break, lookup: MoveLookup, approach: Approach): number | null => {
  const t = timed(brk, lookup, approach);
  return t.ok ? t.timeline.totals.totalMs : null;
};

const Spine = ({
  title,
  brk,
  scaleMs,
  lookup,
  approach,
}: {
  title: string;
  brk: Break;
  scaleMs: number;
} & Pick<Props, 'lookup' | 'approach'>) => {
  const t = timed(brk, lookup, approach);
  return (
    <figure className={styles.spine}>
      <figcaption>
        <b>{title}</b>
        <span className="tabular small muted">
          {t.ok ? `${minSec(t.timeline.totals.totalMs)} of ${minSec(brk.slotSec * 1000)}` : 'cannot be timed'}
        </span>
      </figcaption>
      <MiniSpine parts={t.ok ? t.timeline.parts : []} tall scaleMs={scaleMs} />
    </figure>
  );
};

/** Every saved state: looked at, compared with what is there now, in words and on two spines, and brought back. */
export const VersionsDialog = ({ brk, lookup, approach, close, bringBack }: Props) => {
  const { data, error } = useQuery({
    queryKey: ['versions', brk.id],
    queryFn: () => request<Version[]>('GET', `/api/breaks/${brk.id}/versions`),
    gcTime: 0,
    staleTime: 0,
  });
  const [chosen, setChosen] = useState<number | null>(null);
  const list = thinned(data ?? []);
  const at = list.find((v) => v.version === chosen) ?? list[1] ?? list[0];
  const changes = useMemo(() => (at ? compareBreaks(at.value, brk) : []), [at, brk]);
  const scaleMs = Math.max(
    at ? (lengthOf(at.value, lookup, approach) ?? 0) : 0,
    lengthOf(brk, lookup, approach) ?? 0,
  );
  return (
    <Modal open title={`Versions of “${brk.name}”`} width={900} onCancel={close} footer={null}>
      {error && <p role="alert">{messageOf(error)}</p>}
      {!data && !error && <Spin />}
      <div className={styles.versions}>
        <ul className={styles.list} aria-label="Saved states">
          {list.map((v, i) => {
            const ms = lengthOf(v.value, lookup, approach);
            return (
              <li key={v.version}>
                <button
                  type="button"
                  aria-pressed={v.version === at?.version}
                  onClick={() => setChosen(v.version)}
                >
                  <b>{i === 0 ? 'Newest' : `Version ${v.version}`}</b>
                  <span className="muted small">
                    {dayjs(v.savedAt).format('D MMM, HH:mm:ss')}
                    {ms !== null && ` · ${minSec(ms)}`}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
        {at && (
          <div className={styles.compare}>
            <div className={styles.spines}>
              <Spine
                title={at === list[0] ? 'Newest saved' : `Version ${at.version}`}
                brk={at.value}
                scaleMs={scaleMs}
                lookup={lookup}
                approach={approach}
              />
              <Spine
                title="On the sheet now"
                brk={brk}
                scaleMs={scaleMs}
                lookup={lookup}
                approach={approach}
              />
              <section aria-label="What changed since">
                <h3>What changed since</h3>
                {changes.length === 0 && <p className="muted">Nothing: they are the same.</p>}
                <ul>
                  {changes.map((c) => (
                    <li key={changeText(c, lookup)}>{changeText(c, lookup)}</li>
                  ))}
                </ul>
              </section>
            </div>
            <Button
              type="primary"
              disabled={changes.length === 0}
              onClick={() => {
                bringBack(at.version, at.value);
                close();
              }}
            >
              Bring this one back
            </Button>
            <p className="muted small">
              It becomes the newest state; undo takes you to what is there now. All versions of today are
              kept, then the last one of each day for two weeks and of each week for half a year.
            </p>
          </div>
        )}
      </div>
    </Modal>
  );
};
