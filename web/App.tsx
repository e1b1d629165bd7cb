import { QueryClientProvider } from '@tanstack/react-query';
import { App as AntApp, ConfigProvider } from 'antd';
import enGB from 'antd/locale/en_GB';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { queryClient } from './api/queries';
import { ApproachScreen } from './screens/approach/ApproachScreen';
import { BreakScreen } from './screens/break/BreakScreen';
import { BreaksScreen } from './screens/breaks/BreaksScreen';
import { HeadLoadScreen } from './screens/headload/HeadLoadScreen';
import { ChooseScreen } from './screens/lead/ChooseScreen';
import { LeadScreen } from './screens/lead/LeadScreen';
import { LogScreen } from './screens/log/LogScreen';
import { SessionScreen } from './screens/log/SessionScreen';
import { EditScreen } from './screens/moves/edit/EditScreen';
import { MoveScreen } from './screens/moves/MoveScreen';
import { MovesScreen } from './screens/moves/MovesScreen';
import { NumbersScreen } from './screens/numbers/NumbersScreen';
import { OutboxScreen } from './screens/outbox/OutboxScreen';
import { NeedsScreen } from './screens/people/NeedsScreen';
import { PeopleScreen } from './screens/people/PeopleScreen';
import { CompareScreen } from './screens/week/compare/CompareScreen';
import { LedScreen } from './screens/week/led/LedScreen';
import { PrintScreen } from './screens/week/print/PrintScreen';
import { WeekScreen } from './screens/week/WeekScreen';
import { NotHere } from './shell/NotHere';
import { Shell } from './shell/Shell';
import { theme } from './theme/tokens';

const router = createBrowserRouter([
  { path: '/print/week/:groupId/:startDate', element: <PrintScreen />, errorElement: <NotHere /> },
  { path: '/lead/:breakId', element: <LeadScreen />, errorElement: <NotHere /> },
  {
    element: <Shell />,
    errorElement: <NotHere />,
    children: [
      { index: true, element: <Navigate to="/breaks" replace /> },
      { path: 'people', element: <PeopleScreen /> },
      { path: 'people/:groupId', element: <PeopleScreen /> },
      { path: 'people/:groupId/needs', element: <NeedsScreen /> },
      { path: 'moves', element: <MovesScreen /> },
      { path: 'moves/new', element: <EditScreen /> },
      { path: 'moves/:moveId', element: <MoveScreen /> },
      { path: 'moves/:moveId/edit', element: <EditScreen /> },
      { path: 'approach', element: <ApproachScreen /> },
      { path: 'head-load', element: <HeadLoadScreen /> },
      { path: 'numbers', element: <NumbersScreen /> },
      { path: 'breaks', element: <BreaksScreen /> },
      { path: 'breaks/:breakId', element: <BreakScreen /> },
      { path: 'week', element: <WeekScreen /> },
      { path: 'week/:groupId/:startDate', element: <WeekScreen /> },
      { path: 'week/:groupId/:startDate/compare', element: <CompareScreen /> },
      { path: 'week/:groupId/:startDate/led', element: <LedScreen /> },
      { path: 'outbox', element: <OutboxScreen /> },
      { path: 'lead', element: <ChooseScreen /> },
      { path: 'log', element: <LogScreen /> },
      { path: 'log/:sessionId', element: <SessionScreen /> },
      { path: '*', element: <NotHere /> },
    ],
  },
]);

/** The whole interface. */
export const App = () => (
  <ConfigProvider theme={theme} locale={enGB}>
    <AntApp message={{ maxCount: 3 }} style={{ height: '100%' }}>
      <QueryClientProvider client={queryClient}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </AntApp>
  </ConfigProvider>
);
