<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\HirerLink;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
use Smalot\PdfParser\Parser;
use Symfony\Component\Process\Process;
use Tests\Support\YardTestCase;

/** Card and link by mail, through a server that speaks SMTP (RFC 5321) and keeps what it is given. */
final class HirerMailTest extends YardTestCase
{
    public function test_card_and_link_go_out_in_the_language_of_the_reader_and_are_seen_on_the_page(): void
    {
        $folder = sys_get_temp_dir().'/mail'.bin2hex(random_bytes(4));
        $smtp = random_int(20_000, 30_000);
        $page = $smtp + 1;
        $server = new Process(['php', base_path('app/Simulators/mail.php'), "{$smtp}", "{$page}", $folder]);
        $server->start();
        try {
            $this->waitFor($smtp);
            config(['mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => $smtp]);
            $this->as(Role::Technician);
            $this->openWalk();
            $sent = $this->mail(['to' => 'site@saltmarsh.example', 'language' => 'es'])->assertOk();
            $this->assertFits($sent, 'HirerLink');

            $mail = (string) file_get_contents("{$folder}/1.eml");
            self::assertStringContainsString('X-Envelope-To: site@saltmarsh.example', $mail);
            $text = quoted_printable_decode($mail);
            self::assertStringContainsString((string) $sent->json('link.address'), $text);
            self::assertStringContainsString('Cómo se arranca y se para', $text);
            preg_match('/filename=card-\S+\r\n\r\n([A-Za-z0-9+\/=\r\n]+)/', $mail, $card);
            $pages = (new Parser)->parseContent((string) base64_decode($card[1] ?? '', false))->getPages();
            self::assertCount(2, $pages);
            self::assertSame(
                ['to' => 'site@saltmarsh.example'],
                AuditEntry::query()->where('kind', 'hirer_mailed')->firstOrFail()->after,
            );
            $list = (string) file_get_contents("http://127.0.0.1:{$page}/");
            self::assertStringContainsString('site@saltmarsh.example', $list);

            // Refused by the server: told, and the link stands.
            $this->mail(['to' => 'nobody@refused.example', 'language' => 'en'])->assertStatus(502);
            self::assertSame(1, HirerLink::query()->count());
            self::assertFileDoesNotExist("{$folder}/2.eml");
        } finally {
            $server->stop();
        }
        // The server is away: told as well.
        $this->mail(['to' => 'site@saltmarsh.example', 'language' => 'en'])->assertStatus(502);
    }

    public function test_where_no_server_is_set_the_page_says_so_and_an_address_that_is_none_is_refused(): void
    {
        config(['mail.mailers.smtp.host' => '']);
        $this->as(Role::Counter);
        $this->mail(['to' => 'site@saltmarsh.example', 'language' => 'en'])->assertStatus(409);
        $this->mail(['to' => 'not an address', 'language' => 'en'])->assertStatus(422);
        $this->mail(['to' => "a@b.example\nBcc: c@d.example", 'language' => 'en'])->assertStatus(422);
        $this->as(Role::Auditor);
        $this->mail(['to' => 'site@saltmarsh.example', 'language' => 'en'])->assertForbidden();
    }

    /** @param  array<string, string>  $body */
    private function mail(array $body): TestResponse
    {
        return $this->postJson("/api/hires/{$this->hire->id}/mail", $body);
    }

    private function waitFor(int $port): void
    {
        for ($tries = 0; $tries < 200; $tries++) {
            $socket = @fsockopen('127.0.0.1', $port);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(20_000);
        }
        self::fail('The mail server did not start.');
    }
}
