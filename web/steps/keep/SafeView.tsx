/** Opening the room on a phone in the same home, and backups. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { useEffect, useState } from 'react';
import { qrPath } from '@heronstone/core/formats/qr.ts';
import { api, type RestorePreview, type ShareState } from '../../sync/api.ts';
import { lookAgain } from '../../state/openPlan.ts';
import { notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

const problem = (cause: unknown) => notice(cause instanceof Error ? cause.message : String(cause), 'error');

export function SafeView() {
  return (
    <div className="grid max-w-5xl gap-8 lg:grid-cols-2">
      <ShareCard />
      <BackupCard />
    </div>
  );
}

function ShareCard() {
  const plan = useStore((s) => s.plan)!;
  const [state, setState] = useState<ShareState | null>(null);
  const [guest, setGuest] = useState(false);
  useEffect(() => {
    api.share().then(setState, () => setGuest(true));
    const timer = setInterval(() => void api.share().then(setState, () => {}), 4000);
    return () => clearInterval(timer);
  }, []);
  if (guest)
    return <p className="text-soft">Sharing is switched on and off on the machine on which Heronstone runs.</p>;
  const invite = (may: 'read' | 'edit') => void api.invite(plan.meta.id, may).then(setState, problem);
  return (
    <section aria-label="On a phone">
      <h2 className="text-xl">On a phone in the same home</h2>
      <p className="text-soft">
        Off until you switch it on. A code lets one device in, once, for ten minutes, to this plan and nothing else. The
        connection is not encrypted: use it in a home network that you trust.
      </p>
      <p className="mt-2" role="status">
        {state?.on ? (
          <>
            It is <b>on</b> at {state.address}.
          </>
        ) : (
          <>
            It is <b>off</b>.
          </>
        )}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button look="main" onClick={() => invite('edit')}>
          Allow full access
        </Button>
        <Button onClick={() => invite('read')}>Allow viewing only</Button>
        {state?.on && <Button onClick={() => void api.shareOff().then(setState, problem)}>Switch it off</Button>}
      </div>
      {state?.code && state.link && (
        <div className="mt-3 flex items-center gap-5">
          <Code text={state.link} />
          <p>
            Scan it with the phone, or open {state.address}/pair and type
            <b className="block font-mono text-2xl tracking-widest" data-testid="share-code">
              {state.code}
            </b>
          </p>
        </div>
      )}
      {state && state.guests.length > 0 && (
        <ul className="mt-3" aria-label="Let in">
          {state.guests.map((g) => (
            <li key={g.id} className="flex items-center gap-3 border-b border-line py-1">
              {g.name}, {g.may === 'edit' ? 'full access' : 'view only'}, since {g.since.slice(11, 16)}
              <Button look="quiet" onClick={() => void api.sendOut(g.id).then(setState, problem)}>
                End its session
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Code({ text }: { text: string }) {
  const { size, path } = qrPath(text);
  return (
    <svg
      viewBox={`-4 -4 ${size + 8} ${size + 8}`}
      className="w-40 shrink-0 rounded-lg bg-white"
      role="img"
      aria-label="Code for the phone"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}

function BackupCard() {
  const plan = useStore((s) => s.plan)!;
  const [file, setFile] = useState<File | null>(null);
  const [preview, setPreview] = useState<RestorePreview | null>(null);
  const choose = (chosen: File | undefined) => {
    setPreview(null);
    setFile(chosen ?? null);
    if (chosen) void api.restorePreview(chosen).then(setPreview, problem);
  };
  const restore = async () => {
    if (!file) return;
    try {
      const { restored } = await api.restore(file);
      notice(`${restored.length} ${restored.length === 1 ? 'plan is' : 'plans are'} as in the backup.`);
      setPreview(null);
      if (restored.includes(plan.meta.id)) lookAgain();
    } catch (cause) {
      problem(cause);
    }
  };
  return (
    <section aria-label="Backup">
      <h2 className="text-xl">Backup</h2>
      <p className="text-soft">
        All plans with their photographs and log books in one file. A dated copy is kept beside the data every day, too:
        the last seven, then one a week, then one a month.
      </p>
      <p className="mt-2">
        <a className="text-rust underline" href="/api/backup" download>
          Download backup
        </a>
      </p>
      <label className="mt-4 block">
        <span className="block">Restore from a backup</span>
        <input type="file" accept=".heronbackup" onChange={(e) => choose(e.target.files?.[0])} className="mt-1" />
      </label>
      {preview && (
        <div className="mt-3 rounded-2xl border border-line bg-leaf px-4 py-3">
          <p>Written {preview.written.slice(0, 16).replace('T', ' ')}</p>
          <ul>
            {preview.plans.map((p) => (
              <li key={p.id}>
                <b>{p.name}</b>: {howMany(p.supplies, 'supply', 'supplies')}, {howMany(p.photographs, 'photograph')},{' '}
                {howMany(p.steps, 'step')} in the log book.{' '}
                {p.replaces ? (
                  <span className="text-rust">
                    Replaces “{p.replaces.name}”, which is at step {p.replaces.revision}.
                  </span>
                ) : (
                  'It is new here.'
                )}
              </li>
            ))}
          </ul>
          <Button look="main" className="mt-2" onClick={() => void restore()}>
            Restore this
          </Button>
        </div>
      )}
    </section>
  );
}
