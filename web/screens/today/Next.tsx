import { thingWord } from '@kotabi/core/cues';
import { type Break, isOnEdge, roomLimits, type Thing } from '@kotabi/core/model';
import { needsTable } from '@kotabi/core/needs';
import { placedSteps, timed } from '@kotabi/core/timing';
import { Button } from 'antd';
import { Link } from 'react-router';
import { useMoves, usePeople } from '../../api/queries';
import { Figure } from '../../figure/Figure';
import { leadAddress } from '../../lead/place';
import { minSec } from '../../words/time';
import { comingText, startText } from '../../words/today';
import styles from './today.module.css';
import type { Coming } from './useToday';

const IN_REACH: readonly Thing[] = ['desk', 'chair'];

/** What is led next: when, where, for whom, what to bring, and one press to lead it. */
export const Next = ({ next, monday }: { next: Coming; monday: string }) => {
  const { group, brk } = next;
  const week = `/week/${group.id}/${monday}`;
  return (
    <section className={`card ${styles.next}`} aria-label="Next">
      {brk ? <Planned next={next} brk={brk} week={week} /> : <Open next={next} week={week} />}
    </section>
  );
};

const Open = ({ next, week }: { next: Coming; week: string }) => (
  <div>
    <p className="muted">{comingText(next)}</p>
    <h2>{startText(next)} · no break chosen yet</h2>
    <p>{next.group.name}. Choose which break it is, so that people know what to do.</p>
    <Link to={week}>
      <Button type="primary">Choose it in the week</Button>
    </Link>
  </div>
);

const Planned = ({ next, brk, week }: { next: Coming; brk: Break; week: string }) => {
  const { group } = next;
  const { lookup, approach } = useMoves();
  const people = (usePeople(group.id).data ?? []).map((p) => p.value);
  const t = timed(brk, lookup, approach);
  const steps = t.ok ? placedSteps(t.resolved) : [];
  const main = steps.find((at) => at.move.kind === 'stretch') ?? steps[0];
  const things = [...new Set(steps.flatMap((at) => at.things))].filter((one) => !IN_REACH.includes(one));
  const onEdge = steps.some((at) => isOnEdge(at.position));
  const own = new Set(
    needsTable(brk, people, { limits: roomLimits(group), things: group.things }, lookup).flatMap(
      ({ answers }) =>
        answers.filter(({ answer }) => answer.verdict !== 'fine').map(({ person }) => person.id),
    ),
  ).size;
  const bring = things.length > 0 ? things.map((one) => thingWord(one)).join(', ') : 'nothing';
  return (
    <>
      {main && (
        <Figure move={main.move} rung={main.step.rung} position={main.position} width={150} side="left" />
      )}
      <div>
        <p className="muted">{comingText(next)}</p>
        <h2>
          {startText(next)} · {brk.name}
        </h2>
        <p>
          {[group.name, group.site].filter(Boolean).join(', ')} ·{' '}
          {minSec(t.ok ? t.timeline.totals.totalMs : 0)} min
        </p>
        <p className="muted small">
          Bring: {bring}.{onEdge && group.seats.castors && ' Chairs roll: lock or wedge them.'}
          {own > 0 && ` ${own === 1 ? 'One person has' : `${own} people have`} a version of their own.`}
        </p>
        <div className="bar">
          <Button
            type="primary"
            onClick={() =>
              window.location.assign(
                leadAddress({ breakId: brk.id, groupId: group.id, from: '/today', planned: next.id }),
              )
            }
          >
            Lead it
          </Button>
          <Link to={`/breaks/${brk.id}`}>
            <Button>Look it over</Button>
          </Link>
          <Link to={week}>
            <Button>Move or skip</Button>
          </Link>
        </div>
      </div>
    </>
  );
};
