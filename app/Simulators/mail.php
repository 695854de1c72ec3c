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
$listen = static function (string $port): mixed {
    $socket = stream_socket_server("tcp://127.0.0.1:{$port}", $code, $why);
    if ($socket === false) {
        fwrite(STDERR, "Port {$port}: {$why}\n");
        exit(1);
    }

    return $socket;
};
[$smtp, $page] = [$listen($smtpPort), $listen($pagePort)];
/** The largest mail that is taken, in bytes. */
const LARGEST = 20_000_000;

$reply = static function (mixed $socket, string $line): void {
    @fwrite($socket, "{$line}\r\n");
};

/** One line of a conversation; gives back the state after it. */
$hear = static function (array $state, string $line, mixed $socket) use ($reply, $folder): array {
    if ($state['in_data']) {
        if (rtrim($line, "\r\n") !== '.') {
            $state['data'] .= str_starts_with($line, '.') ? substr($line, 1) : $line;

            return $state;
        }
        $number = count(glob("{$folder}/*.eml") ?: []) + 1;
        $envelope = 'X-Envelope-To: '.implode(', ', $state['to'])."\r\n";
        file_put_contents("{$folder}/{$number}.eml", $envelope.$state['data']);
        $reply($socket, "250 Kept as {$number}");

        return ['in_data' => false, 'data' => '', 'to' => []] + $state;
    }
    $line = rtrim($line, "\r\n");
    $verb = strtoupper(strtok($line, ' :') ?: '');
    if ($verb === 'EHLO') {
        $reply($socket, '250-localhost');
        $reply($socket, '250 SIZE '.LARGEST);
    } elseif ($verb === 'RCPT') {
        $to = trim((string) preg_replace('/^RCPT TO:\s*/i', '', $line), '<> ');
        $isRefused = str_ends_with(strtolower($to), '@refused.example');
        $state['to'] = $isRefused ? $state['to'] : [...$state['to'], $to];
        $reply($socket, $isRefused ? '550 No such mailbox' : '250 OK');
    } elseif ($verb === 'DATA') {
        $state['in_data'] = $state['to'] !== [];
        $reply($socket, $state['in_data'] ? '354 End with a dot on a line of its own' : '503 Nobody to send it to');
    } elseif ($verb === 'QUIT') {
        $reply($socket, '221 Goodbye');
        $state['is_over'] = true;
    } elseif (in_array($verb, ['HELO', 'MAIL', 'RSET', 'NOOP'], true)) {
        $state['to'] = $verb === 'NOOP' ? $state['to'] : [];
        $reply($socket, '250 OK');
    } else {
        $reply($socket, '502 Not known here');
    }

    return $state;
};

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

/** @var array<int, array<string, mixed>> $talks by socket */
$talks = [];
$sockets = [];
while (true) {
    $read = [$smtp, $page, ...$sockets];
    $none = null;
    if (@stream_select($read, $none, $none, null) === false) {
        exit(0);
    }
    foreach ($read as $socket) {
        if ($socket === $smtp || $socket === $page) {
            $guest = @stream_socket_accept($socket, 0);
            if ($guest !== false) {
                $sockets[(int) $guest] = $guest;
                $talks[(int) $guest] = [
                    'is_page' => $socket === $page, 'in_data' => false, 'data' => '', 'to' => [], 'is_over' => false,
                ];
                if ($socket === $smtp) {
                    $reply($guest, '220 localhost mail stand-in');
                }
            }

            continue;
        }
        $id = (int) $socket;
        $line = fgets($socket, 65_536);
        if ($line === false || strlen($talks[$id]['data']) > LARGEST) {
            $talks[$id]['is_over'] = true;
        } elseif ($talks[$id]['is_page']) {
            @fwrite($socket, $show($line));
            $talks[$id]['is_over'] = true;
        } else {
            $talks[$id] = $hear($talks[$id], $line, $socket);
        }
        if ($talks[$id]['is_over']) {
            fclose($socket);
            unset($sockets[$id], $talks[$id]);
        }
    }
}
