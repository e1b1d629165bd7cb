import { QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import enGB from 'antd/locale/en_GB';
import type { ComponentType } from 'react';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { queryClient } from './api/queries';
import { MessagesProvider } from './shell/messages';
import { NotHere } from './shell/NotHere';
import { Shell } from './shell/Shell';
import { theme } from './theme/tokens';

/** A screen that is loaded when it is opened. */
const screen = <Name extends string>(load: () => Promise<Record<Name, ComponentType>>, name: Name) => ({
  lazy: async () => ({ Component: (await load())[name] }),
});

const router = createBrowserRouter([
  {
    path: '/print/week/:groupId/:startDate',
    errorElement: <NotHere />,
    hydrateFallbackElement: <p />,
    ...screen(() => import('./screens/print/PrintScreen'), 'PrintScreen'),
  },
  {
    element: <Shell />,
    errorElement: <NotHere />,
    hydrateFallbackElement: <p />,
    children: [
      { index: true, element: <Navigate to="/breaks" replace /> },
      { path: 'people', ...screen(() => import('./screens/people/PeopleScreen'), 'PeopleScreen') },
      { path: 'people/:groupId', ...screen(() => import('./screens/people/PeopleScreen'), 'PeopleScreen') },
      {
        path: 'people/:groupId/needs',
        ...screen(() => import('./screens/people/NeedsScreen'), 'NeedsScreen'),
      },
      { path: 'moves', ...screen(() => import('./screens/moves/MovesScreen'), 'MovesScreen') },
      { path: 'moves/new', ...screen(() => import('./screens/moves/edit/EditScreen'), 'EditScreen') },
      { path: 'moves/:moveId', ...screen(() => import('./screens/moves/MoveScreen'), 'MoveScreen') },
      {
        path: 'moves/:moveId/edit',
        ...screen(() => import('./screens/moves/edit/EditScreen'), 'EditScreen'),
      },
      { path: 'approach', ...screen(() => import('./screens/approach/ApproachScreen'), 'ApproachScreen') },
      { path: 'head-load', ...screen(() => import('./screens/headload/HeadLoadScreen'), 'HeadLoadScreen') },
      { path: 'numbers', ...screen(() => import('./screens/numbers/NumbersScreen'), 'NumbersScreen') },
      { path: 'breaks', ...screen(() => import('./screens/breaks/BreaksScreen'), 'BreaksScreen') },
      { path: 'breaks/:breakId', ...screen(() => import('./screens/break/BreakScreen'), 'BreakScreen') },
      { path: 'week', ...screen(() => import('./screens/week/WeekScreen'), 'WeekScreen') },
      {
        path: 'week/:groupId/:startDate',
        ...screen(() => import('./screens/week/WeekScreen'), 'WeekScreen'),
      },
      {
        path: 'week/:groupId/:startDate/compare',
        ...screen(() => import('./screens/compare/CompareScreen'), 'CompareScreen'),
      },
      {
        path: 'week/:groupId/:startDate/led',
        ...screen(() => import('./screens/gather/GatherScreen'), 'GatherScreen'),
      },
      { path: 'outbox', ...screen(() => import('./screens/outbox/OutboxScreen'), 'OutboxScreen') },
      { path: 'lead', ...screen(() => import('./screens/choose/ChooseScreen'), 'ChooseScreen') },
      { path: 'log', ...screen(() => import('./screens/log/LogScreen'), 'LogScreen') },
      { path: 'log/:sessionId', ...screen(() => import('./screens/log/SessionScreen'), 'SessionScreen') },
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
      </QueryClientProvider>
    </MessagesProvider>
  </ConfigProvider>
);
