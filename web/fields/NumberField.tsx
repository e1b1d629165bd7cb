import { InputNumber } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useMessages } from '../shell/messages';

interface Props {
  id?: string;
  /** What the number is, in the message when it is out of bounds; also its accessible name when it has no label. */
  name: string;
  labelled?: boolean;
  value: number | null;
  min: number;
  max: number;
  step?: number;
  /** Decimals that are kept. */
  precision?: number;
  unit?: string;
  placeholder?: string;
  className?: string;
  change: (value: number) => void;
  /** Enter gives the keys back to what is round the field. */
  enterLeaves?: boolean;
  /** Given when the field may be left empty. */
  clear?: () => void;
}

/**
 * A number with its unit and its bounds. What is typed beyond a bound is set to the bound, and said so; an emptied
 * field gets its old number back.
 */
export const NumberField = (p: Props) => {
  const { message } = useMessages();
  const typed = useRef<string | null>(null);
  // What is typed comes back from outside a moment later, on a busy machine after the next key: until then it stands as it
  // was typed, or the field would go back to what it was one key before.
  const [ahead, setAhead] = useState<number | null>(null);
  useEffect(() => {
    if (ahead !== null && ahead === p.value) setAhead(null);
  }, [ahead, p.value]);
  const unit = p.unit ? ` ${p.unit}` : '';
  return (
    <InputNumber
      id={p.id}
      aria-label={p.labelled ? undefined : p.name}
      className={p.className}
      min={p.min}
      max={p.max}
      step={p.step ?? 1}
      precision={p.precision ?? 0}
      formatter={(v, { userTyping, input }) => {
        if (userTyping) return input;
        // Without the zeros that a fixed precision puts behind the point.
        const text = String(v ?? '');
        return text === '' ? '' : String(Number(text));
      }}
      suffix={p.unit || undefined}
      placeholder={p.placeholder}
      value={ahead ?? p.value}
      onPressEnter={p.enterLeaves ? (e) => (e.target as HTMLElement).blur() : undefined}
      onInput={(text) => {
        typed.current = text;
      }}
      onBlur={() => {
        const number = Number(typed.current);
        const bound = number < p.min ? `at least ${p.min}` : number > p.max ? `at most ${p.max}` : null;
        if (typed.current?.trim() && bound)
          void message.warning(`${p.name} must be ${bound}${unit}; ${typed.current} was typed.`, 5);
        typed.current = null;
        setAhead(null);
      }}
      onChange={(v) => {
        setAhead(v === null ? null : Number(v));
        if (v !== null) p.change(Number(v));
        else p.clear?.();
      }}
    />
  );
};
