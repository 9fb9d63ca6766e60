// Tries a deployment behind its proxy, as a browser would: HTTPS, sign-in, cookies, a stream, an upload, a printed code.
//   deployment.mjs empty PASSWORD    a shop just made, signed in by its first password
//   deployment.mjs again PASSWORD    the same, later
//   deployment.mjs demo              the demonstration shop
//   deployment.mjs rolling FILE      motors received in the demonstration shop until FILE is there
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import http from 'node:http';
import https from 'node:https';
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const HOST = 'shop.example';
const cookies = new Map();

/** A call to the proxy on this machine under the shop's name. Resolves at the end, with when the first and last piece came. */
function call(method, path, body, more = {}) {
  const headers = { host: HOST, cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; '), ...more };
  if (cookies.has('XSRF-TOKEN')) headers['x-xsrf-token'] = cookies.get('XSRF-TOKEN');
  const bytes = Buffer.isBuffer(body) ? body : body && Buffer.from(JSON.stringify(body));
  if (bytes && !headers['content-type']) headers['content-type'] = 'application/json';
  if (bytes) headers['content-length'] = bytes.length;
  return new Promise((resolve, reject) => {
    const request = https.request({ host: '127.0.0.1', port: 443, servername: HOST, method, path, headers }, (answer) => {
      const pieces = [];
      const times = [];
      answer.on('data', (piece) => {
        pieces.push(piece);
        times.push(performance.now());
      });
      answer.on('end', () => {
        const set = answer.headers['set-cookie'] ?? [];
        for (const line of set) {
          const [pair] = line.split(';');
          cookies.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
        }
        const all = Buffer.concat(pieces);
        resolve({ status: answer.statusCode, headers: answer.headers, set, bytes: all, times, text: () => all.toString(), json: () => JSON.parse(all) });
      });
    });
    request.on('error', reject);
    request.end(bytes);
  });
}

function holds(what, is, seen = '') {
  console.log(`-- ${is ? 'holds' : 'FAILS'}: ${what}${is || !seen ? '' : ` (${seen})`}`);
  if (!is) process.exitCode = 1;
}

async function signIn(username, password) {
  await call('GET', '/api/session');
  const answer = await call('POST', '/api/session', { username, password }, { 'x-forwarded-for': '203.0.113.9', 'x-forwarded-proto': 'http' });
  await call('GET', '/api/session');
  return answer;
}

async function empty(password) {
  const plain = await new Promise((resolve, reject) =>
    http.get({ host: '127.0.0.1', port: 80, path: '/jobs', headers: { host: HOST } }, resolve).on('error', reject));
  plain.resume();
  holds('HTTP is sent to HTTPS', plain.statusCode === 301 && plain.headers.location === `https://${HOST}/jobs`, plain.headers.location);
  const signed = await signIn('admin', password);
  holds('the first password signs in', signed.status === 200, signed.text());
  const session = signed.set.find((c) => c.startsWith('BRASSKETTLE='));
  holds('the session cookie is Secure, HttpOnly, SameSite=Strict', /Secure/.test(session) && /HttpOnly/.test(session) && /SameSite=Strict/i.test(session), session);
  holds('browsers are told to come by HTTPS only', /max-age/.test(signed.headers['strict-transport-security'] ?? ''));
  const events = (await call('GET', '/api/security-journal')).json();
  holds('an address that a caller claims is not believed', events.some((e) => e.kind === 'signed-in' && e.address === '127.0.0.1') &&
    !events.some((e) => e.address === '203.0.113.9'), JSON.stringify(events.slice(0, 2)));
  await page();
}

async function page() {
  const page = await call('GET', '/', undefined, { 'accept-encoding': 'gzip' });
  const script = /src="(\/assets\/[^"]+\.js)"/.exec((await call('GET', '/')).text())[1];
  const packed = await call('GET', script, undefined, { 'accept-encoding': 'gzip' });
  holds('the page comes', page.status === 200);
  holds('scripts come packed', packed.headers['content-encoding'] === 'gzip', JSON.stringify(packed.headers));
}

async function demo() {
  holds('the demonstration signs in', (await signIn('tech', 'tarnquay')).status === 200);
  const tags = (await call('GET', '/api/jobs')).json().map((j) => j.tag);
  let stream;
  for (const tag of tags) {
    stream = await call('POST', `/api/jobs/${tag}/instruments/insulation-tester`, { seconds: 60, pace: 12 });
    if (stream.status === 200) break;
  }
  const spread = stream.times[stream.times.length - 1] - stream.times[0];
  holds(`a stream of readings comes piece by piece (${stream.times.length} pieces over ${(spread / 1000).toFixed(1)} s)`,
    stream.status === 200 && stream.times.length > 10 && spread > 2000, stream.text().slice(0, 200));
  const folder = mkdtempSync(join(tmpdir(), 'deployment'));
  const picture = join(folder, 'code.png');
  const tag = tags[0];
  const paper = join(folder, 'tag.pdf');
  writeFileSync(paper, (await call('GET', `/api/jobs/${tag}/tag.pdf`)).bytes);
  execFileSync('pdftoppm', ['-r', '200', '-png', '-singlefile', paper, picture.replace('.png', '')]);
  const code = execFileSync('zbarimg', ['-q', '--raw', picture], { stdio: ['ignore', 'pipe', 'ignore'] }).toString().trim();
  holds(`the printed code opens the shop by its own address (${code})`, code.startsWith(`https://${HOST}/`) && code.includes(tag));
  const photograph = await call('POST', `/api/jobs/${tag}/photos?step=receive&caption=trial`, readFileSync(picture), { 'content-type': 'image/png' });
  holds('a photograph is taken in', photograph.status === 200, photograph.text().slice(0, 200));
  await signIn('lead', 'tarnquay');
  const wrong = await call('POST', '/api/jobs/import', Buffer.alloc(40_000_000, 7), { 'content-type': 'application/zip' });
  holds('40 MB that are no job reach the application and are refused in words', wrong.status === 400 && /damaged|archive/.test(wrong.text()), `${wrong.status} ${wrong.text().slice(0, 120)}`);
}

async function again(password) {
  holds('the password signs in', (await signIn('admin', password)).status === 200);
  await page();
}

/** Four people receive motors while servers come and go; a call without an answer is asked again under the same key, as pages do. */
async function rolling(end) {
  await signIn('lead', 'tarnquay');
  const received = new Map();
  let asked = 0;
  let repeated = 0;
  let slowest = 0;
  async function receive(machine) {
    const job = { customer: 'Trial', machine, complaint: '', supply: 'mains', urgency: 'usual', outageCostPerHour: '0' };
    const key = { 'idempotency-key': randomUUID() };
    for (let attempt = 0; attempt < 60; attempt++) {
      asked++;
      const answer = await call('POST', '/api/jobs', job, key).catch(() => undefined);
      if (answer?.status === 200) return answer.json().identity.tag;
      if (answer && answer.status < 500) throw new Error(`${answer.status} ${answer.text()}`);
      repeated++;
      await new Promise((resolve) => setTimeout(resolve, 250));
    }
    throw new Error(`${machine} was never received`);
  }
  await Promise.all([0, 1, 2, 3].map(async (person) => {
    for (let n = 0; !existsSync(end); n++) {
      const machine = `Rolling ${person}-${n}`;
      const from = performance.now();
      received.set(machine, await receive(machine));
      slowest = Math.max(slowest, performance.now() - from);
    }
  }));
  const there = [];
  for (let rows = [{}]; rows.length > 0; there.push(...rows)) {
    const after = there.length > 0 ? `&after=${there[there.length - 1].tag}` : '';
    rows = (await call('GET', `/api/jobs?find=rolling${after}`)).json();
  }
  holds(`${received.size} motors received meanwhile are there once each; ${asked} calls, ${repeated} of them asked again, the slowest ${(slowest / 1000).toFixed(1)} s`,
    received.size > 20 && there.length === received.size && there.every((j) => received.get(j.machine) === j.tag), `${there.length} there`);
}

const [what, argument] = process.argv.slice(2);
await { empty, again, demo, rolling }[what](argument);
