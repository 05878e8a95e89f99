/** The plans on this machine, each to continue or to remove; what was removed can be brought back at once. */
import { useState } from 'react';
import { useNavigate, Link } from 'react-router';
import { api } from '../sync/api.ts';
import { Button } from '../ui/Button.tsx';

interface Line {
  id: string;
  name: string;
  room: string;
}

export function PlanList({
  plans,
  onChange,
  onFail,
}: {
  plans: readonly Line[];
  onChange: () => void;
  onFail: (cause: unknown) => void;
}) {
  const navigate = useNavigate();
  const [removed, setRemoved] = useState<Line | null>(null);
  const remove = async (plan: Line) => {
    try {
      await api.removePlan(plan.id);
      setRemoved(plan);
      onChange();
    } catch (cause) {
      onFail(cause);
    }
  };
  const bringBack = async (plan: Line) => {
    try {
      await api.bringBack(plan.id);
      setRemoved(null);
      onChange();
    } catch (cause) {
      onFail(cause);
    }
  };
  if (plans.length === 0 && removed === null) return null;
  return (
    <section aria-label="Your plans">
      {plans.length > 0 && <h2 className="mb-2 text-lg">Continue a plan</h2>}
      <ul className="grid gap-2 sm:grid-cols-2">
        {plans.map((plan) => (
          <li key={plan.id} className="flex rounded-xl border border-line bg-leaf hover:border-ink">
            <Link
              to={`/plan/${plan.id}`}
              onClick={(e) => {
                e.preventDefault();
                void navigate(`/plan/${plan.id}`);
              }}
              className="block min-w-0 grow px-4 py-3"
            >
              <span className="block font-bold">{plan.name}</span>
              <span className="text-soft">{plan.room}</span>
            </Link>
            <Button look="quiet" aria-label={`Remove ${plan.name}`} onClick={() => void remove(plan)}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
      {removed && (
        <p role="status" className="mt-2">
          {removed.name} was removed. It is kept for 90 days.{' '}
          <Button look="quiet" onClick={() => void bringBack(removed)}>
            Bring it back
          </Button>
        </p>
      )}
    </section>
  );
}
