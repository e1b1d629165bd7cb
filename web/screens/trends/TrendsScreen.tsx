import { troubleWords } from '@kotabi/core/propose';
import { Button, DatePicker, Dropdown, Select } from 'antd';
import dayjs from 'dayjs';
import { ArrowLeft, Download } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { useGroups, usePeople, useProposals, useTrends } from '../../api/queries';
import { NotHere } from '../../shell/NotHere';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { Compared, type Days } from './Compared';
import { DonePart } from './DonePart';
import { Proposals } from './Proposals';
import { ReachTrends } from './ReachTrends';
import { SecondsPart } from './SecondsPart';
import { TensionTrends } from './TensionTrends';
import styles from './trends.module.css';

const GROUP = '';
const SPANS = [
  { value: '28', label: 'four weeks' },
  { value: '56', label: 'eight weeks' },
  { value: '91', label: 'three months' },
  { value: '365', label: 'a year' },
];
const FORMAT = 'YYYY-MM-DD';

const lastDays = (n: number): Days => ({
  from: dayjs()
    .subtract(n - 1, 'day')
    .format(FORMAT),
  until: dayjs().format(FORMAT),
});

/** What the records of a group, or of a person of it, show, and what to change next. */
export const TrendsScreen = () => {
  const { groupId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const personId = search.get('person');
  const [days, setDays] = useState<Days>(() => lastDays(91));
  const [other, setOther] = useState<Days | null>(null);
  const groups = useGroups();
  const people = usePeople(groupId);
  const trends = useTrends(groupId, personId, days);
  const proposed = useProposals(groupId);
  useTitle('What the log shows');
  if (!groups.data || !people.data || !trends.data || !proposed.data)
    return (
      <Waiting
        error={groups.error ?? people.error ?? trends.error ?? proposed.error}
        retry={() => void trends.refetch()}
      />
    );
  const group = groups.data.find((g) => g.value.id === groupId)?.value;
  if (!group) return <NotHere />;
  const { records, tension, reach, done, seconds } = trends.data;
  const { troubles } = proposed.data;
  return (
    <div className="page">
      <div className="bar">
        <Button type="text" icon={<ArrowLeft size={17} />} onClick={() => navigate('/log')}>
          Log
        </Button>
        <h1>What it shows</h1>
        <Select
          aria-label="Group"
          style={{ width: 160 }}
          value={groupId}
          options={groups.data.map((g) => ({ value: g.value.id, label: g.value.name }))}
          onChange={(id) => navigate(`/trends/${id}`)}
        />
        <Select
          aria-label="Of whom"
          style={{ width: 165 }}
          value={personId ?? GROUP}
          options={[
            { value: GROUP, label: 'the whole group' },
            ...people.data.map((p) => ({ value: p.value.id, label: p.value.name })),
          ]}
          onChange={(id) => setSearch(id === GROUP ? {} : { person: id })}
        />
        <Select
          aria-label="How far back"
          style={{ width: 145 }}
          value={SPANS.find((s) => lastDays(Number(s.value)).from === days.from)?.value ?? null}
          placeholder="days"
          options={SPANS}
          onChange={(n) => setDays(lastDays(Number(n)))}
        />
        <span className="grow" />
        <Button onClick={() => navigate(`/measure/${groupId}${personId ? `?person=${personId}` : ''}`)}>
          Measure
        </Button>
        {personId === null && (
          <Button onClick={() => navigate(`/print/month/${groupId}/${dayjs().format('YYYY-MM')}`)}>
            Month’s page
          </Button>
        )}
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              { key: 'csv', label: 'as a table (CSV)' },
              { key: 'json', label: 'as an open file (JSON)' },
            ],
            onClick: ({ key }) =>
              window.location.assign(
                `/api/groups/${groupId}/records?as=${key}&from=${days.from}&until=${days.until}`,
              ),
          }}
        >
          <Button icon={<Download size={16} />} aria-haspopup="menu">
            Take away
          </Button>
        </Dropdown>
      </div>
      <p className="muted">
        {records} record{records === 1 ? '' : 's'} from {dayjs(days.from).format('D MMM YYYY')} to{' '}
        {dayjs(days.until).format('D MMM YYYY')}
        {personId !== null && ' in which they took part'}.
        {records < 5 && ' With so few everything below is a first impression.'}
      </p>
      {personId === null && <Proposals groupId={groupId} proposed={proposed.data} />}
      <div className={styles.columns}>
        <div className={styles.column}>
          <TensionTrends trends={tension} />
          <SecondsPart seconds={seconds} />
          <section className={`card ${styles.part}`} aria-label="Compared with other days">
            <h2>Compared with other days</h2>
            <DatePicker.RangePicker
              aria-label="The other days"
              format="D MMM YYYY"
              value={other ? [dayjs(other.from), dayjs(other.until)] : null}
              onChange={(d) =>
                setOther(d?.[0] && d[1] ? { from: d[0].format(FORMAT), until: d[1].format(FORMAT) } : null)
              }
            />
            {other ? (
              <Compared groupId={groupId} personId={personId} other={other} these={days} now={trends.data} />
            ) : (
              <p className="muted small">Name other days to see both side by side.</p>
            )}
          </section>
        </div>
        <div className={styles.column}>
          <DonePart done={done} />
          {personId === null && troubles.length > 0 && (
            <section className={`card ${styles.part}`} aria-label="What happened at moves">
              <h2>What happened at moves</h2>
              <ul className={styles.learned}>
                {troubles.map((t) => (
                  <li key={t.moveId}>
                    <span>
                      “{t.moveName}”: {troubleWords(t)}, last on {dayjs(t.last).format('D MMMM')}. Ask before
                      you lead it again.
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {reach.length > 0 && <ReachTrends reach={reach} />}
        </div>
      </div>
    </div>
  );
};
