import { needRules } from '@kotabi/core/needs';
import { type ValueInUse, valuesInUse } from '@kotabi/core/numbers';
import { published } from '@kotabi/core/reference';
import { Table } from 'antd';
import { Link } from 'react-router';
import { useTitle } from '../../shell/useTitle';

const source = (v: ValueInUse): string => {
  if (v.source === null) return 'common practice, no source';
  const s = published[v.source];
  return [`${s.source} (${s.year}).`, s.note, v.note].filter(Boolean).join(' ');
};

/** Every published and every common-practice value in use, by the place it is used. */
export const NumbersScreen = () => {
  useTitle('Where the numbers come from');
  const places = [...new Set(valuesInUse.map((v) => v.place))];
  return (
    <div className="page">
      <h1>Where the numbers come from</h1>
      <p className="muted">
        Published values are quoted from memory of their source: look them up before you build on them. What
        has no source is common practice, and says so.
      </p>
      {places.map((place) => (
        <section key={place} className="card" style={{ padding: '12px 18px' }} aria-label={place}>
          <h2>{place}</h2>
          <Table<ValueInUse>
            size="small"
            pagination={false}
            rowKey={(v) => v.what}
            dataSource={valuesInUse.filter((v) => v.place === place)}
            columns={[
              { title: 'What', dataIndex: 'what', width: '30%' },
              { title: 'Value', dataIndex: 'value', width: '26%', className: 'tabular' },
              {
                title: 'Source',
                render: (_, v) => <span className={v.source ? '' : 'muted'}>{source(v)}</span>,
              },
            ]}
          />
          {place === 'People' && (
            <p className="muted small" style={{ marginTop: 8 }}>
              {needRules.length} rules in all; each <Link to="/moves">move’s page</Link> shows those it
              touches.
            </p>
          )}
          {place === 'Head load' && (
            <p className="small" style={{ marginTop: 8 }}>
              <Link to="/head-load">See it on the figure</Link>
            </p>
          )}
        </section>
      ))}
    </div>
  );
};
