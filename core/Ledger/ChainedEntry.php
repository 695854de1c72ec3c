<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/** One entry as it stands in a machine's chain: the text that was hashed, and what is written beside it. */
final readonly class ChainedEntry
{
    /**
     * @param string $text the canonical JSON that the hash covers, the previous hash included
     * @param EntryColumns|null $columns what else is written beside the text, where it is to be held against it
     */
    public function __construct(
        public string $id,
        public int $sequence,
        public string $text,
        public string $previousHash,
        public string $hash,
        public ?EntryColumns $columns = null,
    ) {
    }

    /**
     * Whether the columns beside the text say what the text says.
     *
     * In canonical form the members are sorted, so most of them stand at the ends, before and after anything that
     * nests: there they are compared without reading the rest. A text of another form is decoded.
     */
    public function agreesWithItsText(): bool
    {
        return $this->columns === null
            ? $this->agrees($this->decoded(), ['id', 'sequence', 'previous_hash'])
            : $this->agreesWith($this->columns);
    }

    private function agreesWith(EntryColumns $columns): bool
    {
        $mayBeShort = $columns->isPlain();
        $hire = self::written($columns->hire);
        $head = '{"actor":"'.$columns->actor.'","corrects":'.self::written($columns->corrects).',"hire":'.$hire
            .',"id":"'.$this->id.'",';
        $tail = '"previous_hash":"'.$this->previousHash.'","received_at":"'.$columns->receivedAt.'","recorded_at":"'
            .$columns->recordedAt
            .'","sequence":'.$this->sequence.',"walk":'.self::written($columns->walk).'}';
        if ($mayBeShort && str_starts_with($this->text, $head) && str_ends_with($this->text, $tail)
            && str_contains($this->text, ',"kind":"'.$columns->kind.'","machine":"'.$columns->machine.'","payload":')) {
            return true;
        }

        return $this->agrees(
            $this->decoded(),
            [
                'id',
                'sequence',
                'previous_hash',
                'actor',
                'corrects',
                'hire',
                'kind',
                'machine',
                'received_at',
                'recorded_at',
                'walk',
            ],
        );
    }

    /**
     * @param array<string, mixed> $body
     * @param list<string> $members
     */
    private function agrees(array $body, array $members): bool
    {
        $beside = [
            'id' => $this->id,
            'sequence' => $this->sequence,
            'previous_hash' => $this->previousHash,
        ] + ($this->columns?->members() ?? []);
        foreach ($members as $member) {
            if (! array_key_exists($member, $body) || $body[$member] !== $beside[$member]) {
                return false;
            }
        }
        foreach ($this->columns?->rareMembers() ?? [] as $member => $value) {
            if (($body[$member] ?? null) !== $value) {
                return false;
            }
        }

        return true;
    }

    private static function written(?string $value): string
    {
        return $value === null ? 'null' : "\"{$value}\"";
    }

    /** @return array<string, mixed> */
    private function decoded(): array
    {
        $body = json_decode($this->text, true);
        $members = [];
        foreach (is_array($body) ? $body : [] as $name => $value) {
            $members[(string) $name] = $value;
        }

        return $members;
    }
}
