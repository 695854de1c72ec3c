<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/** One entry as it stands in a machine's chain: the text that was hashed, and what is written beside it. */
final readonly class ChainedEntry
{
    /** @param  string  $text the canonical JSON that the hash covers, the previous hash included */
    public function __construct(
        public string $id,
        public int $sequence,
        public string $text,
        public string $previousHash,
        public string $hash,
    ) {
    }

    /** Whether the columns beside the text say what the text says. */
    public function agreesWithItsText(): bool
    {
        $body = json_decode($this->text, true);

        return is_array($body)
            && ($body['id'] ?? null) === $this->id
            && ($body['sequence'] ?? null) === $this->sequence
            && ($body['previous_hash'] ?? null) === $this->previousHash;
    }
}
