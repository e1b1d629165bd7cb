import type { Minutes } from '@kotabi/core/model';
import { Bar, BarChart, Cell, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { colour } from '../../../theme/tokens';

/** Minutes a bar of the picture takes together. */
const BIN: Minutes = 10;

/** How often the longest run of a day was how long; bars beyond the limit are crimson and hatched by their place. */
export const RunChart = ({ longest, limitMin }: { longest: readonly number[]; limitMin: Minutes }) => {
  const all = longest.reduce((a, b) => a + b, 0);
  const bins: { from: number; share: number; long: boolean }[] = [];
  for (const [run, n] of longest.entries()) {
    const i = Math.floor(Math.max(0, run - 1) / BIN);
    while (bins.length <= i)
      bins.push({ from: bins.length * BIN, share: 0, long: bins.length * BIN >= limitMin });
    const bin = bins[i];
    if (bin) bin.share += n / all;
  }
  const first = Math.max(0, bins.findIndex((b) => b.share > 0) - 1);
  const data = bins.slice(first).map((b) => ({ ...b, name: `${b.from + BIN}` }));
  const over = data.reduce((sum, b) => sum + (b.long ? b.share : 0), 0);
  return (
    <div
      role="img"
      aria-label={`Longest run of a day: ${Math.round(over * 100)} % of days are over ${limitMin} min`}
    >
      <ResponsiveContainer width="100%" height={150}>
        <BarChart data={data} margin={{ top: 6, right: 4, bottom: 14, left: 0 }} barCategoryGap={2}>
          <XAxis
            dataKey="name"
            tick={{ fontSize: 12, fill: colour.muted }}
            tickLine={false}
            axisLine={{ stroke: colour.line }}
            interval="preserveStartEnd"
            label={{
              value: 'longest run of a day, up to … min',
              position: 'insideBottom',
              offset: -10,
              fontSize: 12,
              fill: colour.muted,
            }}
          />
          <YAxis hide />
          <Tooltip
            isAnimationActive={false}
            cursor={{ fill: 'rgba(32,41,58,0.06)' }}
            formatter={(value) => [`${(Number(value) * 100).toFixed(1)} %`, 'of days']}
            labelFormatter={(label) => `longest run up to ${label} min`}
          />
          <Bar dataKey="share" isAnimationActive={false} radius={[3, 3, 0, 0]}>
            {data.map((b) => (
              <Cell key={b.name} fill={b.long ? colour.stop : colour.together} />
            ))}
          </Bar>
          <ReferenceLine
            x={String(Math.ceil(limitMin / BIN) * BIN)}
            stroke={colour.stop}
            strokeDasharray="4 4"
          />
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
};
