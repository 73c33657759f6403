// What drives a program from outside as browsers do: for ./bw attacks and ./bw soak.
import https from 'node:https';

export const percentile = (times, at) => times.toSorted((a, b) => a - b)[Math.floor((times.length - 1) * at)] ?? Number.NaN;

/** Browsers of the shop at an address, whose people all have the same passphrase. */
export function visitorOf(address, passphrase) {
  const port = Number(new URL(address).port);

  /** A browser: its cookies, the page's token, and from which of this machine's addresses it asks. */
  return class Visitor {
    cookies = new Map();

    constructor(from = '127.0.0.1') {
      this.agent = new https.Agent({ keepAlive: true, rejectUnauthorized: false, localAddress: from, maxSockets: 4 });
    }

    /** Asks; a body may be a value, or a function that writes into the request and ends it. */
    ask(method, path, body, headers = {}) {
      return new Promise((done) => {
        const cookie = [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
        const request = https.request(
          {
            host: '127.0.0.1',
            port,
            method,
            path,
            agent: this.agent,
            headers: {
              'Content-Type': 'application/json',
              ...(cookie ? { Cookie: cookie } : {}),
              ...(this.cookies.has('XSRF-TOKEN') ? { 'X-XSRF-TOKEN': this.cookies.get('XSRF-TOKEN') } : {}),
              ...headers,
            },
          },
          (answer) => {
            for (const line of answer.headers['set-cookie'] ?? []) {
              const [name, value] = line.split(';')[0].split(/=(.*)/s);
              this.cookies.set(name, value);
            }
            const parts = [];
            answer.on('data', (part) => parts.push(part));
            answer.on('error', () => done({ status: 0, code: 'cut', headers: {} }));
            answer.on('end', () => {
              const text = Buffer.concat(parts).toString();
              let json = {};
              try {
                json = JSON.parse(text);
              } catch {
                // A file, or nothing.
              }
              done({ status: answer.statusCode, headers: answer.headers, text, json, code: json.code ?? '' });
            });
          },
        );
        request.on('error', () => done({ status: 0, code: 'cut', headers: {}, json: {} }));
        if (typeof body === 'function') body(request);
        else request.end(body === undefined ? undefined : JSON.stringify(body));
      });
    }

    async known() {
      await this.ask('GET', '/api/people/me');
      return this;
    }

    async signedIn(name, words = passphrase) {
      await this.known();
      const answer = await this.ask('POST', '/api/people/sign-in', { name, passphrase: words });
      if (answer.status !== 200) throw new Error(`${name} could not sign in: ${answer.text}`);
      return this;
    }
  };
}
