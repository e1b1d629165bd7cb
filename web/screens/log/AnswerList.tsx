import type { Answer } from '@kotabi/core/model';
import { Table } from 'antd';
import dayjs from 'dayjs';
import { Link } from 'react-router';
import { useAnswers } from '../../api/queries';

/** What people answered to reminders: breaks they did by themselves, or did not. */
export const AnswerList = () => {
  const answers = useAnswers();
  if (!answers.data || answers.data.length === 0) return null;
  const did = answers.data.filter((a) => a.answer === 'did it').length;
  return (
    <section aria-label="Answers to reminders">
      <h2>Done by themselves</h2>
      <p className="muted">
        {did} of {answers.data.length} reminders were answered “did it”. <Link to="/outbox">Outbox</Link>
      </p>
      <div className="card" style={{ padding: '6px 10px' }}>
        <Table<Answer>
          rowKey="id"
          dataSource={answers.data}
          pagination={answers.data.length > 8 ? { pageSize: 8, showSizeChanger: false } : false}
          size="small"
          columns={[
            {
              title: 'When',
              width: 200,
              render: (_, a) => dayjs(a.startsAt).format('ddd D MMM YYYY, HH:mm'),
            },
            { title: 'Who', dataIndex: 'personName', width: 160 },
            { title: 'Break', dataIndex: 'breakName' },
            { title: 'Answer', dataIndex: 'answer', width: 120 },
          ]}
        />
      </div>
    </section>
  );
};
