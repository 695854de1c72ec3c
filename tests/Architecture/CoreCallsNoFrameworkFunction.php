<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\Node\Expr\FuncCall;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\ReflectionProvider;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * Functions are not classes, so the rule about classes does not see config() or now() in the core. This one does; it
 * also keeps the clock, chance, files and the environment out.
 *
 * @implements Rule<FuncCall>
 */
final readonly class CoreCallsNoFrameworkFunction implements Rule
{
    private const NOT_IN_THE_CORE = [
        'time',
        'microtime',
        'date',
        'gmdate',
        'hrtime',
        'rand',
        'mt_rand',
        'random_int',
        'random_bytes',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'getenv',
        'putenv',
        'ini_set',
        'sleep',
        'usleep',
    ];

    /** Part of PHP 8.1 and later, but also declared by polyfills, which hides that they are built in. */
    private const OF_THE_LANGUAGE = ['array_is_list'];

    public function __construct(private ReflectionProvider $reflection)
    {
    }

    public function getNodeType(): string
    {
        return FuncCall::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if (
            ! str_starts_with($scope->getNamespace().'\\', 'JadeLedger\\Core\\') ||
            ! ($node->name instanceof Node\Name) ||
            ! $this->reflection->hasFunction($node->name, $scope)
        ) {
            return [];
        }
        $function = $this->reflection->getFunction($node->name, $scope);
        if (
            ($function->isBuiltin() || in_array($function->getName(), self::OF_THE_LANGUAGE, true)) &&
            ! in_array($function->getName(), self::NOT_IN_THE_CORE, true)
        ) {
            return [];
        }

        return [
            RuleErrorBuilder::message(
                "The core calls {$function->getName()}(): it has no framework, no I/O and no clock.",
            )
                ->identifier('core.function')
                ->build(),
        ];
    }
}
