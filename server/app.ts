/** The HTTP side: plans, changes, journal, events and the built interface. No computation of its own. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import express, { type ErrorRequestHandler, type Express, type Request, type Response } from 'express';
import helmet from 'helmet';
import { z } from 'zod';
import { ChangeError, GroupSchema, type JournalEntry } from '@heronstone/core/model/change.ts';
import { findingsFromZod } from '@heronstone/core/model/finding.ts';
import { emptyPlan, MetaSchema } from '@heronstone/core/model/plan.ts';
import { readPlanFile, writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { BackupError, previewOf, readBackup, writeBackup } from './backup.ts';
import type { Share } from './share.ts';
import { PICTURE_LIMIT, pictureType } from './pictures.ts';
import { StaleError, type Store } from './store.ts';

/** Largest body that is read: a group that adds 20 000 supplies has about 12 MB. */
const BODY_LIMIT = '32mb';
/** A plan file brings its photographs along. */
const FILE_LIMIT = '256mb';
const BACKUP_LIMIT = '1gb';

export interface AppOptions {
  store: Store;
  /** Folder of the built interface, or null (development). */
  web: string | null;
  /** Whether the server may be asked under a host name. */
  hosts: (host: string) => boolean;
  /** Opening the room to other devices; null where that is not to be had. */
  share?: Share | null;
  /** Called for errors that are not the client's. */
  report?: (cause: unknown) => void;
}

const ChangesBody = z.strictObject({
  baseRevision: z.number().int().min(0),
  groups: z.array(GroupSchema).min(1).max(500),
});

class HttpError extends Error {
  readonly status: number;
  readonly code: string;
  readonly field: string | undefined;
  constructor(status: number, code: string, message: string, field?: string) {
    super(message);
    Object.assign(this, { status, code, field });
    this.status = status;
    this.code = code;
    this.field = field;
  }
}

export function createApp({ store, web, hosts, share = null, report = () => {} }: AppOptions): Express {
  const app = express();
  const listeners = new Map<string, Set<Response>>();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use((request, _response, next) => {
    const host = (request.headers.host ?? '').replace(/:\d+$/, '');
    if (!hosts(host)) throw new HttpError(403, 'host', `This server does not answer for the host “${host}”.`);
    const { origin } = request.headers;
    if (origin !== undefined && origin !== `http://${request.headers.host}`)
      throw new HttpError(403, 'origin', 'Requests from other pages are not answered.');
    next();
  });
  app.use('/api', (_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use('/api', express.json({ limit: BODY_LIMIT }));

  app.get('/api/plans', async (_request, response) => {
    response.json({ plans: await store.list() });
  });

  app.post('/api/plans', async (request, response) => {
    const meta = MetaSchema.safeParse({ ...emptyPlan({ id: 'new' }).meta, ...(request.body as object) });
    if (!meta.success) throw new ChangeError(findingsFromZod(meta.error, ['plan']));
    const stored = await store.create(emptyPlan(meta.data), windowOf(request));
    response.status(201).json({ id: stored.plan.meta.id, revision: stored.revision });
  });

  /** A plan file becomes a new plan; when its id is taken it gets the id given in ?as=. */
  app.post('/api/plans/import', express.text({ type: 'text/plain', limit: FILE_LIMIT }), async (request, response) => {
    const read = readPlanFile(typeof request.body === 'string' ? request.body : '');
    if (!read.ok) throw new ChangeError(read.findings);
    let { plan } = read;
    if (await store.read(plan.meta.id)) {
      const id = z
        .string()
        .regex(/^[A-Za-z0-9_-]{1,64}$/)
        .safeParse(request.query.as);
      if (!id.success)
        throw new HttpError(409, 'taken', `There is a plan with the id “${plan.meta.id}” already.`, 'plan.id');
      plan = { ...plan, meta: { ...plan.meta, id: id.data, name: `${plan.meta.name} (from file)`.slice(0, 120) } };
    }
    const stored = await store.create(plan, windowOf(request), read.pictures);
    response.status(201).json({ id: stored.plan.meta.id, revision: stored.revision });
  });

  app.get('/api/plans/:id', async (request, response) => {
    response.json(await known(store, request.params.id));
  });

  app.get('/api/plans/:id/file', async (request, response) => {
    const { plan } = await known(store, request.params.id);
    const name = plan.meta.name.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'plan';
    response
      .attachment(`${name}.heronstone.json`)
      .type('application/json')
      .send(writePlanFile(plan, await store.pictures(plan)));
  });

  app.put(
    '/api/plans/:id/pictures/:picture',
    express.raw({ type: () => true, limit: PICTURE_LIMIT }),
    async (request, response) => {
      await known(store, request.params.id);
      const { id, picture } = request.params;
      if (!/^[A-Za-z0-9_-]{1,64}$/.test(picture))
        throw new HttpError(400, 'picture', 'A picture has an id.', 'picture');
      const data = Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0);
      const type = pictureType(data);
      if (!type)
        throw new HttpError(
          415,
          'picture',
          'This is not a picture that can be kept; choose a JPEG, PNG or WebP file.',
          'photo',
        );
      await store.keepPicture(id, picture, type, data);
      response.status(201).json({ type });
    },
  );

  app.get('/api/plans/:id/pictures/:picture', async (request, response) => {
    const found = await store.picture(request.params.id, request.params.picture);
    if (!found) throw new HttpError(404, 'not-found', 'There is no such picture.');
    response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
    response.type(found.type).send(Buffer.from(found.data));
  });

  /** The plan as it was at a day or time; nothing is changed. */
  app.get('/api/plans/:id/at/:when', async (request, response) => {
    const when = new Date(
      /^\d{4}-\d\d-\d\d$/.test(request.params.when) ? `${request.params.when}T23:59:59.999Z` : request.params.when,
    );
    if (Number.isNaN(when.getTime())) throw new HttpError(400, 'when', 'A time is a date like 2027-03-31.', 'when');
    await known(store, request.params.id);
    response.json(await store.asOf(request.params.id, when.toISOString()));
  });

  app.get('/api/backup', async (_request, response) => {
    const now = new Date();
    response
      .attachment(`heronstone ${now.toISOString().slice(0, 10)}.heronbackup`)
      .type('application/octet-stream')
      .send(await writeBackup(store, now));
  });

  const backupBody = express.raw({ type: () => true, limit: BACKUP_LIMIT });
  const backupOf = (request: Request) => readBackup(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));
  app.post('/api/restore/preview', backupBody, async (request, response) => {
    response.json(await previewOf(store, backupOf(request)));
  });
  app.post('/api/restore', backupBody, async (request, response) => {
    const backup = backupOf(request);
    await store.restore(backup.plans);
    response.json({ restored: backup.plans.map((p) => p.plan.meta.id) });
    for (const { plan, revision } of backup.plans) tell(plan.meta.id, revision);
  });

  if (share) {
    app.get('/api/share', (_request, response) => response.json(share.state()));
    app.post('/api/share', async (request, response) => {
      const body = z.strictObject({ plan: z.string(), may: z.enum(['read', 'edit']) }).safeParse(request.body);
      if (!body.success) throw new HttpError(400, 'share', 'Say which plan, and whether it may be edited.', 'may');
      await known(store, body.data.plan);
      response.status(201).json(await share.invite(body.data.plan, body.data.may));
    });
    app.delete('/api/share', async (_request, response) => {
      await share.stop();
      response.json(share.state());
    });
    app.delete('/api/share/guests/:guest', (request, response) => {
      share.sendOut(request.params.guest);
      response.json(share.state());
    });
  }

  app.get('/api/plans/:id/journal', async (request, response) => {
    await known(store, request.params.id);
    const query = z
      .object({
        since: z.coerce.number().int().min(0).default(0),
        most: z.coerce.number().int().min(1).max(5000).default(200),
      })
      .safeParse(request.query);
    if (!query.success)
      throw new HttpError(
        400,
        'query',
        'since and most are whole numbers.',
        String(query.error.issues[0]?.path[0] ?? ''),
      );
    response.json({ entries: await store.journal(request.params.id, query.data.since, query.data.most) });
  });

  app.post('/api/plans/:id/changes', async (request, response) => {
    const body = ChangesBody.safeParse(request.body);
    if (!body.success) throw new ChangeError(findingsFromZod(body.error));
    const { id } = request.params;
    const result = await store.change(id, body.data.baseRevision, body.data.groups, windowOf(request));
    response.json(result);
    announce(id, result.entries);
  });

  app.get('/api/plans/:id/events', async (request, response) => {
    const { id } = request.params;
    const { revision } = await known(store, id);
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      Connection: 'keep-alive',
    });
    response.write(`retry: 1000\nevent: revision\ndata: ${JSON.stringify({ revision })}\n\n`);
    const set = listeners.get(id) ?? new Set();
    listeners.set(id, set.add(response));
    const beat = setInterval(() => response.write(': still here\n\n'), 20_000);
    request.on('close', () => {
      clearInterval(beat);
      set.delete(response);
    });
  });

  function announce(id: string, entries: readonly JournalEntry[]): void {
    const revision = entries.at(-1)?.revision;
    if (revision !== undefined) tell(id, revision);
  }

  function tell(id: string, revision: number): void {
    for (const response of listeners.get(id) ?? [])
      response.write(`event: revision\ndata: ${JSON.stringify({ revision })}\n\n`);
  }

  app.use('/api', () => {
    throw new HttpError(404, 'not-found', 'There is nothing under this address.');
  });
  if (web && existsSync(join(web, 'index.html'))) {
    app.use(express.static(web, { index: false, maxAge: 0 }));
    app.get('/{*path}', (_request, response) =>
      response.sendFile('index.html', { root: web, headers: { 'Cache-Control': 'no-store' } }),
    );
  }
  app.use(errors(report));
  return app;
}

async function known(store: Store, id: string) {
  const stored = await store.read(id);
  if (!stored) throw new HttpError(404, 'no-plan', `There is no plan “${id}”.`);
  return stored;
}

/** Each window names itself, so that it can tell its own entries from others'. */
function windowOf(request: Request): string {
  const name = request.headers['x-window'];
  return typeof name === 'string' && /^[\w-]{1,40}$/.test(name) ? name : 'unknown';
}

function errors(report: (cause: unknown) => void): ErrorRequestHandler {
  return (cause: unknown, request, response, next) => {
    if (response.headersSent) return next(cause);
    const send = (status: number, error: Record<string, unknown>) => response.status(status).json({ error });
    if (cause instanceof ChangeError) {
      send(422, {
        code: 'invalid',
        message: cause.message,
        field: cause.findings[0]?.path,
        findings: cause.findings.slice(0, 50),
      });
    } else if (cause instanceof StaleError) {
      response.status(409).json({ error: { code: 'stale', message: cause.message }, missed: cause.missed });
    } else if (cause instanceof BackupError) {
      send(422, { code: 'backup', message: `${cause.message} Nothing was changed.`, field: 'file' });
    } else if (cause instanceof HttpError) {
      send(cause.status, { code: cause.code, message: cause.message, ...(cause.field ? { field: cause.field } : {}) });
    } else if ((cause as { type?: string }).type === 'entity.too.large') {
      const most = `${Math.round(((cause as { limit?: number }).limit ?? 0) / 2 ** 20)} MB`;
      send(
        413,
        request.path.includes('/pictures/')
          ? { code: 'too-large', message: `A photograph has at most ${most}. Take a smaller one.`, field: 'photo' }
          : { code: 'too-large', message: `That is more than ${most} at once. Split it.` },
      );
    } else if ((cause as { type?: string }).type === 'entity.parse.failed') {
      send(400, { code: 'json', message: 'The request is not JSON.' });
    } else {
      report(cause);
      send(500, { code: 'server', message: 'The server could not do this. Nothing was changed.' });
    }
  };
}
