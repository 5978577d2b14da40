// A mailbox for everybody: takes mail by SMTP on loopback, keeps it, and shows it on a page. On demand it is slow, or refuses.
//   node server.mjs SMTP_PORT HTTP_SOCKET FOLDER
import { createServer } from 'node:http';
import { mkdirSync, readdirSync, readFileSync, rmSync, unlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';

const [port, socket, folder] = process.argv.slice(2);
const MOST = 500; // mails kept
const LARGEST = 5_000_000; // bytes of one

mkdirSync(folder, { recursive: true });
const manner = { slow: 0, refuse: false };

const files = () =>
  readdirSync(folder)
    .filter((name) => name.endsWith('.json'))
    .sort()
    .reverse();
const mails = () => files().map((name) => JSON.parse(readFileSync(join(folder, name), 'utf8')));

function keep(mail, envelope) {
  const id = `${Date.now()}-${Math.random().toString(16).slice(2, 8)}`;
  const kept = {
    id,
    at: new Date().toISOString(),
    from: mail.from?.text ?? '',
    answerTo: mail.replyTo?.value?.[0]?.address ?? mail.from?.value?.[0]?.address ?? '',
    to: envelope.rcptTo.map((to) => to.address),
    subject: mail.subject ?? '',
    text: mail.text ?? '',
    files: (mail.attachments ?? []).slice(0, 5).map((file) => ({ name: file.filename ?? '', text: file.content.toString('utf8') })),
  };
  writeFileSync(join(folder, `${id}.json`), JSON.stringify(kept));
  files()
    .slice(MOST)
    .forEach((name) => rmSync(join(folder, name), { force: true }));
}

const later = (done) => setTimeout(done, manner.slow * 1000);

new SMTPServer({
  disabledCommands: ['AUTH', 'STARTTLS'],
  size: LARGEST,
  onRcptTo(address, session, done) {
    // Nobody lives at gone@…: that is refused for good.
    if (address.address.toLowerCase().startsWith('gone')) {
      done(Object.assign(new Error('There is nobody of that name here'), { responseCode: 550 }));
      return;
    }
    later(() => done(manner.refuse ? Object.assign(new Error('This mailbox takes nothing just now'), { responseCode: 450 }) : null));
  },
  onData(stream, session, done) {
    simpleParser(stream).then(
      (mail) => {
        keep(mail, session.envelope);
        done();
      },
      (error) => done(error),
    );
  },
}).listen(Number(port), '127.0.0.1');

const safe = (text) => String(text).replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]);
const linked = (text) => safe(text).replace(/https?:\/\/[^\s<]+/g, (address) => `<a href="${address}">${address}</a>`);

function page() {
  const list = mails()
    .map(
      (mail) => `<article><h2>${safe(mail.subject)}</h2>
<p class="quiet">to ${safe(mail.to.join(', '))} · from ${safe(mail.from)} · ${safe(mail.at.slice(0, 19).replace('T', ' '))}</p>
<pre>${linked(mail.text)}</pre>${(mail.files ?? []).map((file) => `<p class="quiet">${safe(file.name)}</p><pre>${safe(file.text)}</pre>`).join('')}</article>`,
    )
    .join('\n');
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Mailbox</title>
<meta name="viewport" content="width=device-width, initial-scale=1">
<style>body{margin:0 auto;max-width:760px;padding:32px 24px;font:16px/1.5 system-ui,sans-serif;color:#25211b;background:#f8f3e8;overflow-wrap:anywhere}
article{border-top:1px solid #d9cfba;padding:14px 0}h1{font-size:26px}h2{font-size:17px;margin:0}.quiet{color:#6d6456;margin:2px 0 8px}
pre{white-space:pre-wrap;font:inherit;margin:0}form{margin-bottom:24px}button{font:inherit;padding:4px 10px}</style></head><body>
<h1>Everybody’s mailbox</h1><p>What the program sends by mail arrives here.</p>
<form method="post" action="/play"><button type="submit" name="do" value="${manner.slow ? 'quick' : 'slow'}">${manner.slow ? 'Be quick again' : 'Be slow: 20 seconds'}</button>
<button type="submit" name="do" value="${manner.refuse ? 'take' : 'refuse'}">${manner.refuse ? 'Take mail again' : 'Refuse mail'}</button>
<button type="submit" name="do" value="clear">Throw all away</button></form>
${list || '<p class="quiet">Nothing has arrived yet.</p>'}</body></html>`;
}

function play(what) {
  if (what === 'slow' || what === 'quick') manner.slow = what === 'slow' ? 20 : 0;
  if (what === 'refuse' || what === 'take') manner.refuse = what === 'refuse';
  if (what === 'clear') files().forEach((name) => rmSync(join(folder, name), { force: true }));
}

function answer(request, response) {
  const { pathname, searchParams } = new URL(request.url ?? '/', 'http://mailbox');
  const to = searchParams.get('to');
  if (request.method === 'POST' && pathname === '/play') {
    let body = '';
    request.on('data', (part) => (body = (body + part).slice(0, 200)));
    request.on('end', () => {
      play(new URLSearchParams(body).get('do'));
      response.writeHead(303, { Location: '/' }).end();
    });
  } else if (pathname === '/messages') {
    response.writeHead(200, { 'Content-Type': 'application/json' }).end(JSON.stringify(mails().filter((mail) => to === null || mail.to.includes(to))));
  } else if (pathname === '/' || pathname === '/up') {
    response.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8' }).end(pathname === '/up' ? 'All is well.\n' : page());
  } else {
    response.writeHead(404, { 'Content-Type': 'text/plain' }).end('Nothing here.\n');
  }
}

try {
  unlinkSync(socket);
} catch {
  // It wasn't there.
}
createServer(answer).listen(socket);
