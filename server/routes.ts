/**
 * Everything that can be asked of the server, each with who may ask. The apps for this machine and for guests are both made
 * from this list, so that a new route is closed to guests until it is opened here.
 */
import { samplePicture, samplePlan, samples } from './samples.ts';
import express, { type Request, type RequestHandler, type Response } from 'express';
import { z } from 'zod';
import { ChangeError, GroupSchema } from '@heronstone/core/model/change.ts';
import { id as idSchema } from '@heronstone/core/model/fields.ts';
import { findingsFromZod, unfitFinding } from '@heronstone/core/model/finding.ts';
import { emptyPlan, MetaSchema } from '@heronstone/core/model/plan.ts';
import { unfit } from '@heronstone/core/model/text.ts';
import { readPlanFile, writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { previewOf, readBackup, writeBackup } from './backup.ts';
import { HttpError } from './errors.ts';
import type { Feed } from './feed.ts';
import type { Guest, May } from './guests.ts';
import { PICTURE_LIMIT, pictureType } from './pictures.ts';
import { NoPlanError, PAGE, type Store } from './store.ts';

/** Largest body that is read: a group that adds 20 000 supplies has about 12 MB. */
const BODY_LIMIT = '32mb';
/** A plan file brings its photographs along. */
const FILE_LIMIT = '256mb';
const BACKUP_LIMIT = '1gb';

/** Opening the room to the home, as the maker steers it. */
export interface Sharing {
  /** Whether it is on, under which address, and who was let in. */
  state(): object;
  invite(plan: string, may: May): Promise<object>;
  stop(): Promise<void>;
  sendOut(guest: string): Promise<void>;
  /** Whether a guest's session goes on. */
  isIn(guest: string): boolean;
}

/** What a route reaches: the store, who listens, and sharing where that is to be had. */
export interface Served {
  store: Store;
  feed: Feed;
  share: Sharing | null;
}

/** Who asks: a guest of the home, or this machine itself. */
export type Asker = Guest | null;

export interface Route {
  method: 'get' | 'post' | 'put' | 'delete';
  path: string;
  /**
   * Which guests may ask: none; those that may look; only those that may change. A guest is only ever answered about its own
   * plan, which is the parameter `id`.
   */
  guests: 'none' | 'look' | 'change';
  body?: 'json' | 'text' | 'bytes' | 'picture';
  answer: (request: Request, response: Response, asker: Asker) => Promise<unknown> | void;
}

/** What reads a body, before it is looked at. */
export const BODIES: Readonly<Record<NonNullable<Route['body']>, RequestHandler>> = {
  json: express.json({ limit: BODY_LIMIT }),
  text: express.text({ type: 'text/plain', limit: FILE_LIMIT }),
  bytes: express.raw({ type: () => true, limit: BACKUP_LIMIT }),
  picture: express.raw({ type: () => true, limit: PICTURE_LIMIT }),
};

const ChangesBody = z.strictObject({
  baseRevision: z.number().int().min(0),
  /** The history to which the revision belongs; a script that does not know it leaves it out. */
  epoch: z.string().max(64).nullable().default(null),
  groups: z.array(GroupSchema).min(1).max(500),
});
const JournalQuery = z.object({
  since: z.coerce.number().int().min(0).default(0),
  most: z.coerce.number().int().min(1).max(5000).default(PAGE),
  which: z.enum(['first', 'last']).default('first'),
});
const ShareBody = z.strictObject({ plan: z.string(), may: z.enum(['read', 'edit']) });

/** A parameter of the address. */
const param = (request: Request, name: string) => String(request.params[name] ?? '');
const bytesOf = (request: Request) => (Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));

/** Each window names itself, so that it can tell its own entries from others'. */
function windowOf(request: Request): string {
  const name = request.headers['x-window'];
  return typeof name === 'string' && /^[\w-]{1,40}$/.test(name) ? name : 'unknown';
}

/** The body, once it is known that every place can take what is in it. */
function bodyOf(request: Request): unknown {
  const odd = unfit(request.body);
  if (odd) throw new ChangeError([unfitFinding(odd)]);
  return request.body;
}

/** The routes; where there is no sharing, those about it are left out. */
export function routesOf({ store, feed, share }: Served): Route[] {
  const known = async (id: string) => {
    const stored = await store.read(id);
    if (!stored) throw new NoPlanError(id);
    return stored;
  };
  const sharing = (): Sharing => {
    if (!share) throw new HttpError(404, 'not-found', 'There is nothing under this address.');
    return share;
  };
  return [
    {
      method: 'get',
      path: '/api/session',
      guests: 'look',
      answer: (_request, response, asker) =>
        void response.json(asker ? { may: asker.may, plan: asker.plan, until: asker.until } : { may: 'all' }),
    },
    {
      method: 'get',
      path: '/api/plans',
      guests: 'look',
      answer: async (_request, response, asker) => {
        const plans = await store.list();
        response.json({ plans: asker ? plans.filter((p) => p.id === asker.plan) : plans });
      },
    },
    {
      method: 'post',
      path: '/api/plans',
      guests: 'none',
      body: 'json',
      answer: async (request, response) => {
        const asked = bodyOf(request) as { units?: unknown };
        // Round figures of the maker's own measures: an 8 ft ceiling, letter paper.
        const usual = emptyPlan({ id: 'new', ...(asked.units === 'imperial' ? { units: 'imperial' } : {}) }).meta;
        const meta = MetaSchema.safeParse({ ...usual, ...asked });
        if (!meta.success) throw new ChangeError(findingsFromZod(meta.error, ['plan']));
        if (await store.read(meta.data.id))
          throw new HttpError(409, 'taken', `There is a plan with the id “${meta.data.id}” already.`, 'plan.id');
        const stored = await store.create(emptyPlan(meta.data), windowOf(request));
        response.status(201).json({ id: stored.plan.meta.id, revision: stored.revision });
      },
    },
    {
      method: 'get',
      path: '/api/samples',
      guests: 'none',
      answer: (_request, response) => void response.json({ samples: samples() }),
    },
    {
      method: 'get',
      path: '/api/samples/:key/picture',
      guests: 'none',
      answer: (request, response) => {
        const picture = samplePicture(param(request, 'key'));
        if (picture === null) throw new HttpError(404, 'not-found', 'There is no sample room of this name.');
        response.type('image/svg+xml').send(picture);
      },
    },
    {
      // A sample room becomes a plan of one's own, with the id given in ?as=.
      method: 'post',
      path: '/api/samples/:key',
      guests: 'none',
      answer: async (request, response) => {
        const plan = samplePlan(param(request, 'key'));
        if (!plan) throw new HttpError(404, 'not-found', 'There is no sample room of this name.');
        const id = idSchema.safeParse(request.query.as);
        if (!id.success || (await store.read(id.data)))
          throw new HttpError(409, 'taken', 'The new plan needs an id that no plan has, in ?as=.', 'as');
        const stored = await store.create({ ...plan, meta: { ...plan.meta, id: id.data } }, windowOf(request));
        response.status(201).json({ id: stored.plan.meta.id, revision: stored.revision });
      },
    },
    {
      // A plan file becomes a new plan; when its id is taken it gets the id given in ?as=.
      method: 'post',
      path: '/api/plans/import',
      guests: 'none',
      body: 'text',
      answer: async (request, response) => {
        const read = readPlanFile(typeof request.body === 'string' ? request.body : '');
        if (!read.ok) throw new ChangeError(read.findings);
        let { plan } = read;
        if (await store.read(plan.meta.id)) {
          const id = idSchema.safeParse(request.query.as);
          if (!id.success || (await store.read(id.data)))
            throw new HttpError(409, 'taken', `There is a plan with the id “${plan.meta.id}” already.`, 'plan.id');
          plan = { ...plan, meta: { ...plan.meta, id: id.data, name: `${cut(plan.meta.name, 108)} (from file)` } };
        }
        const stored = await store.create(plan, windowOf(request), read.pictures);
        response.status(201).json({ id: stored.plan.meta.id, revision: stored.revision });
      },
    },
    {
      method: 'get',
      path: '/api/plans/:id',
      guests: 'look',
      // With ?groups=a,b it says which of these groups are in the journal, as of the same moment.
      answer: async (request, response) => {
        const stored = await known(param(request, 'id'));
        const { groups } = request.query;
        const asked = typeof groups === 'string' && groups !== '' ? groups.split(',') : [];
        const have = await store.had(param(request, 'id'), asked, stored.revision);
        response.json({ ...stored, have });
      },
    },
    {
      // The plan is put away; it can be brought back.
      method: 'delete',
      path: '/api/plans/:id',
      guests: 'none',
      answer: async (request, response) => {
        await store.putAway(param(request, 'id'));
        response.json({ removed: param(request, 'id') });
      },
    },
    {
      method: 'post',
      path: '/api/plans/:id/bring-back',
      guests: 'none',
      answer: async (request, response) => {
        await store.bringBack(param(request, 'id'));
        response.json({ id: param(request, 'id') });
      },
    },
    {
      method: 'get',
      path: '/api/plans/:id/file',
      guests: 'look',
      answer: async (request, response) => {
        const { plan } = await known(param(request, 'id'));
        const name = plan.meta.name.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'plan';
        response
          .attachment(`${name}.heronstone.json`)
          .type('application/json')
          .send(writePlanFile(plan, await store.pictures(plan)));
      },
    },
    {
      method: 'put',
      path: '/api/plans/:id/pictures/:picture',
      guests: 'change',
      body: 'picture',
      answer: async (request, response) => {
        const [id, picture] = [param(request, 'id'), param(request, 'picture')];
        await known(id);
        if (!idSchema.safeParse(picture).success)
          throw new HttpError(400, 'picture', 'A picture has an id.', 'picture');
        const data = bytesOf(request);
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
    },
    {
      method: 'get',
      path: '/api/plans/:id/pictures/:picture',
      guests: 'look',
      answer: async (request, response) => {
        const found = await store.picture(param(request, 'id'), param(request, 'picture'));
        if (!found) throw new HttpError(404, 'not-found', 'There is no such picture.');
        response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
        response.type(found.type).send(Buffer.from(found.data));
      },
    },
    {
      // The plan as it was at a day or time; nothing is changed.
      method: 'get',
      path: '/api/plans/:id/at/:when',
      guests: 'look',
      answer: async (request, response) => {
        const text = param(request, 'when');
        const when = new Date(/^\d{4}-\d\d-\d\d$/.test(text) ? `${text}T23:59:59.999Z` : text);
        if (Number.isNaN(when.getTime())) throw new HttpError(400, 'when', 'A time is a date like 2027-03-31.', 'when');
        await known(param(request, 'id'));
        response.json(await store.asOf(param(request, 'id'), when.toISOString()));
      },
    },
    {
      method: 'get',
      path: '/api/plans/:id/journal',
      guests: 'look',
      answer: async (request, response) => {
        const id = param(request, 'id');
        const { revision, epoch } = await known(id);
        const query = JournalQuery.safeParse(request.query);
        if (!query.success)
          throw new HttpError(
            400,
            'query',
            'since and most are whole numbers, which is first or last.',
            String(query.error.issues[0]?.path[0] ?? ''),
          );
        const { since, most, which } = query.data;
        response.json({ epoch, revision, entries: await store.journal(id, since, most, which) });
      },
    },
    {
      method: 'post',
      path: '/api/plans/:id/changes',
      guests: 'change',
      body: 'json',
      answer: async (request, response) => {
        const body = ChangesBody.safeParse(bodyOf(request));
        if (!body.success) throw new ChangeError(findingsFromZod(body.error));
        const id = param(request, 'id');
        const { baseRevision: revision, epoch, groups } = body.data;
        const written = await store.change(id, { revision, epoch }, groups, windowOf(request));
        response.json(written);
        if (written.entries.length > 0) feed.tell(id, { epoch: written.epoch, revision: written.revision });
      },
    },
    {
      method: 'get',
      path: '/api/plans/:id/events',
      guests: 'look',
      answer: async (request, response, asker) => {
        const id = param(request, 'id');
        const { revision, epoch } = await known(id);
        const stays = () => asker === null || sharing().isIn(asker.id);
        feed.listen(id, asker?.id ?? null, { epoch, revision }, response, stays);
      },
    },
    {
      method: 'get',
      path: '/api/backup',
      guests: 'none',
      answer: async (_request, response) => {
        const now = new Date();
        response
          .attachment(`heronstone ${now.toISOString().slice(0, 10)}.heronbackup`)
          .type('application/octet-stream')
          .send(await writeBackup(store, now));
      },
    },
    {
      method: 'post',
      path: '/api/restore/preview',
      guests: 'none',
      body: 'bytes',
      answer: async (request, response) => void response.json(await previewOf(store, readBackup(bytesOf(request)))),
    },
    {
      method: 'post',
      path: '/api/restore',
      guests: 'none',
      body: 'bytes',
      answer: async (request, response) => {
        const backup = readBackup(bytesOf(request));
        await store.restore(backup.plans);
        const ids = backup.plans.map((p) => p.plan.meta.id);
        response.json({ restored: ids });
        for (const id of ids) {
          const { epoch, revision } = await known(id);
          feed.tell(id, { epoch, revision });
        }
      },
    },
    {
      method: 'get',
      path: '/api/share',
      guests: 'none',
      answer: (_request, response) => void response.json(sharing().state()),
    },
    {
      method: 'post',
      path: '/api/share',
      guests: 'none',
      body: 'json',
      answer: async (request, response) => {
        const body = ShareBody.safeParse(bodyOf(request));
        if (!body.success) throw new HttpError(400, 'share', 'Say which plan, and whether it may be edited.', 'may');
        await known(body.data.plan);
        response.status(201).json(await sharing().invite(body.data.plan, body.data.may));
      },
    },
    {
      method: 'delete',
      path: '/api/share',
      guests: 'none',
      answer: async (_request, response) => {
        await sharing().stop();
        response.json(sharing().state());
      },
    },
    {
      method: 'delete',
      path: '/api/share/guests/:guest',
      guests: 'none',
      answer: async (request, response) => {
        await sharing().sendOut(param(request, 'guest'));
        response.json(sharing().state());
      },
    },
  ];
}

/** The first letters, at most a number of them, never half of one. */
const cut = (text: string, most: number) => [...text].slice(0, most).join('').slice(0, most);
