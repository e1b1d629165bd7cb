import {
  angleOf,
  describePose,
  dragHandle,
  drawPose,
  HANDLES,
  type Handle,
  handlePoints,
  normIn,
  outsideNorms,
  pressArrows,
  windowOf,
} from '@kotabi/core/figure';
import {
  Base,
  JOINT_NAMES,
  type JointName,
  jointInfo,
  type Motion,
  type Pose,
  PressPoint,
  type Side,
  Toward,
  type View,
} from '@kotabi/core/model';
import { Button, Segmented, Select, Slider } from 'antd';
import { Plus, Redo2, Trash2, Undo2 } from 'lucide-react';
import { type PointerEvent, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { MultiSelect } from '../../../fields/MultiSelect';
import { FigureCanvas } from '../../../figure/Figure';
import styles from './edit.module.css';
import { amountOf, beyondWords, GROUPS, type Group, groupOf, HANDLE_GROUP, nameOf } from './joints';
import { usePoseHistory } from './usePoseHistory';

const PRESSES = PressPoint.options.flatMap((on) =>
  Toward.options.map((toward) => ({ value: `${on}|${toward}`, label: `${on}, ${toward}` })),
);

interface Props {
  motion: Motion;
  change: (motion: Motion) => void;
}

/** In the units of the picture: tenths of a centimetre. */
const HANDLE_RADIUS = 42;

const poseName = (i: number, count: number): string =>
  i === 0 ? 'start' : i === count - 1 ? 'end' : `between ${i}`;

/** Poses the figure: drag its handles or move the sliders; each joint shows its norm. */
export const PoseEditor = ({ motion, change }: Props) => {
  const [at, setAt] = useState(motion.poses.length - 1);
  const [group, setGroup] = useState<Group>('head');
  const [view, setView] = useState<View>(motion.view);
  const index = Math.min(at, motion.poses.length - 1);
  const pose = motion.poses[index] as Pose;
  const seen = useMemo(() => ({ ...motion, view, crop: 'whole' as const }), [motion, view]);
  const drag = useRef<{ handle: Handle; x: number; y: number; pose: Pose } | null>(null);
  // The window stays where it is while a handle is drawn, or the figure would run away from the pointer.
  const held = useRef(windowOf(seen));
  const box = drag.current ? held.current : windowOf(seen);
  if (!drag.current) held.current = box;
  const width = 400;

  const history = usePoseHistory(motion, change);
  const keys = useHotkeys<HTMLDivElement>(
    ['mod+z', 'mod+shift+z', 'mod+y'],
    (_, { shift, keys: pressed }) => (shift || pressed?.includes('y') ? history.redo() : history.undo()),
    { preventDefault: true, enableOnFormTags: ['slider', 'radio'] },
    [history],
  );
  const setPose = (next: Pose, gesture: string | null = null): void =>
    history.set(
      motion.poses.map((p, i) => (i === index ? next : p)),
      gesture,
    );
  const setAngle = (name: JointName, value: number): void =>
    setPose({ ...pose, angles: { ...pose.angles, [name]: value } }, `slider ${name}`);

  const begin = (handle: Handle) => (e: PointerEvent<SVGCircleElement>) => {
    e.currentTarget.setPointerCapture(e.pointerId);
    held.current = box;
    drag.current = { handle, x: e.clientX, y: e.clientY, pose };
    setGroup(HANDLE_GROUP[handle]);
  };
  const move = (e: PointerEvent): void => {
    const d = drag.current;
    if (!d) return;
    const mm = box.width / width;
    const next = dragHandle(d.pose, d.handle, (e.clientX - d.x) * mm, (e.clientY - d.y) * mm, view);
    setPose(next, `handle ${d.handle}`);
  };
  const end = (): void => {
    drag.current = null;
    history.end();
  };
  // What is drawn out of the picture keeps its handle at the edge.
  const within = (at: number, from: number, length: number): number =>
    Math.min(Math.max(at, from + HANDLE_RADIUS), from + length - HANDLE_RADIUS);
  const points = handlePoints(pose, view);
  const outside = outsideNorms(pose);
  const joints = JOINT_NAMES.filter((n) => groupOf(n) === group);
  const sideOf: Side | null = group.startsWith('left') ? 'left' : group.startsWith('right') ? 'right' : null;
  const copyAcross = (): void => {
    if (!sideOf) return;
    const other = sideOf === 'left' ? 'right' : 'left';
    const angles = { ...pose.angles };
    for (const name of joints) {
      const twin = name.replace(sideOf, other) as JointName;
      angles[twin] = angleOf(pose, name);
    }
    setPose({ ...pose, angles });
  };

  return (
    <div className={styles.pose} ref={keys} tabIndex={-1}>
      <div className={styles.stage}>
        <div className="bar">
          <Segmented
            aria-label="Pose"
            value={index}
            options={motion.poses.map((_, i) => ({ value: i, label: poseName(i, motion.poses.length) }))}
            onChange={setAt}
          />
          <Button
            size="small"
            icon={<Plus size={14} />}
            disabled={motion.poses.length >= 8}
            onClick={() => {
              const poses = [...motion.poses.slice(0, index + 1), pose, ...motion.poses.slice(index + 1)];
              history.set(poses);
              setAt(index + 1);
            }}
          >
            Pose
          </Button>
          <Button
            size="small"
            icon={<Trash2 size={14} />}
            aria-label="Remove this pose"
            disabled={motion.poses.length < 2}
            onClick={() => {
              history.set(motion.poses.filter((_, i) => i !== index));
              setAt(Math.max(0, index - 1));
            }}
          />
          <span className="grow" />
          <Button
            size="small"
            icon={<Undo2 size={14} />}
            aria-label="Take back the last change of the poses"
            title="Take back (Ctrl Z)"
            disabled={!history.canUndo}
            onClick={history.undo}
          />
          <Button
            size="small"
            icon={<Redo2 size={14} />}
            aria-label="Do it again"
            title="Do it again (Ctrl Shift Z)"
            disabled={!history.canRedo}
            onClick={history.redo}
          />
        </div>
        <div className="bar">
          <Segmented
            aria-label="Seen from"
            value={view}
            options={[
              { value: 'front', label: 'front' },
              { value: 'near', label: 'side' },
              { value: 'back', label: 'behind' },
            ]}
            onChange={(v) => {
              setView(v as View);
              change({ ...motion, view: v as View });
            }}
          />
          <Select
            aria-label="What carries the body"
            value={pose.base}
            options={Base.options.map((b) => ({
              value: b,
              label: { back: 'sitting back', edge: 'front edge', stand: 'standing' }[b as string] ?? b,
            }))}
            onChange={(base) => history.set(motion.poses.map((p) => ({ ...p, base })))}
            style={{ width: 170 }}
          />
        </div>
        <FigureCanvas
          box={box}
          shapes={drawPose(pose, { view, props: motion.props })}
          arrows={pressArrows(pose, { view })}
          width={width}
          label={describePose(pose)}
        >
          {HANDLES.map((handle) => (
            <circle
              key={handle}
              cx={within(points[handle].x, box.x, box.width)}
              cy={within(points[handle].y, box.y, box.height)}
              r={HANDLE_RADIUS}
              className={HANDLE_GROUP[handle] === group ? styles.handleOn : styles.handle}
              data-handle={handle}
              onPointerDown={begin(handle)}
              onPointerMove={move}
              onPointerUp={end}
              onPointerCancel={end}
            >
              <title>{handle}</title>
            </circle>
          ))}
        </FigureCanvas>
        <p className="small">{describePose(pose)}</p>
        {outside.length > 0 && (
          <p className={`small ${styles.outside}`} role="status">
            Outside the usual range: {outside.map(beyondWords).join('; ')}. It can be kept; say why below.
          </p>
        )}
      </div>
      <div className={styles.sliders}>
        <Segmented
          aria-label="Part of the body"
          value={group}
          options={GROUPS}
          onChange={setGroup}
          size="small"
        />
        {joints.map((name) => {
          const { least, most } = jointInfo(name);
          const norm = normIn(pose, name);
          const value = Math.round(angleOf(pose, name));
          const label = nameOf(name);
          return (
            <div key={name} className={styles.slider}>
              <span id={`joint-${name}`}>{label}</span>
              <Slider
                min={least}
                max={most}
                value={value}
                included={false}
                ariaLabelForHandle={sideOf ? `${sideOf} ${label}` : label}
                styles={{
                  rail: {
                    background: `linear-gradient(to right, #E7DFCF ${pct(norm.least, least, most)}%, var(--together) ${pct(norm.least, least, most)}%, var(--together) ${pct(norm.most, least, most)}%, #E7DFCF ${pct(norm.most, least, most)}%)`,
                    opacity: 0.55,
                  },
                }}
                marks={{ [inside(norm.least, least, most)]: ' ', [inside(norm.most, least, most)]: ' ' }}
                onChangeComplete={history.end}
                tooltip={{ formatter: (v) => amountOf(name, v ?? 0) }}
                onChange={(v) => setAngle(name, v)}
              />
              <span className="tabular">{amountOf(name, value)}</span>
            </div>
          );
        })}
        <label className={styles.press} htmlFor="press">
          Arrows of pressure
          <MultiSelect
            id="press"
            placeholder="none: only movement is shown"
            optionFilterProp="label"
            maxCount={4}
            value={pose.press.map(({ on, toward }) => `${on}|${toward}`)}
            options={PRESSES}
            onChange={(chosen: string[]) =>
              setPose({
                ...pose,
                press: chosen.map((c) => {
                  const [on, toward] = c.split('|');
                  return { on, toward } as Pose['press'][number];
                }),
              })
            }
          />
        </label>
        <div className="bar">
          {sideOf && (
            <Button size="small" onClick={copyAcross}>
              Same on the {sideOf === 'left' ? 'right' : 'left'}
            </Button>
          )}
          <Button
            size="small"
            onClick={() =>
              setPose({
                ...pose,
                angles: Object.fromEntries(
                  Object.entries(pose.angles).filter(([n]) => groupOf(n as JointName) !== group),
                ),
              })
            }
          >
            {group} to rest
          </Button>
        </div>
        <p className="muted small">
          The green band is the usual range of the joint; for a part of the trunk it is what the other part
          leaves of it. Where it is published, its source stands under Numbers. Pose the left way; the right
          way is its mirror image.
        </p>
      </div>
    </div>
  );
};

/** A value where the slider can show it. */
const inside = (v: number, least: number, most: number): number =>
  Math.round(Math.max(least, Math.min(most, v)));
const pct = (v: number, least: number, most: number): number =>
  (100 * (inside(v, least, most) - least)) / (most - least);
