// What stands in front of PHP's own server where the program is shared on the local network: that server reads all that is sent into
// memory before anybody looks at it. Here what is too large is refused before it is read, and who asks is said on, so that a stranger is
// never taken for this machine.
//
//   AMPLE_FRONT=secret node bin/front.mjs 0.0.0.0:8080 127.0.0.1:8081
import { createServer, request } from 'node:http';
import { createConnection } from 'node:net';

const [listens, inner] = process.argv.slice(2).map((one) => {
  const [, host, port] = /^(.*):(\d+)$/.exec(one ?? '') ?? [];
  return { host, port: Number(port) };
});
const secret = process.env.AMPLE_FRONT ?? '';
if (!listens?.port || !inner?.port || secret.length < 16) {
  console.error('AMPLE_FRONT=secret node bin/front.mjs LISTENS:PORT TO:PORT');
  process.exit(2);
}

/** Bytes of one request; a whole shelf has 20 MB at most. Of somebody who shows no cookie, a code and a name. */
const LARGEST = 24_000_000;
const STRANGER = 4_000;
/** Bytes of all that are being read. */
const ALL = 64_000_000;
let reading = 0;

const refused = (answer, status, detail) => {
  if (answer.headersSent) return answer.destroy();
  answer.writeHead(status, { 'Content-Type': 'application/problem+json', Connection: 'close' });
  answer.end(JSON.stringify({ type: 'about:blank', title: 'Refused', status, detail }));
};

const server = createServer({ requestTimeout: 120_000, headersTimeout: 20_000 }, (asked, answer) => {
  const most = /(^|;\s*)ample-margin-device=/.test(asked.headers.cookie ?? '') || isHere(asked) ? LARGEST : STRANGER;
  const said = Number(asked.headers['content-length'] ?? 0);
  const large = `This is larger than ${most / 1000} kB, which is more than anything that is sent here has.`;
  if (said > most) return refused(answer, 413, large);
  if (reading + said > ALL) return refused(answer, 503, 'Too much is sent at once. Try again in a moment.');
  // What a stranger says of the door itself is written over.
  const on = request({
    ...inner,
    method: asked.method,
    path: asked.url,
    headers: { ...asked.headers, 'ample-peer': asked.socket.remoteAddress ?? '', 'ample-front': secret },
  });
  let read = 0;
  const over = () => {
    reading -= read;
    read = 0;
  };
  asked.on('data', (bytes) => {
    read += bytes.length;
    reading += bytes.length;
    if (read > most || reading > ALL) {
      on.destroy();
      refused(answer, read > most ? 413 : 503, large);
      asked.destroy();
    }
  });
  asked.on('close', over);
  asked.on('error', () => on.destroy());
  asked.pipe(on);
  on.on('response', (found) => {
    answer.writeHead(found.statusCode ?? 502, found.statusMessage, found.headers);
    found.pipe(answer);
  });
  on.on('error', () => refused(answer, 502, 'The program does not answer. Start it again with bin/demo.'));
  answer.on('close', () => on.destroy());
});

/** Whoever sits at this machine, as the program itself will see it. */
function isHere(asked) {
  return /^(::ffff:)?127\.0\.0\.1$|^::1$/.test(asked.socket.remoteAddress ?? '');
}

server.maxConnections = 200;
/** Nothing is asked in before there is somebody to answer. */
const opens = () =>
  createConnection(inner.port, inner.host)
    .on('connect', function () {
      this.destroy();
      server.listen(listens.port, listens.host);
    })
    .on('error', () => setTimeout(opens, 50));
opens();
// It goes with the program it stands before.
const parent = process.ppid;
setInterval(() => process.ppid !== parent && process.exit(0), 1_000).unref();
