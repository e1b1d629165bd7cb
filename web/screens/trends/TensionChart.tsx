import type { TensionTrend } from '@kotabi/core/trends';
import dayjs from 'dayjs';
import {
  CartesianGrid,
  ErrorBar,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { colour } from '../../theme/tokens';

const WEEK = 7 * 86_400_000;
/** Before and after of a week stand beside each other. */
const BESIDE = 0.13 * WEEK;

interface Dot {
  x: number;
  y: number;
  /** How far the span reaches down and up. */
  error: [number, number];
  n: number;
}

/** Of two a bar would fill the page and say nothing. */
const FEWEST_FOR_A_BAR = 3;

const dots = (trend: TensionTrend, key: 'before' | 'after'): Dot[] =>
  trend.weeks.flatMap((w) => {
    const e = w[key];
    if (!e) return [];
    const at = Date.parse(w.week) + (key === 'before' ? -BESIDE : BESIDE);
    const known = e.n >= FEWEST_FOR_A_BAR;
    const inside = (n: number): number => Math.min(10, Math.max(0, n));
    return [
      {
        x: at,
        y: e.value,
        error: known ? [e.value - inside(e.low ?? e.value), inside(e.high ?? e.value) - e.value] : [0, 0],
        n: e.n,
      },
    ];
  });

const tint = (side: string | undefined): string =>
  side === 'left' ? colour.left : side === 'right' ? colour.right : colour.together;

/** Tension week by week: open before, filled after, with the span in which the mean lies. No line: weeks are few. */
export const TensionChart = ({ trend }: { trend: TensionTrend }) => {
  const paint = tint(trend.of?.side);
  const first = Date.parse(trend.weeks[0]?.week ?? '2026-01-01');
  const last = Date.parse(trend.weeks.at(-1)?.week ?? '2026-01-01');
  const dot = (filled: boolean) => (p: { cx?: number; cy?: number }) => (
    <circle cx={p.cx} cy={p.cy} r="6" fill={filled ? paint : colour.paper} stroke={paint} strokeWidth="2.5" />
  );
  return (
    <ResponsiveContainer width="100%" height={210}>
      <ScatterChart margin={{ top: 8, right: 16, bottom: 4, left: -18 }} accessibilityLayer={false}>
        <CartesianGrid stroke={colour.line} vertical={false} />
        <XAxis
          type="number"
          dataKey="x"
          domain={[first - WEEK / 2, last + WEEK / 2]}
          ticks={trend.weeks.map((w) => Date.parse(w.week))}
          tickFormatter={(t: number) => dayjs(t).format('D MMM')}
          tick={{ fontSize: 12, fill: colour.muted }}
        />
        <YAxis
          type="number"
          dataKey="y"
          domain={[0, 10]}
          ticks={[0, 2, 4, 6, 8, 10]}
          tick={{ fontSize: 12, fill: colour.muted }}
        />
        <Tooltip
          isAnimationActive={false}
          content={({ payload }) => {
            const d = payload?.[0]?.payload as Dot | undefined;
            return d ? (
              <div className="card small" style={{ padding: '4px 8px' }}>
                {d.y.toFixed(1)}, {d.n} time{d.n === 1 ? '' : 's'}
              </div>
            ) : null;
          }}
        />
        {(['before', 'after'] as const).map((when) => (
          <Scatter
            key={when}
            data={dots(trend, when)}
            shape={dot(when === 'after')}
            isAnimationActive={false}
          >
            <ErrorBar
              dataKey="error"
              direction="y"
              width={0}
              stroke={paint}
              strokeOpacity={0.35}
              strokeWidth={8}
            />
          </Scatter>
        ))}
      </ScatterChart>
    </ResponsiveContainer>
  );
};
