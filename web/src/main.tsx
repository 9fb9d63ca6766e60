import '@fontsource/barlow-semi-condensed/600.css';
import '@fontsource/ibm-plex-mono/400.css';
import '@fontsource/ibm-plex-mono/600.css';
import '@fontsource/source-sans-3/400.css';
import '@fontsource/source-sans-3/600.css';
import './theme/theme.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { lazy, StrictMode, Suspense, useEffect, useState } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { SignIn } from './access/SignIn';
import { Refusal } from './api/http';
import { FloorPage } from './floor/FloorPage';
import { jobQuery } from './job/useJob';
import { FactorFirst } from './access/OwnFactor';
import { sessionQuery, WhenSignedIn } from './session/session';
import { applySetting, savedSetting, themeFor } from './theme/theme';
import { Loading } from './ui/Loading';

const jobPage = () => import('./jobs/JobPage').then((m) => ({ default: m.JobPage }));
const JobPage = lazy(jobPage);
const ReceivePage = lazy(() => import('./receive/ReceivePage').then((m) => ({ default: m.ReceivePage })));
const PassportPage = lazy(() => import('./passport/PassportPage').then((m) => ({ default: m.PassportPage })));
const CustomersPage = lazy(() =>
  import('./customers/CustomersPage').then((m) => ({ default: m.CustomersPage })),
);
const CustomerQuotePage = lazy(() =>
  import('./quote/CustomerQuotePage').then((m) => ({ default: m.CustomerQuotePage })),
);
const BankPage = lazy(() => import('./bank/BankPage').then((m) => ({ default: m.BankPage })));
const ShopPage = lazy(() => import('./settings/ShopPage').then((m) => ({ default: m.ShopPage })));
const PlanPage = lazy(() => import('./plan/PlanPage').then((m) => ({ default: m.PlanPage })));
const WhatIfPage = lazy(() => import('./plan/WhatIfPage').then((m) => ({ default: m.WhatIfPage })));
const RosterPage = lazy(() => import('./plan/RosterPage').then((m) => ({ default: m.RosterPage })));
const PracticePage = lazy(() => import('./practice/PracticePage').then((m) => ({ default: m.PracticePage })));
const AttemptPage = lazy(() => import('./practice/AttemptPage').then((m) => ({ default: m.AttemptPage })));
const DrillPage = lazy(() => import('./practice/DrillPage').then((m) => ({ default: m.DrillPage })));
const FiguresPage = lazy(() => import('./figures/FiguresPage').then((m) => ({ default: m.FiguresPage })));
const TriagePage = lazy(() => import('./triage/TriagePage').then((m) => ({ default: m.TriagePage })));
const WorksheetsPage = lazy(() =>
  import('./worksheets/WorksheetsPage').then((m) => ({ default: m.WorksheetsPage })),
);

applySetting(savedSetting());

const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, error) => !(error instanceof Refusal) && count < 2,
      networkMode: 'always',
    },
    // A tablet that believes itself offline still tries, so that the person is told rather than kept waiting.
    mutations: { networkMode: 'always' },
  },
});

// What a job's page waits for is asked for at once, one beside the other, rather than one after the other.
const tag = /^\/jobs\/([A-Za-z0-9-]+)/.exec(location.pathname)?.[1];
void client.prefetchQuery(sessionQuery);
if (tag) {
  void jobPage();
  void client.prefetchQuery(jobQuery(tag));
}

function App() {
  const [setting, setSetting] = useState(savedSetting);
  useEffect(() => {
    const changed = () => setSetting(savedSetting());
    window.addEventListener('brasskettle-setting', changed);
    return () => window.removeEventListener('brasskettle-setting', changed);
  }, []);
  return (
    <ConfigProvider theme={themeFor(setting)}>
      <QueryClientProvider client={client}>
        <BrowserRouter>
          <Suspense fallback={<Loading />}>
            <Routes>
              <Route path="/quote/:address" element={<CustomerQuotePage />} />
              <Route path="*" element={<Shop />} />
            </Routes>
          </Suspense>
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  );
}

/** Everything behind the sign-in. */
function Shop() {
  return (
    <WhenSignedIn signIn={(told) => <SignIn {...told} />} setUp={<FactorFirst />}>
      <Routes>
        <Route path="/" element={<FloorPage />} />
        <Route path="/receive" element={<ReceivePage />} />
        <Route path="/worksheets/:name?" element={<WorksheetsPage />} />
        <Route path="/plan" element={<PlanPage />} />
        <Route path="/plan/what-if" element={<WhatIfPage />} />
        <Route path="/plan/roster" element={<RosterPage />} />
        <Route path="/practice" element={<PracticePage />} />
        <Route path="/practice/attempts/:id" element={<AttemptPage />} />
        <Route path="/practice/sets/:id" element={<AttemptPage shown />} />
        <Route path="/practice/drills/:drill" element={<DrillPage />} />
        <Route path="/figures" element={<FiguresPage />} />
        <Route path="/triage" element={<TriagePage />} />
        <Route path="/bank" element={<BankPage />} />
        <Route path="/shop" element={<ShopPage />} />
        <Route path="/customers/:id?" element={<CustomersPage />} />
        <Route path="/motors/:mark" element={<PassportPage />} />
        <Route path="/jobs/:tag/*" element={<JobPage />} />
        <Route path="*" element={<FloorPage />} />
      </Routes>
    </WhenSignedIn>
  );
}

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
}
