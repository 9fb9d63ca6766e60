// Times calls one after the other on one signed-in session: a worksheet and a printed sheet against an empty call.
const base = process.argv[2];
const cookies = new Map();
const CALLS = 600;

async function call(method, path, body) {
  const headers = { cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; ') };
  if (cookies.has('XSRF-TOKEN')) headers['X-XSRF-TOKEN'] = cookies.get('XSRF-TOKEN');
  if (body) headers['content-type'] = 'application/json';
  const answer = await fetch(base + path, { method, headers, body: body && JSON.stringify(body) });
  for (const line of answer.headers.getSetCookie()) {
    const [pair] = line.split(';');
    const at = pair.indexOf('=');
    cookies.set(pair.slice(0, at), pair.slice(at + 1));
  }
  await answer.arrayBuffer();
  if (!answer.ok) throw new Error(`${method} ${path} answered ${answer.status}`);
}

async function middle(count, run) {
  const times = [];
  for (let n = 0; n < count; n++) {
    const from = performance.now();
    await run();
    times.push(performance.now() - from);
  }
  return times.sort((a, b) => a - b)[Math.floor(count / 2)];
}

const plate = { phases: 3, frequencyHz: 50, ratedPowerW: 30000, ratedVoltageV: 400, ratedCurrentA: 56, ratedSpeedRpm: 1465 };
const ranking = { connection: 'wye', poles: 4, groups: [], spots: [], evidence: ['noisy', 'bearing-rough'] };
await call('GET', '/api/session');
await call('POST', '/api/session', { username: 'tech', password: 'tarnquay' });
await call('GET', '/api/session');
const empty = () => call('GET', '/api/session');
const sheet = () => call('POST', '/api/worksheets/nameplate', plate);
const cause = () => call('POST', '/api/worksheets/failure-pattern', ranking);
const pdf = () => call('GET', '/api/jobs/TQ-0409/sheet.pdf');
for (const warm of [empty, sheet, cause]) await middle(CALLS, warm);
await middle(10, pdf);
const e = await middle(CALLS, empty);
for (const [name, run] of [['nameplate', sheet], ['failure-pattern', cause]]) {
  const t = await middle(CALLS, run);
  console.log(`worksheet ${name}: p50 ${t.toFixed(2)} ms, empty signed-in call ${e.toFixed(2)} ms, ratio ${(t / e).toFixed(2)}`);
}
console.log(`printed sheet of a job, warm: p50 ${(await middle(20, pdf)).toFixed(0)} ms`);
