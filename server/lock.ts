/**
 * One process for a data directory. A lock is a folder `lock.N` with a line that names its holder; it comes into being whole,
 * by renaming, which cannot happen twice. Numbers only rise: who finds the holder of the highest dead takes the next number,
 * and looks once more whether it is the highest. So nobody ever removes a lock that might have been taken meanwhile.
 * (Removing a lock that was left behind and then making one's own lets two processes pass each other.)
 */
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
import { join } from 'node:path';

const HOLDER = 'holder';
const TAKING = 'taking-';
/** What renaming onto a folder that is there fails with, by system; and when one's own was cleared away. */
const TAKEN: ReadonlySet<string> = new Set(['ENOTEMPTY', 'EEXIST', 'EPERM', 'EACCES', 'ENOENT']);
/** The lock file of earlier programs. */
const OLD = 'heronstone.lock';

/** Start time of a process in ticks since boot, where the system tells; guards against a number used again. */
function startOf(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? '';
  } catch {
    return '';
  }
}

function isRunning(pid: number, start: string): boolean {
  try {
    process.kill(pid, 0);
  } catch (cause) {
    if ((cause as NodeJS.ErrnoException).code === 'ESRCH') return false;
  }
  const now = startOf(pid);
  return now === '' || start === '' || now === start;
}

/** The process that holds a lock, or null when it runs no more or gave it back. */
function holderOf(file: string): number | null {
  let words: string[];
  try {
    words = readFileSync(file, 'utf8').trim().split(' ');
  } catch {
    return null;
  }
  const pid = Number(words[0]);
  return Number.isInteger(pid) && pid > 0 && isRunning(pid, words[1] ?? '') ? pid : null;
}

/** The numbers of all locks, highest first. */
const numbers = (directory: string): number[] =>
  readdirSync(directory)
    .flatMap((name) => /^lock\.(\d+)$/.exec(name)?.[1] ?? [])
    .map(Number)
    .sort((a, b) => b - a);

export interface Lock {
  release: () => void;
}

/**
 * Takes the lock of a data directory.
 * @returns what gives it back, or the number of the process that has it
 */
export function takeLock(directory: string): Lock | { holder: number } {
  mkdirSync(directory, { recursive: true });
  let tries = 0;
  for (;;) {
    const old = holderOf(join(directory, OLD));
    if (old !== null) return { holder: old };
    const [highest = 0] = numbers(directory);
    const holder = highest === 0 ? null : holderOf(join(directory, `lock.${highest}`, HOLDER));
    if (holder !== null) return { holder };
    const mine = join(directory, `lock.${highest + 1}`);
    const made = mkdtempSync(join(directory, TAKING));
    try {
      writeFileSync(join(made, HOLDER), `${process.pid} ${startOf(process.pid)}\n`);
      renameSync(made, mine);
    } catch (cause) {
      if (!TAKEN.has((cause as NodeJS.ErrnoException).code ?? '') || ++tries > 100) throw cause;
      // Somebody else was first; look who.
      rmSync(made, { recursive: true, force: true });
      continue;
    }
    // A number that was free for me only because I looked long ago: a higher one is there by now.
    if (numbers(directory)[0] !== highest + 1) {
      giveBack(mine);
      continue;
    }
    const left = readdirSync(directory).filter((name) => name.startsWith(TAKING));
    for (const name of [
      ...numbers(directory)
        .slice(1)
        .map((n) => `lock.${n}`),
      ...left,
    ])
      rmSync(join(directory, name), { recursive: true, force: true });
    rmSync(join(directory, OLD), { force: true });
    return { release: () => giveBack(mine) };
  }
}

/** The folder stays, so that its number is not given twice; its holder is gone. */
function giveBack(folder: string): void {
  if (!existsSync(folder)) return; // the whole directory was removed
  const next = join(folder, 'given back');
  writeFileSync(next, 'nobody\n');
  renameSync(next, join(folder, HOLDER));
}
