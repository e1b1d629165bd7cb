import { Link, useRouteError } from 'react-router';
import { messageOf } from '../api/client';
import { Empty } from './State';

/** An address that leads nowhere, or a screen that broke. */
export const NotHere = () => {
  const error = useRouteError();
  return (
    <div className="page">
      <Empty
        title={error ? 'This screen stopped working' : 'There is nothing here'}
        action={<Link to="/breaks">Go to your breaks</Link>}
      >
        {error
          ? `What was saved is safe. The reason, for whoever looks into it: ${messageOf(error)}`
          : 'The address leads nowhere; perhaps what it named was deleted.'}
      </Empty>
    </div>
  );
};
