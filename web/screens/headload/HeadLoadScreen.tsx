import { drawPose, windowOf } from '@kotabi/core/figure';
import { Motion, Pose } from '@kotabi/core/model';
import { FROM_MEMORY, HEAD_LOAD_POINTS, headLoad, published } from '@kotabi/core/reference';
import { Slider } from 'antd';
import { type PointerEvent, useRef, useState } from 'react';
import { Link } from 'react-router';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceDot,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { FigureCanvas } from '../../figure/Figure';
import { useTitle } from '../../shell/useTitle';
import { colour } from '../../theme/tokens';
import { Cited } from '../../words/Cited';
import styles from './headload.module.css';

const MOST = 60;
/** The head follows the neck and a little of the upper back. */
const tilted = (deg: number): Pose =>
  Pose.parse({ angles: { 'neck.flex': Math.round(deg * 0.75), 'upper.flex': Math.round(deg * 0.25) } });
const WINDOW = windowOf(Motion.parse({ view: 'near', crop: 'upper', poses: [tilted(0), tilted(MOST)] }));
const CURVE = HEAD_LOAD_POINTS.map((p) => ({ deg: p.tiltDeg, kg: headLoad(p.tiltDeg)?.kg ?? 0 }));

/** A small, honest explainer: what a tilted head weighs on the neck, and what that does not mean. */
export const HeadLoadScreen = () => {
  useTitle('Head load');
  const [deg, setDeg] = useState(15);
  const from = useRef<{ x: number; deg: number } | null>(null);
  const load = headLoad(deg);
  const upright = headLoad(0);
  const shapes = drawPose(tilted(deg), { view: 'near', props: ['stool'] });
  const begin = (e: PointerEvent<HTMLDivElement>): void => {
    e.currentTarget.setPointerCapture(e.pointerId);
    from.current = { x: e.clientX, deg };
  };
  const drag = (e: PointerEvent): void => {
    if (!from.current) return;
    // Seen from the left, forward lies to the left.
    setDeg(Math.round(Math.min(MOST, Math.max(0, from.current.deg + (from.current.x - e.clientX) / 3))));
  };
  return (
    <div className="page">
      <h1>What a tilted head weighs</h1>
      <p className="muted">For the group: drag the head, or use the slider.</p>
      <div className={styles.columns}>
        <div
          className={`card ${styles.figure}`}
          onPointerDown={begin}
          onPointerMove={drag}
          onPointerUp={() => {
            from.current = null;
          }}
        >
          <FigureCanvas
            box={WINDOW}
            shapes={shapes}
            width={430}
            label={`A seated figure from the side, the head tilted forward ${deg} degrees`}
          />
        </div>
        <div className={styles.text}>
          <div className={styles.numbers} role="status">
            <div>
              <b className="tabular">{deg}°</b>
              <span>tilt of the head</span>
            </div>
            {load && (
              <div>
                <b className="tabular">{load.kg.toFixed(0)} kg</b>
                <span>
                  {load.lb.toFixed(0)} lb on the neck
                  {upright && deg > 0 && `, ${(load.lb / upright.lb).toFixed(1)} times as much as upright`}
                </span>
              </div>
            )}
          </div>
          <Slider
            min={0}
            max={MOST}
            value={deg}
            onChange={setDeg}
            ariaLabelForHandle="Tilt of the head"
            marks={Object.fromEntries(HEAD_LOAD_POINTS.map((p) => [p.tiltDeg, `${p.tiltDeg}°`]))}
            tooltip={{ formatter: (v) => `${v}°` }}
          />
          <div className={styles.chart}>
            <ResponsiveContainer width="100%" height={190}>
              <LineChart data={CURVE} margin={{ top: 10, right: 20, bottom: 14, left: 4 }}>
                <CartesianGrid stroke={colour.line} />
                <XAxis
                  dataKey="deg"
                  type="number"
                  domain={[0, MOST]}
                  ticks={[0, 15, 30, 45, 60]}
                  unit="°"
                  stroke={colour.muted}
                  label={{ value: 'tilt', position: 'insideBottom', offset: -8, fill: colour.muted }}
                />
                <YAxis unit=" kg" domain={[0, 30]} ticks={[0, 10, 20, 30]} stroke={colour.muted} width={54} />
                <Tooltip
                  formatter={(v) => [`${Number(v).toFixed(1)} kg`, 'load']}
                  labelFormatter={(v) => `${v}°`}
                />
                <Line
                  dataKey="kg"
                  stroke={colour.together}
                  strokeWidth={3}
                  dot={{ r: 5, fill: colour.paper, stroke: colour.together, strokeWidth: 2 }}
                  isAnimationActive={false}
                />
                {load && <ReferenceDot x={deg} y={load.kg} r={7} fill={colour.stop} stroke={colour.paper} />}
              </LineChart>
            </ResponsiveContainer>
          </div>
          <p className="small">
            {load?.published
              ? 'This is a published point.'
              : 'Between two published points, on a straight line.'}{' '}
            <Cited source={published.headLoad} />: {published.headLoad.source}.{' '}
            {published.headLoad.note.replace(`${FROM_MEMORY} `, '')}
          </p>
          <section className={styles.honest}>
            <h2>What it does not mean</h2>
            <p>
              It is a calculation in a model of one body, not a measurement on people. A load is not an
              injury: necks are made to carry and to move. What tires is holding still for long. Beyond 60°
              nothing is published, so nothing is shown.
            </p>
            <p className="small">
              Held still, an inclination up to {published.headInclination.acceptableDeg}° counts as
              acceptable, beyond it the time matters (<Cited source={published.headInclination} />
              ). <Link to="/numbers">Where the numbers come from</Link>
            </p>
          </section>
        </div>
      </div>
    </div>
  );
};
