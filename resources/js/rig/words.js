/**
 * Words to the daemon that owns the rig: each is a short request. A number that counts up and the daemon's own clock tell a word that was overtaken, or that
 * comes too late, from the newest one.
 */
const patienceMilliseconds = 2_000;
const mostUnderWay = 3;

export function createWords(at, choice) {
  const who = crypto.randomUUID?.() ?? String(Math.random()).slice(2);
  let number = 0;
  let underWay = 0;
  let clock = null;

  const post = async (values, patience = patienceMilliseconds) => {
    const response = await fetch(at, {
      method: 'POST', credentials: 'same-origin', keepalive: true, signal: AbortSignal.timeout(patience),
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'HX-Request': 'true' },
      body: JSON.stringify({ ...choice(), who, ...values }),
    });
    const answer = await response.json();
    if (typeof answer.now === 'number') clock = { now: answer.now, heard: performance.now() };
    return answer;
  };

  return {
    who,
    post,
    /** The page goes: what is still on its way from it does not take the rig again. */
    leave() {
      number += 1;
      navigator.sendBeacon(at, new Blob([JSON.stringify({ ...choice(), who, do: 'leave', n: number })], { type: 'application/json' }));
    },
    /** One of many: left out while earlier ones are still under way, unless it has to get through. */
    async stream(values, { isNeeded = false } = {}) {
      if (underWay >= mostUnderWay && !isNeeded) return null;
      underWay += 1;
      number += 1;
      const said = clock && { at: clock.now + (performance.now() - clock.heard) / 1_000 };
      try {
        return await post({ ...values, n: number, ...said });
      } catch {
        return null;
      } finally {
        underWay -= 1;
      }
    },
  };
}
