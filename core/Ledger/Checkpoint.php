<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/**
 * How everything stood at a moment: the end of every chain, and digests of the tables that the chains rest on.
 *
 * Each checkpoint names the digest of the one before it. Kept outside the database and signed with a key that the
 * database does not hold, it finds what a chain alone cannot: a tail that was cut, a chain that was emptied or written
 * anew.
 */
final readonly class Checkpoint
{
    /**
     * @param positive-int $number from one, without a gap
     * @param string $takenAt UTC, RFC 3339
     * @param string|null $previous digest of the checkpoint before; none of the first
     * @param list<string> $yards ids of the yards whose ledger it is
     * @param array<string, ChainEnd> $chains by machine or yard
     * @param array<string, TableDigest> $tables by name
     */
    public function __construct(
        public int $number,
        public string $takenAt,
        public ?string $previous,
        public array $yards,
        public array $chains,
        public array $tables,
    ) {
    }

    /** Canonical JSON (RFC 8785): what is signed. */
    public function text(): string
    {
        $chains = (object) array_map(
            static fn (ChainEnd $end): array => ['entries' => $end->entries, 'hash' => $end->hash],
            $this->chains,
        );
        $tables = (object) array_map(
            static fn (TableDigest $one): array => [
                'rows' => $one->rows,
                'up_to' => $one->upTo,
                'sha256' => $one->sha256,
            ],
            $this->tables,
        );

        return CanonicalJson::encode([
            'number' => $this->number, 'taken_at' => $this->takenAt, 'previous' => $this->previous,
            'yards' => $this->yards, 'chains' => $chains, 'tables' => $tables,
        ]);
    }

    public function digest(): string
    {
        return hash('sha256', $this->text());
    }

    /** @throws \JsonException|\TypeError when the text is no checkpoint */
    public static function parse(string $text): self
    {
        // What does not have this form is a TypeError: the signature was held against the text before.
        /**
         * @var array{
         *     number: positive-int, taken_at: string, previous: string|null, yards: list<string>,
         *     chains: array<string, array{entries: int, hash: string}>,
         *     tables: array<string, array{rows: int, up_to: string, sha256: string}>
         * } $read
         */
        $read = json_decode($text, true, 32, JSON_THROW_ON_ERROR);

        return new self(
            $read['number'],
            $read['taken_at'],
            $read['previous'],
            $read['yards'],
            array_map(static fn (array $end): ChainEnd => new ChainEnd($end['entries'], $end['hash']), $read['chains']),
            array_map(
                static fn (array $one): TableDigest => new TableDigest($one['rows'], $one['up_to'], $one['sha256']),
                $read['tables'],
            ),
        );
    }
}
