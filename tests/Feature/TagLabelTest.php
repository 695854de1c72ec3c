<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Tag;
use Smalot\PdfParser\Parser;
use Tests\Support\YardTestCase;

/** The paper that hangs on the machine, read by a parser that is not ours. */
final class TagLabelTest extends YardTestCase
{
    public function test_the_tag_says_which_machine_why_who_and_where_the_keys_are(): void
    {
        $words = $this->label(['reason' => 'Prop of the body is bent: łąž, 40 °C', 'keys_at' => 'hook 7, office']);

        foreach (
            [
                'NOT FOR HIRE',
                $this->machine->fleet_number,
                'Prop of the body is bent: łąž, 40 °C',
                'The technician',
                'hook 7, office',
                'by another person than who mended it',
            ] as $part
        ) {
            self::assertStringContainsString($part, $words);
        }
    }

    public function test_without_a_place_for_the_keys_it_says_that_nobody_wrote_it_down(): void
    {
        self::assertStringContainsString('not written down', $this->label(['reason' => 'Leaks']));
    }

    public function test_a_long_reason_is_printed_to_its_last_word(): void
    {
        self::assertStringContainsString(
            'the very last word',
            $this->label(['reason' => str_repeat('Weld on the boom foot has opened. ', 20).'the very last word']),
        );
    }

    public function test_a_tag_that_is_not_there_is_not_found(): void
    {
        $this->as(Role::Technician);
        $this->assertFits(
            $this->getJson('/api/tags/01890a5d-ac96-774b-bcce-b302099a8057/label')->assertNotFound(),
            'Problem',
        );
    }

    /** @param  array<string, string>  $tag */
    private function label(array $tag): string
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->post_($walk, 'tag.hung', $tag);
        $answer = $this->get('/api/tags/'.Tag::query()->where('walk_id', $walk->id)->value('id').'/label')->assertOk();
        self::assertSame('application/pdf', $answer->headers->get('Content-Type'));
        $pdf = (new Parser)->parseContent((string) $answer->getContent());
        self::assertCount(1, $pdf->getPages());

        return trim((string) preg_replace('/\s+/', ' ', $pdf->getText()));
    }

    /** A link that opens a window of its own carries the session and no referrer. */
    public function test_it_opens_in_a_window_of_its_own_and_a_refusal_is_a_page(): void
    {
        $window = [
            'Sec-Fetch-Site' => 'same-origin',
            'Sec-Fetch-Mode' => 'navigate',
            'Accept' => 'text/html',
            'Origin' => null,
        ];
        $refusal = $this->flushHeaders()->get(
            '/api/tags/01890a5d-ac96-774b-bcce-b302099a8057/label',
            array_filter($window),
        );

        self::assertSame(401, $refusal->getStatusCode());
        self::assertStringStartsWith('text/html', (string) $refusal->headers->get('Content-Type'));
        self::assertStringNotContainsString('{', (string) $refusal->getContent());
    }
}
