<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** A room of the core knows only rooms on the floors below it, so no two of them can know each other. */
final class CoreRoomsFormNoCircle
{
    /** From the ground up. A new room stands one floor above the highest that it needs. */
    private const FLOORS = [
        ['Equipment', 'Hire', 'Ledger', 'Source', 'State', 'Yard'],
        ['Quantity'],
        ['Check', 'Verdict'],
        ['Fault', 'FunctionTest', 'Paper'],
        ['Calendar', 'People', 'Telematics'],
        ['Meter'],
        ['Reading', 'Service'],
        ['Limits'],
        ['Catalogue'],
        ['Briefing', 'Finding', 'Walk'],
        ['Carry', 'Release', 'Spread'],
    ];

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function aRoomKnowsOnlyTheFloorsBelow(): iterable
    {
        $below = [];
        foreach (self::FLOORS as $floor) {
            foreach ($floor as $room) {
                yield $room => PHPat::rule()
                    ->classes(self::room($room))
                    ->canOnly()
                    ->dependOn()
                    ->classes(
                        self::room($room),
                        Selector::inNamespace('Brick\Math'),
                        Selector::isStandardClass(),
                        ...self::known(),
                        ...array_map(self::room(...), $below),
                    )
                    ->because('rooms that know each other cannot be read, tested or changed one by one');
            }
            $below = [...$below, ...$floor];
        }
    }

    /** A room that stands on no floor would escape the rule above. */
    #[TestRule]
    public function everyRoomStandsOnAFloor(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('JadeLedger\Core'))
            ->excluding(
                ...self::known(),
                ...array_map(self::room(...), array_merge(...self::FLOORS)),
            )
            ->shouldNot()
            ->exist()
            ->because('each room has its floor in CoreRoomsFormNoCircle');
    }

    /** @return list<SelectorInterface> how a rule says no, in whatever room it stands */
    private static function known(): array
    {
        return array_map(
            static fn (string $name): SelectorInterface => Selector::classname("JadeLedger\\Core\\{$name}"),
            ['Refusal', 'Refused', 'Sentence'],
        );
    }

    private static function room(string $name): SelectorInterface
    {
        return Selector::inNamespace("JadeLedger\\Core\\{$name}");
    }
}
