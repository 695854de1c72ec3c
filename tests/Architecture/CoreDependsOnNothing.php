<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Dependencies point inward: the core knows itself and exact numbers, nothing else. */
final class CoreDependsOnNothing
{
    #[TestRule]
    public function coreKnowsOnlyItselfAndNumbers(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('JadeLedger\Core'))
            ->canOnly()
            ->dependOn()
            ->classes(
                Selector::inNamespace('JadeLedger\Core'),
                Selector::inNamespace('Brick\Math'),
                Selector::isStandardClass(),
            )
            ->because('the rules of the job have no framework, no I/O and no clock');
    }
}
