import type { Guidance as Item, weekGuidance } from '@kotabi/core/schedule';
import { Check, Minus } from 'lucide-react';
import styles from '../../../week/week.module.css';
import { Cited } from '../../../words/Cited';

const PER_CENT = 100;

/** What published guidance says, in words, and what the plan comes to. */
const says = (g: Item): { says: string; plan: string } => {
  switch (g.code) {
    case 'every hour':
      return {
        says: `${g.leastMin} to ${g.mostMin} min every hour, better than 20 min every two`,
        plan: `longest time without such a break ${g.longestMin} min`,
      };
    case 'interrupted':
      return {
        says: 'daily work at a screen is interrupted now and then',
        plan: g.met
          ? 'every day has a break'
          : `${g.daysWithout} day${g.daysWithout === 1 ? ' has' : 's have'} none`,
      };
    case 'extra breaks':
      return {
        says: `${g.count} extra breaks of ${g.lengthMin} min a day: less discomfort, no less work done`,
        plan: `${Number(g.meanADay.toFixed(1))} a day`,
      };
    case 'really done':
      return {
        says: `people stretch in about ${g.ordinary * PER_CENT} % of ordinary and ${g.extra * PER_CENT} % of extra breaks`,
        plan:
          g.planned === 0
            ? 'see “Real week”'
            : `of ${g.planned}, about ${g.done} would be done; see “Real week”`,
      };
  }
};

/** Beside the rule: what published guidance says, with its source, and whether the plan meets it. */
export const Guidance = ({ items }: { items: ReturnType<typeof weekGuidance> }) => (
  <ul className={styles.guidance}>
    {items.map((g) => {
      const text = says(g);
      return (
        <li key={g.code}>
          {g.met === null ? null : g.met ? (
            <Check size={15} aria-label="met" />
          ) : (
            <Minus size={15} aria-label="not met" />
          )}
          <span>
            {text.says}{' '}
            <span className="muted">
              (<Cited source={g.source} />)
            </span>
            <b>
              {' '}
              {g.met === null ? '' : g.met ? 'Met: ' : 'Not met: '}
              {text.plan}.
            </b>
          </span>
        </li>
      );
    })}
  </ul>
);
