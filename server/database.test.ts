/** A data directory of which a part is missing is never taken for a new one. */
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { readBackup, writeBackup } from './backup.ts';
import { openDatabase, startAfresh } from './database.ts';
import { Store } from './store.ts';

const root = mkdtempSync(join(tmpdir(), 'heronstone-database-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));

test('without PG_VERSION it stops and names the newest copy; with that copy it starts again, the old data kept', async () => {
  const data = join(root, 'damaged');
  copyTemplate('empty', data);
  mkdirSync(join(data, 'copies'));
  const { db, close } = await openDatabase(data);
  const store = new Store(db);
  await store.create(demoPlan(), 'test');
  for (const day of ['2027-01-02', '2027-01-03'])
    writeFileSync(join(data, 'copies', `${day}.heronbackup`), await writeBackup(store, new Date()));
  await close();
  renameSync(join(data, 'db', 'PG_VERSION'), join(root, 'PG_VERSION'));
  const files = readdirSync(join(data, 'db'));
  await expect(openDatabase(data)).rejects.toThrow(/damaged or missing.*2027-01-03\.heronbackup/);
  expect(readdirSync(join(data, 'db'))).toEqual(files);

  const copy = readBackup(readFileSync(join(data, 'copies', '2027-01-03.heronbackup')));
  await startAfresh(data, '2027-02-01', (path) => {
    copyTemplate('bare', join(root, 'bare'));
    renameSync(join(root, 'bare', 'db'), path);
    return Promise.resolve();
  });
  expect(readdirSync(join(data, 'db.before-2027-02-01'))).toEqual(files);
  const again = await openDatabase(data);
  await new Store(again.db).restore(copy.plans);
  expect((await new Store(again.db).list()).map((p) => p.id)).toEqual(['demo']);
  await again.close();
}, 120_000);

test('an empty folder where the database was, and copies without one, are no new place either', async () => {
  const empty = join(root, 'empty');
  mkdirSync(join(empty, 'db'), { recursive: true });
  await expect(openDatabase(empty)).rejects.toThrow(/There is no copy beside it/);
  const copies = join(root, 'copies');
  mkdirSync(join(copies, 'copies'), { recursive: true });
  writeFileSync(join(copies, 'copies', '2027-01-03.heronbackup'), 'x');
  await expect(openDatabase(copies)).rejects.toThrow(/newest copy is/);
  expect(existsSync(join(copies, 'db'))).toBe(false);
});
