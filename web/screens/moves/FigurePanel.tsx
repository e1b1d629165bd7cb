import { wayName } from '@kotabi/core/cues';
import { describeMotion, mirrorMotion, reversed } from '@kotabi/core/figure';
import { isTwoWay, type Move, rungOf, type Side, type View } from '@kotabi/core/model';
import { PALETTE_NAMES, type PaletteName, shownMotion } from '@kotabi/core/pictures';
import { Button, Segmented, Select, Switch } from 'antd';
import { Download } from 'lucide-react';
import { useRef, useState } from 'react';
import { messageOf } from '../../api/client';
import { savePng, saveSvg } from '../../figure/export';
import { Figure } from '../../figure/Figure';
import { MovingFigure } from '../../figure/MovingFigure';
import { usePalette } from '../../figure/palette';
import { useLessMotion } from '../../figure/useLessMotion';
import { useMessages } from '../../shell/messages';
import styles from './move.module.css';

const VIEWS: { value: View; label: string }[] = [
  { value: 'front', label: 'front' },
  { value: 'near', label: 'side' },
  { value: 'back', label: 'behind' },
];

/** The figure of a move: both ways, every rung, three views, moving or still, to be taken away as a picture. */
export const FigurePanel = ({
  move,
  rung,
  setRung,
}: {
  move: Move;
  rung: string | undefined;
  setRung: (name: string) => void;
}) => {
  const two = isTwoWay(move);
  const less = useLessMotion();
  const [side, setSide] = useState<Side>('left');
  const [view, setView] = useState<View | null>(null);
  const [moving, setMoving] = useState(!less);
  const [second, setSecond] = useState(false);
  const palette = usePalette();
  const place = useRef<HTMLDivElement>(null);
  const { message } = useMessages();
  const shown = shownMotion(move, rung, view ?? undefined);
  const usual = shownMotion(move, rung);
  const own = second && move.ways.directions ? reversed(usual) : usual;
  const text = describeMotion(side === 'right' ? mirrorMotion(own) : own);
  const props = { move, side, rung, view: view ?? undefined, width: 380, label: text };
  const takeAway = async (
    save: (svg: SVGSVGElement, name: string) => void | Promise<void>,
  ): Promise<void> => {
    const svg = place.current?.querySelector('svg');
    const name = `${move.name}${two ? ` ${side}` : ''}`;
    try {
      if (svg) await save(svg, name);
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  const directions = move.ways.directions;
  return (
    <section className={`card ${styles.figure}`} aria-label="Figure">
      <div className={styles.controls}>
        {two && (
          <Segmented
            aria-label="Way"
            value={side}
            options={(['left', 'right'] as const).map((s) => ({ value: s, label: wayName(move, s) }))}
            onChange={setSide}
          />
        )}
        <Segmented
          aria-label="Seen from"
          value={view ?? (shown.view === 'far' ? 'near' : shown.view)}
          options={VIEWS}
          onChange={(v) => setView(v)}
        />
      </div>
      <div ref={place} className={styles.picture}>
        {moving ? <MovingFigure {...props} second={second} /> : <Figure {...props} second={second} />}
      </div>
      {move.rungs.length > 1 && (
        <div className={styles.rungs} role="radiogroup" aria-label="Rung">
          {move.rungs.map((r) => {
            const here = r.name === rungOf(move, rung)?.name;
            return (
              <button
                key={r.name}
                type="button"
                role="radio"
                aria-checked={here}
                className={here ? styles.rungOn : styles.rung}
                onClick={() => setRung(r.name)}
              >
                <Figure move={move} rung={r.name} side={side} width={64} plain />
                <span>
                  <b>{r.name}</b>
                  {r.name === rungOf(move)?.name && <span className="muted small"> usual</span>}
                  <span className="muted small">{r.how}</span>
                </span>
              </button>
            );
          })}
        </div>
      )}
      <div className={styles.controls}>
        <label className={styles.switch} htmlFor="moving">
          <Switch id="moving" size="small" checked={moving} onChange={setMoving} /> moving
        </label>
        {directions && (
          <label className={styles.switch} htmlFor="second">
            <Switch id="second" size="small" checked={second} onChange={setSecond} /> {directions[1]}
          </label>
        )}
        <span className={styles.grow} />
        <Select
          aria-label="Colours of the figure"
          size="small"
          value={palette.name}
          options={PALETTE_NAMES.map((p) => ({ value: p, label: p }))}
          onChange={(p: PaletteName) => palette.choose(p)}
          style={{ width: 88 }}
        />
        <Button size="small" icon={<Download size={14} />} onClick={() => void takeAway(saveSvg)}>
          SVG
        </Button>
        <Button size="small" icon={<Download size={14} />} onClick={() => void takeAway(savePng)}>
          PNG
        </Button>
      </div>
      <p className="small">{text}</p>
    </section>
  );
};
