<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/** One entry as it stands in a machine's chain: the text that was hashed, and what is written beside it. */
final readonly class ChainedEntry
{
    private const HEAD = '/^\{"actor":"[^"\\\\]*","corrects":(?:null|"[^"\\\\]*"),"hire":(?:null|"[^"\\\\]*"),"id":"([^"\\\\]*)",/';

    private const TAIL = '/"previous_hash":"([0-9a-f]{64})","received_at":"[^"\\\\]*","recorded_at":"[^"\\\\]*","sequence":(\d{1,15}),"walk":(?:null|"[^"\\\\]*")\}$/D';

    /** Of what TAIL matches, with room to spare. */
    private const LONGEST_TAIL = 320;

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
        return $this->sayIts(...$this->endsOfText() ?? $this->decoded());
    }

    private function sayIts(?string $id, ?int $sequence, ?string $previousHash): bool
    {
        return $id === $this->id && $sequence === $this->sequence && $previousHash === $this->previousHash;
    }

    /**
     * In canonical form the members are sorted, so these three stand at the ends, before and after anything that nests:
     * there they are read without reading the rest.
     *
     * @return array{string, int, string}|null id, sequence and previous hash; null when the text has another form
     */
    private function endsOfText(): ?array
    {
        $tail = substr($this->text, -self::LONGEST_TAIL);

        return preg_match(self::HEAD, $this->text, $head) === 1 && preg_match(self::TAIL, $tail, $end) === 1 ? [$head[1], (int) $end[2], $end[1]] : null;
    }

    /** @return array{string|null, int|null, string|null} */
    private function decoded(): array
    {
        $body = json_decode($this->text, true);
        $body = is_array($body) ? $body : [];

        return [$body['id'] ?? null, $body['sequence'] ?? null, $body['previous_hash'] ?? null];
    }
}
