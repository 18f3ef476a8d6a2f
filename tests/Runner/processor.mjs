import { readdirSync, readFileSync } from 'node:fs';

const ticksPerSecond = 100;

export const secondsNow = () => performance.now() / 1000;

/** Processor seconds of this process and of all that it started, a browser included, and of those of them that have ended. */
export function processorSeconds() {
  const stats = readdirSync('/proc').filter((name) => /^\d+$/.test(name)).flatMap((name) => {
    try {
      const fields = readFileSync(`/proc/${name}/stat`, 'utf8').replace(/^.*\) /s, '').split(' ');
      return [{ id: Number(name), parent: Number(fields[1]), ticks: fields.slice(11, 15).reduce((sum, ticks) => sum + Number(ticks), 0) }];
    } catch {
      // It ended while it was looked at.
      return [];
    }
  });
  const mine = new Set([process.pid]);
  for (let before = 0; before < mine.size;) {
    before = mine.size;
    for (const { id, parent } of stats) if (mine.has(parent)) mine.add(id);
  }
  return stats.filter(({ id }) => mine.has(id)).reduce((sum, { ticks }) => sum + ticks, 0) / ticksPerSecond;
}
