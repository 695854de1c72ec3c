<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/** One entry as it stands in a machine's chain: the text that was hashed, and what is written beside it. */
final readonly class ChainedEntry
{
    private const HEAD = '/^\{"actor":"[^"\\\\]*","corrects":(?:null|"[^"\\\\]*"),"hire":(?:null|"[^"\\\\]*"),"id":"([^"\\\\]*)",/';

    private const TAIL = '/\G"previous_hash":"([0-9a-f]{64})","received_at":"[^"\\\\]*","recorded_at":"[^"\\\\]*","sequence":(\d{1,15}),"walk":(?:null|"[^"\\\\]*")\}$/D';

    /** @param  string  $text the canonical JSON that the hash covers, the previous hash included */
    public function __construct(
        public string $id,
        public int $sequence,
        public string $text,
        public string $previousHash,
        public string $hash,
    ) {
    }

    /**
     * Whether the columns beside the text say what the text says.
     *
     * In canonical form the members are sorted, so id, sequence and previous hash stand at the ends, before and after anything
     * that nests: there they are read without reading the rest. A text of another form is decoded.
     */
    public function agreesWithItsText(): bool
    {
        $tail = strrpos($this->text, '"previous_hash":');
        if ($tail !== false && preg_match(self::HEAD, $this->text, $head) === 1 && preg_match(self::TAIL, $this->text, $end, 0, $tail) === 1) {
            return $head[1] === $this->id && (int) $end[2] === $this->sequence && $end[1] === $this->previousHash;
        }

        return [$this->id, $this->sequence, $this->previousHash] === $this->decoded();
    }

    /** @return array{string|null, int|null, string|null} */
    private function decoded(): array
    {
        $body = json_decode($this->text, true);
        $body = is_array($body) ? $body : [];

        return [$body['id'] ?? null, $body['sequence'] ?? null, $body['previous_hash'] ?? null];
    }
}
