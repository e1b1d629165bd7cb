import { drawPose, windowOf } from '@kotabi/core/figure';
import { BODY } from '@kotabi/core/measure';
import { type Area, type AreaTension, Motion, Side } from '@kotabi/core/model';
import { useMemo } from 'react';
import { FigureCanvas } from '../../figure/Figure';
import styles from './measure.module.css';

const VIEWS = ['front', 'back'] as const;
type BodyView = (typeof VIEWS)[number];
const WIDTH = 232;
/** A body that stands is narrow: its picture is cut to it. */
const ASPECT = 0.5;

/** The middle of a path that is made of points. */
const middleOf = (d: string): { x: number; y: number } => {
  const points = [...d.matchAll(/[ML](-?\d+) (-?\d+)/g)].map((m) => [Number(m[1]), Number(m[2])] as const);
  const mid = (values: number[]): number => (Math.min(...values) + Math.max(...values)) / 2;
  return { x: mid(points.map((p) => p[0])), y: mid(points.map((p) => p[1])) };
};

interface Spot {
  area: Area;
  side: Side;
  d: string;
  at: { x: number; y: number };
}

const bodyOf = (view: BodyView) => {
  const motion = Motion.parse({ view, crop: 'whole', poses: [{ base: 'stand' }] });
  const [pose] = motion.poses;
  if (!pose) throw new Error('a body has a pose');
  const spots = BODY.filter((b) => b.view === view).flatMap(({ area, muscle }) =>
    Side.options.flatMap((side): Spot[] => {
      const d = drawPose(pose, { view, felt: { muscles: [muscle], side } })
        .filter((s) => s.tone === 'felt')
        .map((s) => s.d)
        .join('');
      return d === '' ? [] : [{ area, side, d, at: middleOf(d) }];
    }),
  );
  const whole = windowOf(motion);
  const width = whole.height * ASPECT;
  const box = { ...whole, x: whole.x + (whole.width - width) / 2, width };
  return { box, shapes: drawPose(pose, { view }).filter((s) => !s.name.startsWith('prop')), spots };
};

interface Props {
  tension: readonly AreaTension[];
  chosen: { area: Area; side: AreaTension['side'] } | null;
  choose: (area: Area, side: Side) => void;
}

const numbers = ({ before, after }: AreaTension): string =>
  after === null ? `${before ?? '–'}` : `${before ?? '–'}→${after}`;

/** The body from the front and from behind, your left on the left of the page: press a place to say how tense it is. */
export const BodyMap = ({ tension, chosen, choose }: Props) => {
  const bodies = useMemo(() => VIEWS.map((view) => ({ view, ...bodyOf(view) })), []);
  const ratedOf = ({ area, side }: Spot): AreaTension | undefined =>
    tension.find((t) => t.area === area && (t.side === side || t.side === 'both'));
  return (
    <div className={styles.bodies}>
      {bodies.map(({ view, box, shapes, spots }) => (
        <figure key={view}>
          <FigureCanvas box={box} shapes={shapes} width={WIDTH} aspect={ASPECT}>
            {spots.map((spot) => {
              const rated = ratedOf(spot);
              const value = rated?.after ?? rated?.before ?? null;
              const here = chosen?.area === spot.area && chosen.side === spot.side;
              return (
                // The lists beside it say and do the same by key.
                // biome-ignore lint/a11y/noStaticElementInteractions: a second way to what a button does
                <g
                  key={`${spot.area} ${spot.side}`}
                  className={styles.spot}
                  onClick={() => choose(spot.area, spot.side)}
                >
                  <title>{`${spot.side} ${spot.area}`}</title>
                  <path
                    d={spot.d}
                    fill={`var(--${spot.side})`}
                    fillOpacity={value === null ? 0.08 : 0.3 + value * 0.06}
                    stroke={here ? 'var(--ink)' : `var(--${spot.side})`}
                    strokeWidth={here ? 16 : 8}
                    strokeDasharray={value === null && !here ? '18 16' : undefined}
                  />
                  <circle cx={spot.at.x} cy={spot.at.y} r="75" fill="transparent" />
                  {rated && (
                    <text
                      x={spot.at.x + (spot.side === 'left' ? -70 : 70)}
                      y={spot.at.y + 24}
                      textAnchor={spot.side === 'left' ? 'end' : 'start'}
                      className={styles.rated}
                      fill={`var(--${spot.side === 'left' ? 'left' : 'right-ink'})`}
                    >
                      {numbers(rated)}
                    </text>
                  )}
                </g>
              );
            })}
          </FigureCanvas>
          <figcaption className="muted small">{view}</figcaption>
        </figure>
      ))}
    </div>
  );
};
