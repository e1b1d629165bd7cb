import { METHOD } from '@kotabi/core/report';
import { Button, DatePicker, Input } from 'antd';
import dayjs from 'dayjs';
import { ArrowLeft, FileText, RotateCcw } from 'lucide-react';
import { Link, useNavigate, useParams } from 'react-router';
import { useGroups, useMonth } from '../../api/queries';
import { NotHere } from '../../shell/NotHere';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { Paper } from '../print/Paper';
import print from '../print/print.module.css';
import { MonthWeeks } from './MonthWeeks';
import styles from './trends.module.css';
import { useMonthWords } from './useMonthWords';

/** What an employer is told of a month, on one page: no person's data, no claims beyond what was measured. */
export const MonthScreen = () => {
  const { groupId = '', month = '' } = useParams();
  const navigate = useNavigate();
  const groups = useGroups();
  const { data, error, refetch } = useMonth(groupId, month);
  const group = groups.data?.find((g) => g.value.id === groupId)?.value;
  const own = useMonthWords(groupId, month);
  useTitle('Month’s page');
  if (!groups.data || (!data && !error)) return <Waiting error={groups.error} />;
  if (!group) return <NotHere />;
  if (!data) return <Waiting error={error} retry={() => void refetch()} />;
  const text = own.typed ?? data.written ?? data.words.join('\n\n');
  const paper = (size: string): string => `/api/groups/${groupId}/months/${month}/paper?size=${size}`;
  const { report } = data;
  const name = dayjs(`${month}-01`).format('MMMM YYYY');
  return (
    <div>
      <div className={`bar ${print.noPrint}`} style={{ padding: '16px 24px 14px' }}>
        <Button type="text" icon={<ArrowLeft size={17} />} onClick={() => navigate(`/trends/${groupId}`)}>
          What it shows
        </Button>
        <DatePicker
          aria-label="Month"
          picker="month"
          format="MMMM YYYY"
          allowClear={false}
          value={dayjs(`${month}-01`)}
          disabledDate={(d) => d.isAfter(dayjs(), 'month')}
          onChange={(d) => d && navigate(`/print/month/${groupId}/${d.format('YYYY-MM')}`)}
        />
        {report.ok && (
          <>
            <span className="muted small" role="status">
              {own.note || 'Read it, and change the words before it goes out.'}
            </span>
            {(own.typed ?? data.written) !== null && (
              <Button type="link" icon={<RotateCcw size={15} />} onClick={() => void own.write(null)}>
                The words as they were worked out
              </Button>
            )}
            <span style={{ marginLeft: 'auto' }} />
            {['A4', 'Letter'].map((size) => (
              <Button
                key={size}
                icon={<FileText size={15} />}
                href={paper(size)}
                target="_blank"
                // What is still being typed goes onto the paper as well.
                onClick={() => void own.settle()}
              >
                PDF, {size}
              </Button>
            ))}
          </>
        )}
      </div>
      {report.ok ? (
        <Paper title={`Stretch breaks in ${name}`} about={group.site || group.name}>
          <div className={print.noPrint}>
            <Input.TextArea
              aria-label="Words of the page"
              autoSize
              maxLength={4000}
              className={styles.words}
              value={text}
              onChange={(e) => own.type(e.target.value)}
              onBlur={() => void own.settle()}
            />
          </div>
          <div className={print.onlyPrint}>
            {text.split(/\n+/).map((line) => (
              <p key={line}>{line}</p>
            ))}
          </div>
          <MonthWeeks weeks={report.weeks} />
          <p className="small" style={{ marginTop: 14 }}>
            {METHOD}
          </p>
        </Paper>
      ) : (
        <div className="page">
          <Empty
            title={`No page of ${name} for ${group.name}`}
            action={<Link to={`/people/${groupId}`}>Write down who belongs to {group.name}</Link>}
          >
            {group.name} has {report.people} {report.people === 1 ? 'person' : 'people'} here, and of fewer
            than {report.fewest} anyone could be told from the page. From {report.fewest} on it is made. Until
            then an employer can be told only what was offered, in your own words.
          </Empty>
        </div>
      )}
    </div>
  );
};
