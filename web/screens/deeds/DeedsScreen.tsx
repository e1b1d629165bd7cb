import { DEEDS, type Deed } from '@kotabi/core/model';
import { useQuery } from '@tanstack/react-query';
import { request } from '../../api/client';
import { useRoles } from '../../api/queries';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { moment } from '../data/words';

/** Who did what, and when. */
export const DeedsScreen = () => {
  useTitle('What was done');
  const { keeper, signedIn } = useRoles();
  const deeds = useQuery({
    queryKey: ['deeds'],
    queryFn: () => request<Deed[]>('GET', '/api/deeds'),
    staleTime: 0,
  });
  if (!deeds.data) return <Waiting error={deeds.error} retry={() => void deeds.refetch()} />;
  return (
    <div className="page">
      <div className="bar">
        <h1>What was done</h1>
      </div>
      <p className="muted">
        {keeper && signedIn
          ? 'By everybody: who changed, gave out, took away or deleted something, and when. '
          : 'By you, and to what is yours: what was changed, given out, taken away or deleted, and when. '}
        What stands in it is never written down here, and no name of a person; entries go after 400 days.
      </p>
      <section className="card" style={{ padding: '8px 16px' }}>
        <table className="list" aria-label="What was done">
          <thead>
            <tr>
              <th scope="col">When</th>
              {signedIn && <th scope="col">Who</th>}
              <th scope="col">What</th>
            </tr>
          </thead>
          <tbody>
            {deeds.data.map((deed) => (
              <tr key={deed.id}>
                <td className="tabular">{moment(deed.lastAt)}</td>
                {signedIn && <td>{deed.who || <span className="muted">before there were accounts</span>}</td>}
                <td>
                  {DEEDS[deed.did] ?? deed.did}
                  {deed.name && <b> {deed.name}</b>}
                  {deed.times > 1 && (
                    <span className="muted">
                      {' '}
                      · {deed.times} times since {moment(deed.at)}
                    </span>
                  )}
                </td>
              </tr>
            ))}
            {deeds.data.length === 0 && (
              <tr>
                <td colSpan={3} className="muted">
                  Nothing yet.
                </td>
              </tr>
            )}
          </tbody>
        </table>
      </section>
    </div>
  );
};
