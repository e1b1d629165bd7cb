import { closeBrowser, openContext } from './browser';
import { startProgram } from './process';

const app = await startProgram({ demo: true });
await openContext();
const path = process.argv[2]!;
for (let k = 0; k < 2; k++) {
  const ctx = await openContext();
  const page = await ctx.newPage();
  const cdp = await ctx.newCDPSession(page);
  await cdp.send('Profiler.enable');
  await cdp.send('Profiler.setSamplingInterval', { interval: 500 });
  await cdp.send('Profiler.start');
  await page.goto(app.url + path);
  await page.waitForLoadState('networkidle');
  const { profile } = await cdp.send('Profiler.stop');
  if (k === 1) {
    const res = (await page.evaluate(
      `JSON.stringify(performance.getEntriesByType('resource').map(r=>[r.name.replace(location.origin,''),r.startTime|0,r.responseEnd|0]))`,
    )) as string;
    for (const [n, s, e] of JSON.parse(res)) console.log(s, e, n);
    console.log(
      await page.evaluate(
        `JSON.stringify(performance.getEntriesByType('paint').map(p=>[p.name,p.startTime|0]).concat([['domInteractive',performance.getEntriesByType('navigation')[0].domInteractive|0],['responseEnd',performance.getEntriesByType('navigation')[0].responseEnd|0]]))`,
      ),
    );
    const self = new Map<string, number>();
    const byId = new Map(profile.nodes.map((n) => [n.id, n]));
    profile.samples!.forEach((id, i) => {
      const n = byId.get(id)!;
      const key = `${n.callFrame.functionName || '(anon)'} ${n.callFrame.url.split('/').pop()}:${n.callFrame.lineNumber}`;
      self.set(key, (self.get(key) || 0) + profile.timeDeltas![i]! / 1000);
    });
    const perFile = new Map<string, number>();
    profile.samples!.forEach((id, i) => {
      const n = byId.get(id)!;
      const key = n.callFrame.url.split('/').pop() || n.callFrame.functionName;
      perFile.set(key, (perFile.get(key) || 0) + profile.timeDeltas![i]! / 1000);
    });
    console.log(
      [...perFile]
        .sort((a, b) => b[1] - a[1])
        .slice(0, 20)
        .map(([k, v]) => `${v | 0} ${k}`)
        .join('\n'),
    );
    console.log('---');
    console.log(
      [...self]
        .sort((a, b) => b[1] - a[1])
        .slice(0, 25)
        .map(([k, v]) => `${v | 0} ${k}`)
        .join('\n'),
    );
  }
  await ctx.close();
}
await closeBrowser();
await app.stop();
