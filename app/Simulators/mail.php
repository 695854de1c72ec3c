<?php

declare(strict_types=1);

/**
 * A small stand-in for a mail server: takes mail by SMTP (RFC 5321), sends none of it on, and shows what it was given.
 *
 *   php app/Simulators/mail.php SMTP_PORT PAGE_PORT FOLDER
 *
 * Each mail is kept as FOLDER/N.eml (RFC 5322). A recipient at "refused.example" is refused, so that a failure can be
 * seen. Both ports listen on loopback only.
 */
[, $smtpPort, $pagePort, $folder] = $argv + [1 => '', '', ''];
if (! ctype_digit($smtpPort) || ! ctype_digit($pagePort) || $folder === '') {
    fwrite(STDERR, "mail.php takes a port for SMTP, a port for its page, and a folder.\n");
    exit(2);
}
is_dir($folder) || mkdir($folder, 0o750, true);
$smtp = stream_socket_server("tcp://127.0.0.1:{$smtpPort}", $code, $why);
$page = stream_socket_server("tcp://127.0.0.1:{$pagePort}", $code, $why);
if ($smtp === false || $page === false) {
    fwrite(STDERR, "Ports {$smtpPort} and {$pagePort}: {$why}\n");
    exit(1);
}
/** The largest mail that is taken, in bytes. */
const LARGEST = 20_000_000;

/** One conversation with whoever sends mail, or one look at the page. */
final class Conversation
{
    public bool $isOver = false;

    private bool $isInData = false;

    private string $data = '';

    /** @var list<string> */
    private array $to = [];

    /** @param  resource  $socket */
    public function __construct(public readonly mixed $socket, public readonly bool $isPage, private string $folder)
    {
        $isPage || $this->reply('220 localhost mail stand-in');
    }

    public function isTooLong(): bool
    {
        return strlen($this->data) > LARGEST;
    }

    public function send(string $text): void
    {
        @fwrite($this->socket, $text);
    }

    public function hear(string $line): void
    {
        $this->isInData ? $this->keep($line) : $this->obey(rtrim($line, "\r\n"));
    }

    private function reply(string $line): void
    {
        $this->send("{$line}\r\n");
    }

    private function keep(string $line): void
    {
        if (rtrim($line, "\r\n") !== '.') {
            $this->data .= str_starts_with($line, '.') ? substr($line, 1) : $line;

            return;
        }
        $number = count(glob("{$this->folder}/*.eml") ?: []) + 1;
        $envelope = 'X-Envelope-To: '.implode(', ', $this->to)."\r\n";
        file_put_contents("{$this->folder}/{$number}.eml", $envelope.$this->data);
        $this->reply("250 Kept as {$number}");
        [$this->isInData, $this->data, $this->to] = [false, '', []];
    }

    private function obey(string $line): void
    {
        $verb = strtoupper(strtok($line, ' :') ?: '');
        if ($verb === 'EHLO') {
            $this->reply('250-localhost');
            $this->reply('250 SIZE '.LARGEST);
        } elseif ($verb === 'RCPT') {
            $this->addRecipient(trim((string) preg_replace('/^RCPT TO:\s*/i', '', $line), '<> '));
        } elseif ($verb === 'DATA') {
            $this->isInData = $this->to !== [];
            $this->reply($this->isInData ? '354 End with a dot on a line of its own' : '503 Nobody to send it to');
        } elseif ($verb === 'QUIT') {
            $this->reply('221 Goodbye');
            $this->isOver = true;
        } elseif (in_array($verb, ['HELO', 'MAIL', 'RSET', 'NOOP'], true)) {
            $this->to = $verb === 'NOOP' ? $this->to : [];
            $this->reply('250 OK');
        } else {
            $this->reply('502 Not known here');
        }
    }

    private function addRecipient(string $to): void
    {
        if (str_ends_with(strtolower($to), '@refused.example')) {
            $this->reply('550 No such mailbox');

            return;
        }
        $this->to[] = $to;
        $this->reply('250 OK');
    }
}

/** The page: a list of what was kept, and each as it came. */
$show = static function (string $request) use ($folder): string {
    preg_match('#^GET (/\S*) HTTP#', $request, $match);
    $path = $match[1] ?? '/';
    if (preg_match('#^/(\d{1,6})\.eml$#D', $path, $mail) === 1 && is_file("{$folder}/{$mail[1]}.eml")) {
        return "HTTP/1.1 200 OK\r\nContent-Type: text/plain; charset=utf-8\r\nConnection: close\r\n\r\n"
            .file_get_contents("{$folder}/{$mail[1]}.eml");
    }
    if ($path !== '/') {
        return "HTTP/1.1 404 Not Found\r\nConnection: close\r\n\r\n";
    }
    $rows = '';
    $files = glob("{$folder}/*.eml") ?: [];
    natsort($files);
    foreach (array_reverse($files) as $file) {
        $text = (string) file_get_contents($file);
        $field = ': (.*(?:\r?\n[ \t].*)*)/mi';
        $head = static fn (string $name): string => preg_match("/^{$name}{$field}", $text, $found) === 1
            ? htmlspecialchars(iconv_mime_decode($found[1], ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8') ?: '')
            : '';
        $name = basename($file);
        $rows .= "<tr><td><a href=\"/{$name}\">{$name}</a></td><td>{$head('X-Envelope-To')}</td>"
            ."<td>{$head('Subject')}</td><td>{$head('Date')}</td></tr>";
    }

    return "HTTP/1.1 200 OK\r\nContent-Type: text/html; charset=utf-8\r\nConnection: close\r\n\r\n"
        .'<!doctype html><meta charset="utf-8"><title>Mail stand-in</title>'
        .'<style>body{font:17px sans-serif;margin:24px}td,th{text-align:left;padding:6px 18px 6px 0}</style>'
        .'<h1>Mail that was sent</h1><p>Nothing here left this machine.</p>'
        .($rows === '' ? '<p>None yet.</p>' : "<table><tr><th>Mail<th>To<th>Subject<th>Date</tr>{$rows}</table>");
};

/** @var array<int, Conversation> $talks by socket */
$talks = [];
while (true) {
    $read = [$smtp, $page, ...array_map(static fn (Conversation $talk): mixed => $talk->socket, $talks)];
    $none = null;
    if (@stream_select($read, $none, $none, null) === false) {
        exit(0);
    }
    foreach ($read as $socket) {
        if ($socket === $smtp || $socket === $page) {
            $guest = @stream_socket_accept($socket, 0);
            if ($guest !== false) {
                $talks[(int) $guest] = new Conversation($guest, $socket === $page, $folder);
            }

            continue;
        }
        $talk = $talks[(int) $socket];
        $line = fgets($socket, 65_536);
        if ($line === false || $talk->isTooLong()) {
            $talk->isOver = true;
        } elseif ($talk->isPage) {
            $talk->send($show($line));
            $talk->isOver = true;
        } else {
            $talk->hear($line);
        }
        if ($talk->isOver) {
            fclose($socket);
            unset($talks[(int) $socket]);
        }
    }
}
