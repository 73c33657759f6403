// Attacks a shop that is open to its network, and says of each attack whether it was held off.
//   node tools/attacks.mjs ADDRESS FIRST-CODE       (./bw attacks starts a shop of its own for it)
import { execFileSync } from 'node:child_process';
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { percentile, visitorOf } from './visitor.mjs';

const [address, firstCode] = workerData ?? process.argv.slice(2);
const port = Number(new URL(address).port);
const WORDS = 'seven blue files';
const Visitor = visitorOf(address, WORDS);
const told = [];

const held = (attack, is, what) => {
  told.push([attack, is, what]);
  console.log(`${is ? 'held    ' : 'NOT HELD'}  ${attack}: ${what}`);
};

/** Plans asked by a signed-in page, one after the other; 95th percentile, ms. */
async function planning(page, howMany) {
  const times = [];
  for (let i = 0; i < howMany; i++) {
    const began = performance.now();
    const answer = await page.ask('POST', '/api/plan', {
      units: 'METRIC',
      look: 'EDGE',
      folded: true,
      fields: { operation: 'turn', diameter: `${25 + (i % 20) / 10}`, finished: '24' },
    });
    if (answer.status === 200) times.push(performance.now() - began);
    await new Promise((go) => setTimeout(go, 20));
  }
  return percentile(times, 0.95);
}

/** Two hundred strangers who guess on and on, until they are told to stop; then which answers they had. */
async function storm() {
  const codes = {};
  let goes = true;
  parentPort.once('message', () => {
    goes = false;
  });
  await Promise.all(
    Array.from({ length: 200 }, async (_, i) => {
      const stranger = await new Visitor(`127.0.${2 + (i % 4)}.${1 + (i % 50)}`).known();
      while (goes) {
        const { code } = await stranger.ask('POST', '/api/people/sign-in', { name: `made up ${i}`, passphrase: 'guess' });
        codes[code] = (codes[code] ?? 0) + 1;
      }
    }),
  );
  parentPort.postMessage(codes);
}

if (!isMainThread) {
  // In a thread of its own: what the storm takes of this side is not counted as the program's.
  await storm();
  process.exit(0);
}

const owner = await new Visitor().known();
const first = await owner.ask('POST', '/api/people/first', { code: firstCode, name: 'Orla', passphrase: WORDS });
if (first.status !== 200) throw new Error(`The first owner was refused: ${first.text}`);
const person = async (name, role = 'MAKER') =>
  (await owner.ask('POST', '/api/people', { name, role, passphrase: WORDS })).json.id;
await person('Sven');
const sven = await new Visitor('127.0.1.1').signedIn('Sven');

// ---- strangers ----
await planning(sven, 600);
const quiet = await planning(sven, 300);
const strangers = new Worker(new URL(import.meta.url), { workerData: [address, firstCode] });
await new Promise((go) => setTimeout(go, 3000));
const stormed = await planning(sven, 300);
const began = performance.now();
const known = await sven.ask('POST', '/api/people/sign-in', { name: 'Sven', passphrase: WORDS });
const knownMs = performance.now() - began;
const codes = await new Promise((done) => {
  strangers.once('message', done);
  strangers.postMessage('stop');
});
held('200 strangers guess', stormed < 2 * quiet, `plans of a signed-in page, 95th percentile ${quiet.toFixed(1)} ms quiet, ${stormed.toFixed(1)} ms in the storm`);
held('… a device that is known', known.status === 200 && knownMs < 2000, `signs in at the first try, in ${knownMs.toFixed(0)} ms`);
held('… are answered in words', Object.keys(codes).every((code) => ['wrong-passphrase', 'many-sign-in', 'tried-too-often'].includes(code)), JSON.stringify(codes));

// ---- codes, people ----
const pairing = await sven.ask('POST', '/api/people/pairings');
await sven.ask('POST', '/api/people/sign-out-everywhere');
const pair = await (await new Visitor().known()).ask('POST', '/api/people/pair', { code: pairing.json.address.split('#')[1] });
held('a pairing code after signing out everywhere', pair.status === 400, pair.code);
await sven.signedIn('Sven');
let guesses = '';
for (let i = 0; i < 5; i++) guesses = (await sven.ask('POST', '/api/people/passphrase', { now: `guess ${i}`, next: 'nine red lamps' })).code;
held('a passphrase guessed at through an open session', guesses === 'tried-too-often', guesses);
for (const passphrase of ['Password123', '1234567890', '          '])
  held(`“${passphrase}” as a passphrase`, (await owner.ask('POST', '/api/people', { name: 'Nemo', role: 'MAKER', passphrase })).status === 400, 'refused');
for (const name of ['\u041Erla', 'Or\u200Bla', '0RLA'])
  held(`a name that looks like Orla (${JSON.stringify(name)})`, (await owner.ask('POST', '/api/people', { name, role: 'MAKER', passphrase: WORDS })).status === 400, 'refused');
held('a maker reads the journal', (await sven.ask('GET', '/api/journal')).status === 403, 'refused');

// ---- files ----
const endless = (before, repeat, times, after) => (request) => {
  request.write(before);
  let n = 0;
  const more = () => {
    while (n++ < times) if (!request.write(repeat)) return request.once('drain', more);
    request.end(after);
  };
  request.on('error', () => {});
  more();
};
const MB = 'x'.repeat(1024 * 1024);
const shop = '{"format":"bold-wedge-shop","formatVersion":3,"tools":[';
for (const [what, path, body] of [
  ['100 MB of keys in one tool', '/api/exchange/shop', endless(`${shop}{"fields":{`, `${Array.from({ length: 50_000 }, (_, i) => `"k${i}":"v",`).join('')}`, 150, '"z":""}}]}')],
  ['one cell of 500 MB', '/api/exchange/crib', endless('name,units,note\nA,METRIC,"', MB, 500, '"\n')],
  ['a million brackets', '/api/exchange/shop', endless(`${shop}`, '['.repeat(100_000), 10, '')],
  ['a number of a million figures', '/api/exchange/shop', endless(`${shop}{"version":`, '9'.repeat(100_000), 10, '}]}')],
  ['a name of 10 MB', '/api/exchange/shop', endless(`${shop}{"`, MB, 10, '":1}]}')],
]) {
  const answer = await owner.ask('POST', path, body, { 'Content-Type': 'text/plain' });
  held(what, answer.status >= 400 && answer.status < 500 && Boolean(answer.json?.sentence), `${answer.status} ${answer.code}`);
}
for (const part of ['lathes', 'cuts', 'tools', 'grinds', 'trials', 'photos']) {
  const answer = await owner.ask('POST', '/api/exchange/shop', { format: 'bold-wedge-shop', formatVersion: 3, [part]: [{ id: null, version: null, name: null, units: null, fields: null, card: null, readings: null, picture: null }] });
  held(`null for every value of ${part}`, answer.status === 400, answer.code);
}

// ---- what is sent and answered ----
const stranger = new Visitor('127.0.9.9');
const head = await stranger.ask('HEAD', '/api/people/me');
held('HEAD', Boolean(head.headers['content-security-policy']), 'bears the headings of security');
const zero = await stranger.ask('GET', '/api/people/me', undefined, { Cookie: `__Host-bold-wedge=${Buffer.alloc(36).toString('base64')}` });
held('a cookie of zero bytes', zero.status === 200, `${zero.status}`);
for (const path of ['/api/openapi.json', '/third-party-program.txt', '/third-party-page.txt', '/api/upkeep', '/api/news'])
  held(`${path} for a stranger`, (await stranger.ask('GET', path)).status === 401, 'refused');
const png = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAPoAAAD6ACAYAAAA', 'base64');
const tool = (await owner.ask('POST', '/api/crib/tools', { version: 0, name: 'Photographed', units: 'METRIC', fields: { blank: 'hss-10mm' } })).json.id;
const bomb = await owner.ask('POST', '/api/photos', { toolId: tool, picture: png.toString('base64') });
held('a picture of 16000 × 16000', bomb.status === 400, bomb.code);
for (const suite of ['AES128-SHA', 'ECDHE-RSA-AES128-SHA', 'ECDHE-ECDSA-AES256-SHA384', 'AES256-GCM-SHA384']) {
  let through = true;
  try {
    execFileSync('openssl', ['s_client', '-connect', `127.0.0.1:${port}`, '-tls1_2', '-cipher', suite], { input: '', stdio: ['pipe', 'ignore', 'ignore'], timeout: 5000 });
  } catch {
    through = false;
  }
  held(`TLS 1.2 with ${suite}`, !through, 'refused');
}

const broken = told.filter(([, is]) => !is).length;
console.log(broken === 0 ? `\nAll ${told.length} held.` : `\n${broken} of ${told.length} were NOT held.`);
process.exit(broken === 0 ? 0 : 1);
