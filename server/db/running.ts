import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';

const alive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // One that belongs to somebody else is there as well.
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
};

const pidIn = (file: string): number | null => {
  if (!existsSync(file)) return null;
  const pid = Number(readFileSync(file, 'utf8'));
  return Number.isInteger(pid) && pid > 0 ? pid : null;
};

/**
 * Writes down beside the database file that this process uses it. `other` is the process that does so already, if it
 * still runs: what a killed one left behind is not taken for one. A database elsewhere is not written about.
 */
export const announce = (database: string): { other: number | null; end: () => void } => {
  if (/^\w+:\/\//.test(database)) return { other: null, end: () => {} };
  const file = `${database}.running`;
  const before = pidIn(file);
  const other = before !== null && before !== process.pid && alive(before) ? before : null;
  if (other === null) writeFileSync(file, String(process.pid));
  return {
    other,
    end: () => {
      if (pidIn(file) === process.pid) rmSync(file, { force: true });
    },
  };
};
