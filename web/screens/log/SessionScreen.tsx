import { type Kept, Session } from '@kotabi/core/model';
import { planAgainstDone, ratingChange, sumOf } from '@kotabi/core/record';
import { published } from '@kotabi/core/reference';
import { useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import dayjs from 'dayjs';
import { ArrowLeft, PenLine, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import { messageOf, request } from '../../api/client';
import { queryClient, useGroups, usePeople } from '../../api/queries';
import { changer } from '../../document/change';
import { createDocument, type Document } from '../../document/document';
import { SaveNote } from '../../document/SaveNote';
import { type DocumentKind, useDocument } from '../../document/useDocument';
import { Tension } from '../../fields/Tension';
import { useMessages } from '../../shell/messages';
import { Waiting } from '../../shell/State';
import { useGoOn } from '../../shell/useGoOn';
import { useTitle } from '../../shell/useTitle';
import { Cited } from '../../words/Cited';
import { cameText, endedText } from '../../words/record';
import { minSec } from '../../words/time';
import { Correct } from './Correct';
import { DoneChart } from './DoneChart';
import { Happened } from './Happened';
import { History } from './History';
import styles from './log.module.css';
import { MeasuredHere } from './MeasuredHere';

/** One led break: plan against done, tension, note. */
export const SessionScreen = () => {
  const { sessionId = '' } = useParams();
  const { data, error, refetch } = useQuery({
    queryKey: ['sessions', sessionId],
    queryFn: () => request<Kept<Session>>('GET', `/api/sessions/${sessionId}`),
    staleTime: 0,
  });
  const document = useDocument(sessionKind, sessionId, data, () =>
    createDocument<Session>({ kept: data as Kept<Session> }),
  );
  if (!document) return <Waiting error={error} retry={() => void refetch()} />;
  return <Opened document={document} />;
};

/** Records keep themselves, letter by letter. */
const sessionKind: DocumentKind<Session> = {
  name: 'sessions',
  read: (value) => Session.parse(value),
  called: ({ breakName }) => `the record of “${breakName}”`,
  byItself: true,
};

const Opened = ({ document }: { document: Document<Session> }) => {
  const [correcting, setCorrecting] = useState(false);
  const groups = useGroups();
  const navigate = useNavigate();
  const goOn = useGoOn();
  const { message } = useMessages();
  const { value, edit, baseVersion } = useStore(document);
  const people = (usePeople(value.groupId ?? undefined).data ?? []).map((p) => p.value);
  const came = cameText(value, people);
  useTitle(value.breakName);
  const sum = sumOf(value);
  const change = changer<Session>(edit);
  const remove = (): void => {
    const { id } = value;
    const back = (): void => {
      request('POST', `/api/sessions/${id}/restore`)
        .then(() => queryClient.invalidateQueries({ queryKey: ['sessions'] }))
        .catch((error: unknown) => message.error(messageOf(error)));
      message.destroy(id);
    };
    request('DELETE', `/api/sessions/${id}`)
      .then(async () => {
        await queryClient.invalidateQueries({ queryKey: ['sessions'] });
        goOn('/log');
        message.open({
          key: id,
          type: 'info',
          duration: 12,
          content: (
            <>
              The record was deleted.{' '}
              <Button type="link" size="small" onClick={back}>
                Undo
              </Button>
            </>
          ),
        });
      })
      .catch((error: unknown) => message.error(messageOf(error)));
  };
  return (
    <div className="page">
      <div className="bar">
        <Button type="text" icon={<ArrowLeft size={17} />} onClick={() => navigate('/log')}>
          Log
        </Button>
        <span className="grow" />
        <Button
          aria-expanded={correcting}
          icon={<PenLine size={16} />}
          onClick={() => setCorrecting(!correcting)}
        >
          Set right
        </Button>
        <Button type="text" danger icon={<Trash2 size={16} />} onClick={remove}>
          Delete
        </Button>
      </div>
      <div>
        <h1>{value.breakName}</h1>
        <p className="muted">
          {dayjs(value.startedAt).format('dddd D MMMM YYYY, HH:mm')} ·{' '}
          {groups.data?.find((g) => g.value.id === value.groupId)?.value.name ?? 'no group'} ·{' '}
          {endedText(value)} · {came && `${came} · `}
          {value.written === 'afterwards' && 'written down afterwards · '}
          {value.breakId && <Link to={`/breaks/${value.breakId}`}>open the break</Link>}
        </p>
      </div>
      <div className={styles.columns}>
        <section className={`card ${styles.chart}`} aria-label="Planned against done">
          <h2>Planned against done</h2>
          <p className="muted small">
            {minSec(sum.doneMs)} of {minSec(sum.plannedMs)} min, words and changes included · {sum.stepsDone}{' '}
            of {sum.stepsPlanned} steps · bars show work only, as the side that was said
          </p>
          <DoneChart steps={planAgainstDone(value.parts)} />
          {correcting && (
            <Correct session={value} groups={groups.data ?? []} people={people} change={change} />
          )}
          <Happened session={value} people={people} change={change} />
        </section>
        <section className={`card ${styles.side}`} aria-label="Tension and note">
          <h2 id="t-before">Tension before</h2>
          <Tension
            labelledBy="t-before"
            value={value.tensionBefore}
            set={(tensionBefore) => change('tension before', { tensionBefore })}
          />
          {value.fingers.before.length > 0 && (
            <p className="muted small">A round of fingers: {value.fingers.before.join(', ')}.</p>
          )}
          <h2 id="t-after">Tension after</h2>
          <Tension
            labelledBy="t-after"
            value={value.tensionAfter}
            set={(tensionAfter) => change('tension after', { tensionAfter })}
          />
          <TensionChange {...value} />
          {value.areas.length > 0 && (
            <ul className={styles.events}>
              {value.areas.map((a) => (
                <li key={a.area}>
                  {a.area}: {a.before ?? '–'} → {a.after ?? '–'}
                </li>
              ))}
            </ul>
          )}
          <MeasuredHere session={value} people={people} />
          <label htmlFor="note">
            <h2>Note</h2>
          </label>
          <Input.TextArea
            id="note"
            rows={5}
            maxLength={2000}
            value={value.note}
            onChange={(e) => change('note', { note: e.target.value }, 'note')}
          />
          <SaveNote
            document={document}
            what="record"
            theirs={() => request<Kept<Session>>('GET', `/api/sessions/${value.id}`)}
          />
        </section>
      </div>
      <History sessionId={value.id} version={baseVersion} groups={groups.data ?? []} />
    </div>
  );
};

/** What a change of the rating means, by the published threshold; no more than that. */
const TensionChange = ({ tensionBefore, tensionAfter }: Session) => {
  const change = ratingChange(tensionBefore, tensionAfter);
  if (!change) return null;
  const { downBy, noticed } = change;
  if (downBy === 0) return <p className="small">No change.</p>;
  const { points, share } = published.ratingChange;
  const threshold = `${points} points or ${share * 100} %`;
  return (
    <p className="small">
      <b>{downBy > 0 ? `Down by ${downBy}.` : `Up by ${-downBy}.`}</b>{' '}
      <span className="muted">
        {noticed
          ? `On a 0–10 scale ${threshold} are a change that people notice`
          : `Less than the ${threshold} that people usually notice`}{' '}
        (found for chronic pain, used here by analogy: <Cited source={published.ratingChange} />
        ).
      </span>
    </p>
  );
};
