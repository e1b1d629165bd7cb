import type { Answer } from '@kotabi/core/model';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link } from 'react-router';
import { useAnswers } from '../../api/queries';

/** Answers that are shown at first, and more at a time. */
const PAGE = 8;

/** What somebody said beside the answer: their tension, and what hurt. */
const saidText = ({ tensionBefore, tensionAfter, hurtAt }: Answer): string =>
  [
    tensionBefore != null || tensionAfter != null
      ? ` · tension ${tensionBefore ?? '–'} → ${tensionAfter ?? '–'}`
      : '',
    hurtAt ? ` · “${hurtAt.moveName}” hurt: ask` : '',
  ].join('');

/** What people answered to reminders: breaks they did by themselves, or did not. */
export const AnswerList = () => {
  const answers = useAnswers();
  const [shown, setShown] = useState(PAGE);
  if (!answers.data || answers.data.length === 0) return null;
  const did = answers.data.filter((a) => a.answer !== 'not today').length;
  return (
    <section aria-label="Answers to reminders">
      <h2>Done by themselves</h2>
      <p className="muted">
        {did} of {answers.data.length} were answered “did it” or “part of it”.{' '}
        <Link to="/outbox">Outbox</Link>
      </p>
      <div className="card" style={{ padding: '6px 10px' }}>
        <table className="list">
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">Who</th>
              <th scope="col">Break</th>
              <th scope="col">Answer</th>
            </tr>
          </thead>
          <tbody>
            {answers.data.slice(0, shown).map((a) => (
              <tr key={a.id}>
                <td>{dayjs(a.startsAt).format('ddd D MMM YYYY, HH:mm')}</td>
                <td>{a.personName}</td>
                <td>{a.breakName}</td>
                <td>
                  {a.answer}
                  <span className="muted small">{saidText(a)}</span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {answers.data.length > shown && (
          <Button type="link" onClick={() => setShown(shown + PAGE)}>
            Show {Math.min(PAGE, answers.data.length - shown)} more of {answers.data.length}
          </Button>
        )}
      </div>
    </section>
  );
};
