<?php

declare(strict_types=1);

namespace Tests\Core\Ledger;

use JadeLedger\Core\Ledger\CanonicalJson;
use JadeLedger\Core\Ledger\ChainedEntry;
use JadeLedger\Core\Ledger\ChainReport;
use JadeLedger\Core\Ledger\HashChain;
use JadeLedger\Core\Ledger\LinkFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PublishedValues;

final class HashChainTest extends TestCase
{
    /** @return array<string, array{array<string, mixed>, mixed}> */
    public static function digests(): array
    {
        return PublishedValues::examples('S-501');
    }

    /** @param  array{text: string, repeat?: int}  $inputs @param  array{sha256: string}  $expected */
    #[DataProvider('digests')]
    public function test_the_digest_is_the_published_one(array $inputs, array $expected): void
    {
        self::assertSame(
            $expected['sha256'],
            HashChain::hash(str_repeat($inputs['text'], (int) ($inputs['repeat'] ?? 1))),
        );
    }

    public function test_a_chain_that_nobody_touched_holds_to_its_last_entry(): void
    {
        $chain = self::chain(4);
        $report = HashChain::verify($chain);

        self::assertTrue($report->holds());
        self::assertSame(4, $report->entriesRead);
        self::assertSame($chain[3]->hash, $report->lastHash);
    }

    public function test_a_chain_that_is_followed_piece_by_piece_comes_to_the_same(): void
    {
        $chain = self::chain(7);
        $forged = $chain;
        $forged[4] = new ChainedEntry(
            $chain[4]->id,
            5,
            str_replace('"value":5', '"value":9', $chain[4]->text),
            $chain[4]->previousHash,
            $chain[4]->hash,
        );
        foreach ([$chain, $forged] as $entries) {
            foreach ([1, 2, 3, 7] as $size) {
                $report = array_reduce(array_chunk($entries, $size), HashChain::follow(...), ChainReport::begun());
                self::assertEquals(HashChain::verify($entries), $report, "in pieces of {$size}");
            }
        }
    }

    public function test_an_empty_chain_holds(): void
    {
        self::assertTrue(HashChain::verify([])->holds());
    }

    public function test_a_changed_figure_breaks_the_chain_at_its_own_entry(): void
    {
        $chain = self::chain(4);
        $chain[1] = new ChainedEntry(
            $chain[1]->id,
            2,
            str_replace('"value":2', '"value":9', $chain[1]->text),
            $chain[1]->previousHash,
            $chain[1]->hash,
        );

        $this->assertBrokenAt(2, LinkFault::ContentChanged, $chain);
    }

    public function test_a_changed_figure_with_a_fresh_hash_breaks_the_next_link(): void
    {
        $chain = self::chain(4);
        $text = str_replace('"value":2', '"value":9', $chain[1]->text);
        $chain[1] = new ChainedEntry($chain[1]->id, 2, $text, $chain[1]->previousHash, HashChain::hash($text));

        $this->assertBrokenAt(3, LinkFault::DoesNotFollow, $chain);
    }

    public function test_an_entry_that_was_taken_out_is_missed(): void
    {
        $chain = self::chain(4);
        unset($chain[2]);

        $this->assertBrokenAt(4, LinkFault::EntryMissing, array_values($chain));
    }

    public function test_a_column_that_says_something_else_than_the_text_is_noticed(): void
    {
        $chain = self::chain(2);
        $chain[1] = new ChainedEntry('another-id', 2, $chain[1]->text, $chain[1]->previousHash, $chain[1]->hash);

        $this->assertBrokenAt(2, LinkFault::ContentChanged, $chain);
    }

    /** @param  list<ChainedEntry>  $chain */
    private function assertBrokenAt(int $sequence, LinkFault $fault, array $chain): void
    {
        $broken = HashChain::verify($chain)->firstBroken;
        self::assertNotNull($broken);
        self::assertSame([$sequence, $fault], [$broken->sequence, $broken->fault]);
    }

    /** @return list<ChainedEntry> */
    private static function chain(int $length): array
    {
        $chain = [];
        $previous = HashChain::GENESIS;
        for ($sequence = 1; $sequence <= $length; $sequence++) {
            $text = CanonicalJson::encode([
                'id' => "entry-{$sequence}",
                'sequence' => $sequence,
                'value' => $sequence,
                'previous_hash' => $previous,
            ]);
            $chain[] = new ChainedEntry("entry-{$sequence}", $sequence, $text, $previous, HashChain::hash($text));
            $previous = HashChain::hash($text);
        }

        return $chain;
    }
}
