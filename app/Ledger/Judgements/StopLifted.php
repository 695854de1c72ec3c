<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Reading\LookAnswer;

/** With what right a stop was taken back without being mended. */
final readonly class StopLifted
{
    private function __construct(public string $as, public ?string $second)
    {
    }

    public static function byLead(): self
    {
        return new self('lead', null);
    }

    /** @param  string  $second  id of the other person */
    public static function withSecond(string $second): self
    {
        return new self('second', $second);
    }

    /** Put right on the spot and looked at again, where the check allows it. */
    public static function putRight(): self
    {
        return new self(LookAnswer::PutRight->value, null);
    }

    public static function read(JsonObject $json): ?self
    {
        $lifts = $json->optionalObject('lifts_stop');

        return $lifts === null ? null : new self($lifts->string('as'), $lifts->optionalString('second'));
    }

    /** @return array<string, array<string, string>> */
    public function record(): array
    {
        return ['lifts_stop' => array_filter(['as' => $this->as, 'second' => $this->second], is_string(...))];
    }
}
