// The least of a mail server: takes what is sent to it and keeps it.
import { createServer } from 'node:net';

export function takeMail(port) {
    const mails = [];
    const server = createServer((socket) => {
        let mail = null;
        socket.on('error', () => {});
        socket.write('220 post.example\r\n');
        let rest = '';
        socket.on('data', (data) => {
            const lines = (rest + data).split('\r\n');
            rest = lines.pop();
            for (const line of lines) {
                if (mail !== null && line !== '.') mail.push(line);
                else if (mail !== null) {
                    mails.push(mail.join('\n'));
                    mail = null;
                    socket.write('250 kept\r\n');
                } else if (/^DATA/i.test(line)) {
                    mail = [];
                    socket.write('354 go on\r\n');
                } else if (/^QUIT/i.test(line)) socket.end('221 bye\r\n');
                else socket.write('250 ok\r\n');
            }
        });
    });
    return new Promise((resolve) =>
        server.listen(port, '127.0.0.1', () => resolve({ mails, close: () => server.close() })),
    );
}
