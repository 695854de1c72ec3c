<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\EntryKind;
use App\Ledger\EntryKinds;
use PHPUnit\Framework\TestCase;

/** Common practice, no source: a list that is kept by hand is held against what it lists. */
final class EntryKindsTest extends TestCase
{
    public function test_every_kind_is_listed_under_the_name_that_it_gives_itself(): void
    {
        $listed = (new \ReflectionClassConstant(EntryKinds::class, 'ALL'))->getValue();
        self::assertIsArray($listed);
        $there = [];
        foreach (glob(dirname(__DIR__, 2).'/app/Ledger/Kinds/*.php') ?: [] as $file) {
            $class = 'App\\Ledger\\Kinds\\'.basename($file, '.php');
            if (is_subclass_of($class, EntryKind::class)) {
                $there[$class::name()] = $class;
            }
        }
        ksort($listed);
        ksort($there);

        self::assertGreaterThan(40, count($there));
        self::assertSame($there, $listed);
    }
}
