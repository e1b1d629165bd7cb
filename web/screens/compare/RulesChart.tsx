import { CartesianGrid, ResponsiveContainer, Scatter, ScatterChart, Tooltip, XAxis, YAxis } from 'recharts';
import { colour } from '../../theme/tokens';
import { clustered, type Lettered, type Point } from './cluster';

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** Minutes in breaks a day against the chance of a long run: down and to the left is better. */
export const RulesChart = ({ outcomes, limitMin }: { outcomes: readonly Lettered[]; limitMin: number }) => (
  <div
    role="img"
    aria-label={outcomes
      .map(
        (o) =>
          `${o.name}: ${o.minutesADay.toFixed(0)} min in breaks a day, a long run on ${percent(o.longRun)} of days`,
      )
      .join('. ')}
  >
    <ResponsiveContainer width="100%" height={330}>
      <ScatterChart margin={{ top: 18, right: 24, bottom: 30, left: 18 }}>
        <CartesianGrid stroke={colour.line} strokeDasharray="3 5" />
        <XAxis
          type="number"
          dataKey="minutesADay"
          name="In breaks a day"
          tick={{ fontSize: 13, fill: colour.muted }}
          domain={[0, 'dataMax + 5']}
          tickFormatter={(v: number) => String(Math.round(v))}
          label={{
            value: 'minutes in breaks a day, as planned',
            position: 'insideBottom',
            offset: -16,
            fill: colour.muted,
            fontSize: 13,
          }}
        />
        <YAxis
          type="number"
          dataKey="longRun"
          domain={[0, 1]}
          tick={{ fontSize: 13, fill: colour.muted }}
          tickFormatter={percent}
          label={{
            value: `days with a run over ${limitMin} min`,
            angle: -90,
            position: 'insideLeft',
            offset: 0,
            dy: 90,
            fill: colour.muted,
            fontSize: 13,
          }}
        />
        <Tooltip
          isAnimationActive={false}
          content={({ payload }) => {
            const o = payload?.[0]?.payload as Point | undefined;
            return o ? (
              <div className="card" style={{ padding: '6px 10px', maxWidth: 260 }}>
                <b>{o.names.join('; ')}</b>
                <div className="small">
                  {o.minutesADay.toFixed(0)} min in breaks a day; a long run on {percent(o.longRun)} of days
                </div>
              </div>
            ) : null;
          }}
        />
        {/* The week's own rule is drawn last, on top of the others. */}
        <Scatter data={clustered(outcomes).reverse()} isAnimationActive={false} shape={Pill} />
      </ScatterChart>
    </ResponsiveContainer>
  </div>
);

const HIGH = 26;

/** A point with the letters of its rules. */
const Pill = ({ cx = 0, cy = 0, payload }: { cx?: number; cy?: number; payload?: Point }) => {
  const letters = payload?.letters ?? '';
  const wide = HIGH + 9 * (letters.length - 1);
  return (
    <g>
      <rect
        x={cx - wide / 2}
        y={cy - HIGH / 2}
        width={wide}
        height={HIGH}
        rx={HIGH / 2}
        fill={letters.startsWith('A') ? colour.ink : colour.together}
      />
      <text x={cx} y={cy + 5} textAnchor="middle" fill={colour.paper} fontSize="14" fontWeight="700">
        {letters}
      </text>
    </g>
  );
};
