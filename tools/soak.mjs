// Works a shop for a while as twenty pages of three people do, kills its database now and then, and says what became of it.
//   node tools/soak.mjs ADDRESS FIRST-CODE MINUTES STATE-FOLDER JDK      (./bw soak starts a shop of its own for it)
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { percentile, visitorOf } from './visitor.mjs';

const [address, firstCode, minutes, state, jdk] = process.argv.slice(2);
const WORDS = 'seven blue files';
const Visitor = visitorOf(address, WORDS);
const PEOPLE = ['Orla', 'Sven', 'Mara'];
const PAGES = 20;
const SAMPLES = 12;
const KILLED_EVERY_MS = Math.min(5, Number(process.argv[4]) / 4) * 60_000;
const program = readFileSync(`${state}/demo.pid`, 'utf8').split(' ')[0];
const postmaster = () => readFileSync(`${state}/demo/data/postmaster.pid`, 'utf8').split('\n')[0];
const backends = () => execFileSync('pgrep', ['-P', postmaster(), '-f', 'boldwedge.*127']).toString().trim().split('\n');

/** What was acknowledged: address of a record, and the version it had then. */
const kept = new Map();
const codes = new Map();
let planTimes = [];
const ends = Date.now() + Number(minutes) * 60_000;
const goesOn = () => Date.now() < ends;
const pause = (ms) => new Promise((go) => setTimeout(go, ms));
const oneOf = (list) => list[Math.floor(Math.random() * list.length)];

/** A file that is being sent is cut off when the database dies: half of one must not look whole. */
const foreseen = (said, path) => !/^(0|5)/.test(said) || /^503 /.test(said) || (said === '0 cut' && path.startsWith('/api/exchange/'));
const unforeseen = [];

async function asked(page, method, path, body, headings) {
  const answer = await page.ask(method, path, body, headings);
  const said = `${answer.status}${answer.code ? ` ${answer.code}` : ''}`;
  codes.set(said, (codes.get(said) ?? 0) + 1);
  if (!foreseen(said, path)) unforeseen.push(`${method} ${path}: ${said} ${answer.text ?? ''}`);
  return answer;
}

let lathes = [];
const fields = () => {
  const finished = 20 + Math.floor(Math.random() * 30);
  return { operation: 'turn', lathe: oneOf(lathes), diameter: `${finished + 1}`, finished: `${finished}`, material: oneOf(['steel-low-carbon', 'brass-free', 'bronze-tin']) };
};
const BORE = { operation: 'bore', boreStart: '28.5', boreFinished: '30', boreDepth: '40', barDiameter: '16' };
const PICTURE = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

/** What a page does, each with how often; a refusal is counted, and the page goes on. */
const DOINGS = [
  [60, async (page) => {
    const began = performance.now();
    const answer = await asked(page, 'POST', '/api/plan', { units: 'METRIC', look: 'EDGE', folded: true, fields: oneOf([fields(), BORE]) });
    if (answer.status === 200) planTimes.push(performance.now() - began);
  }],
  [6, (page) => asked(page, 'GET', '/api/crib/tools?most=50')],
  [2, (page) => asked(page, 'POST', '/api/crib/which', { units: 'METRIC', fields: oneOf([fields(), BORE]) })],
  [10, async (page) => {
    const saved = await asked(page, page.cut.version === 0 ? 'POST' : 'PUT', page.cut.version === 0 ? '/api/cuts' : `/api/cuts/${page.cut.id}`, { id: page.cut.id, version: page.cut.version, name: 'Worked on', units: 'METRIC', fields: fields() });
    if (saved.status === 200) {
      page.cut.version = saved.json.version;
      kept.set(`/api/cuts/${page.cut.id}`, saved.json.version);
    } else if (saved.status === 409) page.cut.version = (await asked(page, 'GET', `/api/cuts/${page.cut.id}`)).json.version ?? page.cut.version;
  }],
  [4, async (page) => {
    const saved = await asked(page, 'POST', '/api/crib/tools', { version: 0, name: 'Worn out soon', units: 'METRIC', fields: { blank: 'hss-10mm' } });
    if (saved.status !== 200) return;
    await asked(page, 'POST', '/api/photos', { toolId: saved.json.id, picture: PICTURE });
    const gone = await asked(page, 'DELETE', `/api/crib/tools/${saved.json.id}?version=${saved.json.version}`);
    if (gone.status >= 300) kept.set(`/api/crib/tools/${saved.json.id}`, saved.json.version);
  }],
  [4, async (page) => {
    const cut = fields();
    await asked(page, 'POST', '/api/proof/trials', { id: randomUUID(), units: 'METRIC', fields: cut, readings: { near: `${cut.finished}.01`, far: `${cut.finished}.02`, apart: '40' } });
  }],
  [1, (page) => asked(page, 'GET', '/api/exchange/crib.csv')],
  [1, (page) => asked(page, 'GET', '/api/exchange/shop.json')],
  [1, (page) => asked(page, 'POST', '/api/exchange/crib', (request) => request.end('name,kind,units,blank\nTaken in,bit,METRIC,hss-10mm\n'), { 'Content-Type': 'text/plain' })],
];
const DECK = DOINGS.flatMap(([often, doing]) => Array(often).fill(doing));

async function work(page) {
  let news = 0;
  while (goesOn()) {
    if (Date.now() > news) {
      await asked(page, 'GET', `/api/news?record=${page.cut.id}`);
      news = Date.now() + 3000;
    }
    await oneOf(DECK)(page);
    await pause(50 + Math.random() * 700);
  }
}

async function killing() {
  let said = 0;
  while (goesOn()) {
    await pause(Math.min(KILLED_EVERY_MS, Math.max(0, ends - Date.now())));
    // None at the very end: what was acknowledged is looked for then.
    if (ends - Date.now() < 60_000) return said;
    process.kill(Number(said++ % 2 === 0 ? oneOf(backends()) : postmaster()), 'SIGKILL');
  }
  return said;
}

function sample() {
  execFileSync(`${jdk}/bin/jcmd`, [program, 'GC.run']);
  const heap = execFileSync(`${jdk}/bin/jcmd`, [program, 'GC.heap_info']).toString().match(/heap\s.*?used (\d+)K/)?.[1] ?? 0;
  const status = readFileSync(`/proc/${program}/status`, 'utf8');
  const times = planTimes;
  planTimes = [];
  let connections = Number.NaN;
  try {
    connections = backends().length;
  } catch {
    // The database has just been killed.
  }
  return {
    heap: Math.round(heap / 1024),
    memory: Math.round(status.match(/VmRSS:\s+(\d+)/)[1] / 1024),
    files: readdirSync(`/proc/${program}/fd`).length,
    threads: Number(status.match(/Threads:\s+(\d+)/)[1]),
    connections,
    plans: times.length,
    p95: percentile(times, 0.95),
  };
}

const owner = await new Visitor().known();
const first = await owner.ask('POST', '/api/people/first', { code: firstCode, name: PEOPLE[0], passphrase: WORDS });
if (first.status !== 200) throw new Error(`The first owner was refused: ${first.text}`);
for (const name of PEOPLE.slice(1)) await owner.ask('POST', '/api/people', { name, role: 'MAKER', passphrase: WORDS });
lathes = (await owner.ask('GET', '/api/shop/lathes')).json.filter((lathe) => lathe.card.kind !== 'mill').map((lathe) => lathe.id);
const pages = [];
for (let i = 0; i < PAGES; i++) {
  const page = await new Visitor(`127.0.1.${1 + i}`).signedIn(PEOPLE[i % PEOPLE.length]);
  // Two pages at one cut, of two people.
  page.cut = i % 2 === 1 ? pages[i - 1].cut : { id: randomUUID(), version: 0 };
  pages.push(page);
}

console.log('| after, min | heap in use after a collection, MB | whole memory, MB | open files | threads | connections | plans | 95th percentile, ms |');
console.log('|---|---|---|---|---|---|---|---|');
const rows = [];
const began = Date.now();
const working = pages.map(work);
const kills = killing();
while (goesOn()) {
  await pause(Math.max(1000, Math.min((Number(minutes) * 60_000) / SAMPLES, ends - Date.now())));
  const row = sample();
  rows.push(row);
  console.log(`| ${((Date.now() - began) / 60_000).toFixed(0)} | ${row.heap} | ${row.memory} | ${row.files} | ${row.threads} | ${row.connections} | ${row.plans} | ${row.p95.toFixed(1)} |`);
}
await Promise.all(working);

const lost = [];
for (const [path, version] of kept) {
  const found = await owner.ask('GET', path);
  if (found.status !== 200 || found.json.version < version) lost.push(`${path}: ${found.status}, ${found.json?.version} for ${version}`);
}
// The first row is still warming up.
const [early, late] = [rows[Math.min(2, rows.length - 1)], rows.at(-1)];
const grew = ['heap', 'files', 'threads'].filter((what) => late[what] > early[what] * 1.25 + 20);
console.log(`\nThe database or a connection of it was killed ${await kills} times. Answers: ${[...codes].sort().map(([said, times]) => `${said} × ${times}`).join(', ')}.`);
console.log(`Of ${kept.size} records that were acknowledged, ${lost.length} are lost. ${lost.slice(0, 5).join('; ')}`);
console.log(grew.length === 0 ? 'Nothing grew.' : `Grew: ${grew.join(', ')}.`);
if (unforeseen.length > 0) console.log(`Not foreseen, ${unforeseen.length}:\n  ${unforeseen.slice(0, 10).join('\n  ')}`);
process.exit(lost.length + grew.length + unforeseen.length === 0 ? 0 : 1);
