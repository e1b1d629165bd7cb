import { wayName } from '@kotabi/core/cues';
import { isTwoWay, otherSide, type Weight } from '@kotabi/core/model';
import { Anchor, CircleAlert, Eye, Lock, OctagonAlert } from 'lucide-react';
import { memo } from 'react';
import { minSec, seconds } from '../words/time';
import type { SheetRow } from './rows';
import { alike, Spine } from './Spine';
import styles from './sheet.module.css';

/** Pixels for one second, and the least height for reading. */
const SCALE = 1.15;
const LEAST = 52;
const LEAST_SECOND_PASS = 32;
/** More letters than two lines of the column for doses hold: such a dose has lines of its own below the name. */
const LONG_DOSE = 34;

/** Only this step, all up to it, or this one more or less. */
export type SelectMode = 'one' | 'range' | 'toggle';
const modeOf = (e: { shiftKey: boolean; ctrlKey: boolean; metaKey: boolean }): SelectMode =>
  e.shiftKey ? 'range' : e.ctrlKey || e.metaKey ? 'toggle' : 'one';

interface Props {
  row: SheetRow;
  selected: boolean;
  shown: boolean;
  tabbable: boolean;
  mark: Weight | undefined;
  onSelect: (stepId: string, mode: SelectMode) => void;
}

const workMs = (row: SheetRow, side: 'left' | 'right'): number =>
  row.parts.reduce((sum, p) => sum + (p.kind === 'work' && p.side === side ? p.lengthMs : 0), 0);

/** What the sides really get, in words: the same thing the spine draws. */
const sidesText = (row: SheetRow): string => {
  const { step, move, parts } = row;
  if (!isTwoWay(move)) {
    if (!move.ways.directions) return 'both sides together';
    return step.directions === 'both'
      ? // Short enough for its line: “left to right, then right to left”.
        move.ways.directions.map((d) => d.replace(/^from /, '')).join(', then ')
      : `${step.directions === 'first' ? move.ways.directions[0] : move.ways.directions[1]} only`;
  }
  const [left, right] = [workMs(row, 'left'), workMs(row, 'right')];
  const first = parts.find((p) => p.kind === 'work')?.side ?? 'left';
  const ms = { left, right };
  // A link of a series with rounds gets its dose so many times: told as such, beside the dose itself.
  const rounds = row.chain?.rounds ?? 1;
  const much = (side: 'left' | 'right'): string =>
    rounds > 1 ? `${rounds} × ${seconds(ms[side] / rounds)}` : seconds(ms[side]);
  if (left + right === 0) return 'nothing on this side';
  if (ms[otherSide(first)] === 0) return `${wayName(move, first)} ${much(first)}${row.chain ? '' : ' only'}`;
  const equal =
    left === right
      ? 'same on both'
      : `${left < right ? 'left' : 'right'} ${seconds(Math.abs(left - right))} less`;
  const how = move.ways.pattern === 'alternate' ? 'in turn, ' : '';
  return `${how}${first} ${much(first)}, ${otherSide(first)} ${much(otherSide(first))}, ${equal}`;
};

/** The line below the name: what is said in a note, else what the sides get. */
const rowText = (row: SheetRow): string => {
  const { step, move, meanwhile } = row;
  if (move.kind !== 'pause') return meanwhile || sidesText(row);
  return step.words ? `“${step.words}”` : move.cues.say;
};

/** Rows are made anew after every edit; most of them still show the same. */
const same = (a: Props, b: Props): boolean =>
  a.selected === b.selected &&
  a.shown === b.shown &&
  a.tabbable === b.tabbable &&
  a.mark === b.mark &&
  a.onSelect === b.onSelect &&
  a.row.step === b.row.step &&
  a.row.move === b.row.move &&
  a.row.chain === b.row.chain &&
  a.row.startMs === b.row.startMs &&
  a.row.dose === b.row.dose &&
  a.row.meanwhile === b.row.meanwhile &&
  alike(a.row.parts, b.row.parts);

/** One row of the sheet: when, which side, what, how much. Its height follows its time, and grows where words need more. */
export const Row = memo(({ row, selected, shown, tabbable, mark, onSelect }: Props) => {
  const { step, move, pass } = row;
  const long = pass === 0 && row.dose.length > LONG_DOSE;
  const height = Math.max(pass === 1 ? LEAST_SECOND_PASS : LEAST, Math.round((row.lengthMs / 1000) * SCALE));
  const side = row.parts.find((p) => p.kind === 'work')?.side;
  const className = [
    styles.row,
    selected && styles.selected,
    shown && styles.shown,
    pass === 1 && styles.second,
    long && styles.long,
  ]
    .filter(Boolean)
    .join(' ');
  const content = (
    <>
      <span className={styles.gutter}>
        {mark === 'stop' && <OctagonAlert size={16} className={styles.caution} aria-label="stop" />}
        {mark === 'caution' && <CircleAlert size={16} className={styles.caution} aria-label="caution" />}
        {mark === 'look' && <Eye size={16} className="muted" aria-label="worth a look" />}
      </span>
      <span className={styles.spine}>
        <Spine parts={row.parts} height={height} holds={move.kind === 'stretch'} />
      </span>
      <span className={`tabular ${styles.time}`}>{row.parts.length > 0 && minSec(row.startMs)}</span>
      <span className={styles.words}>
        <span className={styles.name}>
          {pass === 1 && side && <span className={side}>{side} </span>}
          {move.name}
        </span>
        {pass === 0 && (
          <span className={styles.sides} title={rowText(row)}>
            {rowText(row)}
          </span>
        )}
      </span>
      <span className={styles.dose}>
        {pass === 0 ? (
          <>
            {step.locked && <Lock size={12} aria-label="dose locked" />}
            {step.keep && <Anchor size={12} aria-label="always kept" />} {row.dose}
          </>
        ) : null}
      </span>
    </>
  );
  if (pass === 1)
    return (
      // The same step again on its other side: chosen by mouse here, by keyboard through its first row.
      // biome-ignore lint/a11y/noStaticElementInteractions: the first row of the step takes the keys
      <div
        className={className}
        style={{ minHeight: height }}
        onClick={(e) => onSelect(step.id, modeOf(e))}
        role="presentation"
      >
        {content}
      </div>
    );
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the arrow keys choose, for the whole sheet at once
    <div
      className={className}
      style={{ minHeight: height }}
      data-step={step.id}
      role="option"
      aria-selected={selected}
      tabIndex={tabbable ? 0 : -1}
      onClick={(e) => onSelect(step.id, modeOf(e))}
      onContextMenu={() => {
        if (!selected) onSelect(step.id, 'one');
      }}
      onFocus={(e) => {
        // Only focus that comes by keyboard chooses; a click does that itself, and may extend the choice.
        if (!selected && e.currentTarget.matches(':focus-visible')) onSelect(step.id, 'one');
      }}
    >
      {content}
    </div>
  );
}, same);
Row.displayName = 'Row';
