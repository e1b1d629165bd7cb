import { QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import enGB from 'antd/locale/en_GB';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Gate } from './access/Gate';
import { queryClient } from './api/queries';
import { laterQuietly } from './later/later';
import { loadScreen } from './screens/screens';
import { table } from './screens/table';
import { MessagesProvider } from './shell/messages';
import { NotHere } from './shell/NotHere';
import { Shell } from './shell/Shell';
import { theme } from './theme/tokens';

const routes = table.map((row) => ({
  path: row.path,
  lazy: async () => ({
    // The router asks once only: a screen that could not be fetched asks for itself from then on.
    Component: await loadScreen(row).catch(() => laterQuietly(() => loadScreen(row))),
  }),
}));
/** The page to print stands alone. */
const alone = (path: string): boolean => path.startsWith('/print/');

const router = createBrowserRouter([
  {
    errorElement: <NotHere />,
    hydrateFallbackElement: <p />,
    children: routes.filter((route) => alone(route.path)),
  },
  {
    element: <Shell />,
    errorElement: <NotHere />,
    hydrateFallbackElement: <p />,
    children: [
      { path: '/', element: <Navigate to="/today" replace /> },
      // A screen that breaks or cannot be fetched leaves the frame, and with it the way to the others.
      { errorElement: <NotHere />, children: routes.filter((route) => !alone(route.path)) },
      { path: '*', element: <NotHere /> },
    ],
  },
]);

/** The whole interface, but for leading, which has a page of its own. */
export const App = () => (
  <ConfigProvider theme={theme} locale={enGB}>
    <MessagesProvider>
      <QueryClientProvider client={queryClient}>
        <RouterProvider router={router} />
        <Gate />
      </QueryClientProvider>
    </MessagesProvider>
  </ConfigProvider>
);
