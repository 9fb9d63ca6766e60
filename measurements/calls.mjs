// Times calls one after the other on one signed-in session: a worksheet, a printed sheet and the page of a job against an empty call.
const base = process.argv[2];
const cookies = new Map();
const CALLS = 600;

async function call(method, path, body, more = {}) {
  const headers = { ...more, cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; ') };
  if (cookies.has('XSRF-TOKEN')) headers['X-XSRF-TOKEN'] = cookies.get('XSRF-TOKEN');
  if (body) headers['content-type'] = 'application/json';
  const answer = await fetch(base + path, { method, headers, body: body && JSON.stringify(body) });
  for (const line of answer.headers.getSetCookie()) {
    const [pair] = line.split(';');
    const at = pair.indexOf('=');
    cookies.set(pair.slice(0, at), pair.slice(at + 1));
  }
  const bytes = await answer.arrayBuffer();
  if (!answer.ok && answer.status !== 304) throw new Error(`${method} ${path} answered ${answer.status}: ${Buffer.from(bytes)}`);
  return { status: answer.status, version: answer.headers.get('etag'), bytes, json: () => JSON.parse(Buffer.from(bytes).toString()) };
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

// The page of a job left open, and what a hundred surge sets of one motor cost it.
const traced = [];
for (const row of (await call('GET', '/api/jobs')).json()) {
  const job = (await call('GET', `/api/jobs/${row.tag}`)).json();
  if (job.bench.surge && !job.identity.left) traced.push(row.tag);
}
const tag = traced[0];
const page = `/api/jobs/${tag}`;
const readings = (await call('GET', `${page}/tests/surge-comparison/readings.json`)).json().input;
async function look(name) {
  const full = await call('GET', page);
  const seen = { 'if-none-match': full.version };
  const unchanged = await call('GET', page, undefined, seen);
  if (unchanged.status !== 304) throw new Error('the page changed by itself');
  const ask = () => call('GET', page, undefined, seen);
  const whole = () => call('GET', page);
  await middle(50, ask);
  await middle(50, whole);
  const a = await middle(300, ask);
  const w = await middle(100, whole);
  const e = await middle(300, empty);
  console.log(
    `page of a job, ${name}: unchanged p50 ${a.toFixed(2)} ms and ${unchanged.bytes.byteLength} bytes, empty call ${e.toFixed(2)} ms, ratio ${(a / e).toFixed(2)};` +
      ` whole p50 ${w.toFixed(2)} ms and ${(full.bytes.byteLength / 1000).toFixed(0)} kB`,
  );
  return { a, w };
}
const one = await look('one surge set');
for (let n = 0; n < 99; n++) {
  const { connection, ...typed } = readings;
  await call('POST', `${page}/tests/surge-comparison`, { typed, because: `set ${n}`, takenBefore: 'measured on purpose', appliedVoltageV: '2000' });
}
const hundred = await look('a hundred surge sets');
console.log(`a hundred surge sets against one: unchanged ${(hundred.a / one.a).toFixed(2)}, whole ${(hundred.w / one.w).toFixed(2)}`);
