import { roomLimits } from '@kotabi/core/model';
import { type Answer, answerText, needsTable, readOut, reasonText } from '@kotabi/core/needs';
import { Select, Tooltip } from 'antd';
import { ArrowLeft } from 'lucide-react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useBreaks, useGroups, useMoves, usePeople } from '../../api/queries';
import { Figure } from '../../figure/Figure';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import styles from './needs.module.css';
import { limitText } from './people-words';

const CLASS: Record<Answer['verdict'], string | undefined> = {
  fine: styles.fine,
  'easier rung': styles.easier,
  'another move': styles.another,
  'leave out': styles.out,
};

/** Who needs what: a break's steps down, the people across, the answer and its reason where they meet. */
export const NeedsScreen = () => {
  useTitle('Who needs what');
  const { groupId = '' } = useParams();
  const [params] = useSearchParams();
  const groups = useGroups();
  const people = usePeople(groupId);
  const breaks = useBreaks();
  const moves = useMoves();
  const navigate = useNavigate();
  if (!groups.data || !people.data || !breaks.data || !moves.data)
    return (
      <Waiting
        error={groups.error ?? people.error ?? breaks.error ?? moves.error}
        retry={() => void people.refetch()}
      />
    );
  const group = groups.data.find((g) => g.value.id === groupId)?.value;
  const list = breaks.data.map((b) => b.value).filter((b) => b.items.length > 0);
  const brk =
    list.find((b) => b.id === params.get('break')) ?? list.find((b) => b.groupId === groupId) ?? list[0];
  if (!group)
    return (
      <div className="page">
        <Empty title="There is no such group" action={<Link to="/people">Show the groups</Link>}>
          It may have been deleted.
        </Empty>
      </div>
    );
  const persons = people.data.map((p) => p.value);
  const room = { limits: roomLimits(group), things: group.things };
  const rows = brk ? needsTable(brk, persons, room, moves.lookup) : [];
  const said = readOut(rows, moves.lookup);
  return (
    <div className="page" style={{ maxWidth: 'none' }}>
      <div className="bar">
        <Link to={`/people/${groupId}`} className={styles.back}>
          <ArrowLeft size={16} /> {group.name}
        </Link>
        <h1>Who needs what</h1>
        <span className="grow" />
        <Select
          aria-label="Break"
          style={{ minWidth: 240 }}
          value={brk?.id}
          placeholder="no break yet"
          options={list.map((b) => ({ value: b.id, label: b.name }))}
          onChange={(id) => navigate(`/people/${groupId}/needs?break=${id}`, { replace: true })}
        />
      </div>
      {persons.length === 0 || !brk ? (
        <Empty title="Nothing to compare yet" action={<Link to={`/people/${groupId}`}>To the people</Link>}>
          It takes people in the group and a break with steps.
        </Empty>
      ) : (
        <div className={styles.columns}>
          <div className={`card ${styles.scroll}`}>
            <table className={styles.table}>
              <thead>
                <tr>
                  <th scope="col">Step</th>
                  {persons.map((p) => (
                    <th key={p.id} scope="col">
                      {p.name}
                      <span className="muted small">{p.limits.map(limitText).join(', ') || 'no limits'}</span>
                      <span className="small">
                        <a
                          href={`/api/breaks/${brk.id}/paper?personId=${p.id}`}
                          aria-label={`hand-out for ${p.name}`}
                          target="_blank"
                          rel="noreferrer"
                          title={`${brk.name} in the version of ${p.name}, with nothing that says why`}
                        >
                          hand-out
                        </a>
                        {' · '}
                        <a
                          href={`/api/breaks/${brk.id}/page?personId=${p.id}`}
                          aria-label={`page for ${p.name}`}
                          title="The same as a web page in one file, to follow offline"
                        >
                          page
                        </a>
                      </span>
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map(({ step, answers }) => {
                  const move = moves.lookup(step.moveId);
                  return (
                    <tr key={step.id}>
                      <th scope="row">
                        <div className={styles.step}>
                          {move && (
                            <Figure move={move} rung={step.rung} position={step.position} width={44} plain />
                          )}
                          <span>
                            <Link to={`/moves/${step.moveId}`}>{move?.name}</Link>
                            {step.rung && <span className="muted small">{step.rung}</span>}
                          </span>
                        </div>
                      </th>
                      {answers.map(({ person, answer }) => {
                        const why = reasonText(answer.verdict === 'fine' ? answer.care : answer.reasons);
                        return (
                          <td key={person.id} className={CLASS[answer.verdict]} data-verdict={answer.verdict}>
                            <b>{answerText(answer, moves.lookup)}</b>
                            {why &&
                              (answer.verdict === 'fine' ? (
                                <Tooltip title={why}>
                                  <span className={styles.why}>{why}</span>
                                </Tooltip>
                              ) : (
                                <span className={styles.why}>{why}</span>
                              ))}
                          </td>
                        );
                      })}
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </div>
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by key */}
          <aside className={`card ${styles.said}`} aria-label="To be read out" tabIndex={0}>
            <h2>Before the start, to everyone</h2>
            {said.before.map((line) => (
              <p key={line}>{line}</p>
            ))}
            {said.steps.length === 0 ? (
              <p className="muted">Everyone can do everything as it is planned.</p>
            ) : (
              <h2>At the step itself</h2>
            )}
            {said.steps.length > 0 &&
              said.steps.map((s) => (
                <div key={s.stepId}>
                  <h3>{s.move}</h3>
                  {s.lines.map((line) => (
                    <p key={line}>{line}</p>
                  ))}
                </div>
              ))}
            <p className="muted small">
              Common practice, no source; never a diagnosis. Dizzy, numb, sharp, sudden: stop, and ask a
              doctor or physiotherapist first.
            </p>
          </aside>
        </div>
      )}
    </div>
  );
};
