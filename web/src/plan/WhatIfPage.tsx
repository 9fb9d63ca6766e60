import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { call, Refusal } from '../api/http';
import type { PromiseDates } from '../api/types';
import { useDraft } from '../ui/drafts';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Frame } from '../shell/Frame';
import { usePerson } from '../session/session';
import { when } from './lanes';
import { MotorForm, NO_MOTOR, typedMotor } from './MotorForm';
import { Running } from './PlanPage';
import { Proposal } from './Proposal';
import { usePlan } from './usePlan';
import './plan.css';

/** A motor somebody calls about: when it could be ready, and whom it delays. Nothing changes by asking. */
export function WhatIfPage() {
  const navigate = useNavigate();
  const may = usePerson().role !== 'technician';
  const draft = useDraft('what-if', NO_MOTOR);
  const { plan, search, runs, ask, stop, decide } = usePlan();
  const promise = useMutation({
    mutationFn: () => call<PromiseDates>('POST', '/api/plan/promise', { typed: typedMotor(draft.value) }),
  });
  const refused = ask.error ?? promise.error;
  const problems = refused instanceof Refusal ? refused.problems : [];
  const view = plan.data;
  const zone = view?.timeZone ?? 'UTC';
  const proposal = view?.proposal?.kind === 'what-if' ? view.proposal : null;
  return (
    <Frame
      keys={[
        { key: 'P', label: 'plan', run: () => void navigate('/plan') },
        { key: 'Escape', label: 'back to the plan', run: () => void navigate('/plan') },
      ]}
    >
      <main className="page" id="work">
        <div className="head">
          <h1>What if this one came in</h1>
          <span className="soft">whom it delays, by how much, and what that costs them</span>
        </div>
        <ErrorNotice
          error={refused ?? stop.error ?? decide.error ?? plan.error}
          hide={problems.map((p) => p.field)}
        />
        <div className="asked">
          <form
            onSubmit={(e) => {
              e.preventDefault();
              promise.mutate();
            }}
          >
            <MotorForm value={draft.value} problems={problems} onChange={draft.change} />
            <div className="actions">
              <Button type="primary" htmlType="submit" loading={promise.isPending}>
                When could it be ready?
              </Button>
              {may && (
                <Button disabled={runs} onClick={() => ask.mutate(typedMotor(draft.value))}>
                  Whom would it delay?
                </Button>
              )}
            </div>
          </form>
          <div>
            {/* One promise at a time: a plan with this motor in it knows better than one behind all others. */}
            {promise.data && !proposal && !runs && (
              <section className="proposal" aria-label="Promise" role="status">
                <h2>Promise {when(promise.data.safe, zone)}</h2>
                <p>
                  Ready in nine of ten draws by then; in half of them by {when(promise.data.likely, zone)}. By
                  the plan people were told,{' '}
                  {draft.value.rush ? 'this motor before all others' : 'this motor after them'},{' '}
                  {promise.data.draws} draws of how long tasks take.
                </p>
              </section>
            )}
            <Running search={search} runs={runs} may={may} onStop={() => stop.mutate()} />
            {proposal && !runs && (
              <Proposal
                plan={proposal}
                before={view?.told ?? null}
                zone={zone}
                busy={decide.isPending}
                onDecide={(how) =>
                  decide.mutate(
                    { id: proposal.id, how },
                    {
                      onSuccess: () => {
                        draft.settle(NO_MOTOR);
                        void navigate('/plan');
                      },
                    },
                  )
                }
              />
            )}
          </div>
        </div>
      </main>
    </Frame>
  );
}
