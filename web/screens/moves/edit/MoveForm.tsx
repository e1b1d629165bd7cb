import { scaled } from '@kotabi/core/figure';
import { type FieldProblem, fieldProblems, type Kept, Motion, Move, Prop } from '@kotabi/core/model';
import { Button, Form, Input, Select } from 'antd';
import { ArrowLeft } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { request } from '../../../api/client';
import { useMoves } from '../../../api/queries';
import { Conflict } from '../../../document/Conflict';
import type { Document } from '../../../document/document';
import type { DocumentKind } from '../../../document/useDocument';
import { useFormDocument, useKeptForm } from '../../../document/useKeptForm';
import { MultiSelect } from '../../../fields/MultiSelect';
import { LeaveGuard } from '../../../shell/LeaveGuard';
import { useMessages } from '../../../shell/messages';
import { useGoOn } from '../../../shell/useGoOn';
import { AboutFields } from './AboutFields';
import { placeholderProblems } from './blank';
import styles from './edit.module.css';
import { whereInForm } from './fields';
import { options } from './options';
import { PoseEditor } from './PoseEditor';
import { type Ladder, RungsField } from './RungsField';
import { fromValues, toValues, type Values } from './values';
import { WayFields } from './WayFields';
import { WordFields } from './WordFields';

/** Own moves are kept when told to. What was typed is taken back even when it cannot be kept as it is. */
const moveKind: DocumentKind<Move> = {
  name: 'moves',
  read: (value) => {
    toValues(value as Move);
    return value as Move;
  },
  called: ({ name }) => `“${name}”`,
  byItself: false,
};

/** Everything of a move, to be edited; wrong entries are named beside their field, and nothing typed is lost. */
export const MoveForm = (kept: { value: Move; version: number }) => {
  const document = useFormDocument(moveKind, kept);
  return document && <OpenForm document={document} />;
};

const OpenForm = ({ document }: { document: Document<Move> }) => {
  const [form] = Form.useForm<Values>();
  const kept = useKeptForm(document, moveKind);
  const { value } = document.getState();
  const [motion, setMotion] = useState<Motion>(value.figure ?? Motion.parse({ poses: [{}, {}] }));
  const [rungs, setRungs] = useState<Ladder>({ rungs: value.rungs, usualRung: value.usualRung });
  /** Place of the rung that is posed by itself; null while the move is posed. */
  const [posing, setPosing] = useState<number | null>(null);
  const [problems, setProblems] = useState<FieldProblem[]>([]);
  const goOn = useGoOn();
  const { message } = useMessages();
  /** What stands in the form now, poses and ladder included. */
  const touch = (now: { motion?: Motion; rungs?: Ladder } = {}): void =>
    kept.typed(fromValues(value, form.getFieldsValue(true), now.motion ?? motion, now.rungs ?? rungs));
  const rungShown = posing === null ? undefined : rungs.rungs[posing];
  const shown = rungShown?.figure ?? motion;
  const setShown = (m: Motion): void => {
    if (rungShown) {
      const next = rungs.rungs.map((r, i) => (i === posing ? { ...r, figure: m } : r));
      setRungs({ ...rungs, rungs: next });
      touch({ rungs: { ...rungs, rungs: next } });
    } else {
      setMotion(m);
      touch({ motion: m });
    }
  };
  /** Gives a rung poses of its own, beginning with what it shows now, or takes them away again. */
  const poseRung = (at: number, own: boolean): void => {
    const next = rungs.rungs.map((r, i) => {
      if (i !== at) return r;
      const { figure: _, ...rest } = r;
      return own ? { ...r, figure: r.figure ?? scaled(motion, r.share) } : rest;
    });
    setRungs({ ...rungs, rungs: next });
    setPosing(own ? at : null);
    touch({ rungs: { ...rungs, rungs: next } });
    if (own) figureRef.current?.scrollIntoView();
  };
  const figureRef = useRef<HTMLElement>(null);
  const { moves } = useMoves();
  const others = moves.filter((m) => m.id !== value.id).map((m) => ({ value: m.id, label: m.name }));

  const save = async (values: Values): Promise<void> => {
    const input = fromValues(value, values, motion, rungs);
    const parsed = Move.safeParse(input);
    if (!parsed.success) {
      const found = fieldProblems(parsed.error, input);
      setProblems(found);
      message.error('This move cannot be kept yet. What is missing is named above.');
      return;
    }
    const unwritten = placeholderProblems(parsed.data);
    if (unwritten.length > 0) {
      setProblems(unwritten);
      message.error('This move cannot be kept yet. What is missing is named above.');
      return;
    }
    setProblems([]);
    if (!(await kept.keep(parsed.data))) return;
    message.success(`“${parsed.data.name}” is kept.`);
    goOn(`/moves/${parsed.data.id}`);
  };

  return (
    <div className="page">
      <LeaveGuard
        when={kept.changed}
        what="Your changes of this move have not been kept yet."
        onLeave={kept.giveUp}
      />
      {kept.conflict && (
        <Conflict
          open
          document={document}
          what="move"
          theirs={() => request<Kept<Move>>('GET', `/api/moves/${value.id}`)}
          chosen={(which) => {
            if (which === 'mine') return void save(form.getFieldsValue(true));
            const theirs = document.getState().value;
            form.setFieldsValue(toValues(theirs));
            setMotion(theirs.figure ?? Motion.parse({ poses: [{}, {}] }));
            setRungs({ rungs: theirs.rungs, usualRung: theirs.usualRung });
          }}
        />
      )}
      <div className="bar">
        <Link to={kept.isNew ? '/moves' : `/moves/${value.id}`}>
          <ArrowLeft size={16} /> Back
        </Link>
        <h1>{kept.isNew ? 'New move' : `Edit ${value.name}`}</h1>
        <span className="grow" />
        <Button
          type="primary"
          onClick={form.submit}
          loading={kept.busy}
          disabled={!kept.changed && !kept.isNew}
        >
          Keep this move
        </Button>
      </div>
      {problems.length > 0 && (
        <section className={`card ${styles.form}`} role="alert">
          <h2>Before it can be kept</h2>
          <ul>
            {problems.map((p) => (
              <li key={`${p.path}${p.message}`}>
                <b>{whereInForm(p.path, rungs.rungs)}</b>: {p.message}
                {p.value !== undefined && ` (it is ${JSON.stringify(p.value)})`}
              </li>
            ))}
          </ul>
        </section>
      )}
      <Form
        name="move"
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={toValues(value)}
        onFinish={save}
        onValuesChange={() => touch()}
        className="stack"
      >
        <AboutFields others={others} />
        <section ref={figureRef} className={`card ${styles.form}`} aria-label="Figure">
          <div className="bar">
            <h2>Figure{rungShown && ` of the rung “${rungShown.name}”`}</h2>
            {rungShown && (
              <Button size="small" onClick={() => setPosing(null)}>
                Back to the move’s own poses
              </Button>
            )}
          </div>
          <PoseEditor key={posing ?? 'move'} motion={shown} change={setShown} />
          <div className="bar" style={{ marginTop: 10 }}>
            <label htmlFor="path">The poses follow each other</label>
            <Select
              id="path"
              value={shown.path}
              style={{ width: 210 }}
              options={[
                { value: 'there', label: 'into the last one, held' },
                { value: 'back', label: 'there and back again' },
                { value: 'round', label: 'round in a ring' },
              ]}
              onChange={(path) => {
                setShown({ ...shown, path });
              }}
            />
            <Select
              aria-label="What fills the picture"
              value={shown.crop}
              style={{ width: 150 }}
              options={[
                { value: 'whole', label: 'whole figure' },
                { value: 'upper', label: 'head and arms' },
                { value: 'head', label: 'the head' },
                { value: 'hands', label: 'the hands' },
                { value: 'legs', label: 'the legs' },
              ]}
              onChange={(crop) => {
                setShown({ ...shown, crop });
              }}
            />
            <MultiSelect
              aria-label="What is drawn around it"
              value={shown.props}
              style={{ minWidth: 170 }}
              options={options(Prop.options)}
              onChange={(props) => {
                setShown({ ...shown, props });
              }}
            />
            <Input
              aria-label="Why an angle lies outside the usual range"
              placeholder="why an angle lies outside the usual range, if one does"
              style={{ flex: 1 }}
              maxLength={200}
              value={shown.reason ?? ''}
              onChange={(e) => {
                const { reason: _, ...rest } = shown;
                setShown(e.target.value ? { ...shown, reason: e.target.value } : rest);
              }}
            />
          </div>
        </section>
        <WayFields value={value} />
        <WordFields />
        <RungsField
          value={rungs}
          pose={poseRung}
          change={(r) => {
            setPosing(null);
            setRungs(r);
            touch({ rungs: r });
          }}
        />
      </Form>
    </div>
  );
};
