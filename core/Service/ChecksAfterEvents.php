<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Equipment\Features;

/**
 * Checks that a walk does not ask by itself and that are due after something happened to the machine: they enter the
 * next walk, whichever way it goes. Common practice, no source.
 */
final readonly class ChecksAfterEvents
{
    private const EVENTS = [Occasion::AfterAttachmentChange, Occasion::AfterRepair];

    /** @param  array<string, non-empty-list<Occasion>>  $occasions by the check's id */
    private function __construct(private array $occasions)
    {
    }

    /** @param  array<string, Check>  $checks */
    public static function of(array $checks, Features $features, Movement $movement): self
    {
        $own = $movement === Movement::Checkout ? Occasion::Checkout : Occasion::Return;
        $occasions = [];
        foreach ($checks as $id => $check) {
            $due = $check->applies->holdsFor($features) ? $check->dueOn($features) : [];
            $after = array_values(array_filter(
                self::EVENTS,
                static fn (Occasion $event): bool => in_array($event, $due, true),
            ));
            if ($after !== [] && ! in_array($own, $due, true)) {
                $occasions[$id] = $after;
            }
        }

        return new self($occasions);
    }

    /** @return list<string> ids of the checks */
    public function ids(): array
    {
        return array_keys($this->occasions);
    }

    /**
     * @param array<string, \DateTimeImmutable> $events when each happened last, by the occasion's value
     * @param array<string, \DateTimeImmutable> $last when each check stood last, by its id
     * @return array<string, Occasion> by the check's id
     */
    public function due(array $events, array $last): array
    {
        $due = [];
        foreach ($this->occasions as $id => $occasions) {
            foreach ($occasions as $occasion) {
                $event = $events[$occasion->value] ?? null;
                if ($event !== null && (! isset($last[$id]) || $last[$id] < $event)) {
                    $due[$id] = $occasion;
                    break;
                }
            }
        }

        return $due;
    }
}
