<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node\Expr\StaticCall;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\MethodReflection;
use PHPStan\Type\DynamicStaticMethodReturnTypeExtension;
use PHPStan\Type\Type;

/** A transaction gives back what its closure does; the facade says that it may be anything. */
final class KnowsWhatIsGivenBack implements DynamicStaticMethodReturnTypeExtension
{
    public function getClass(): string
    {
        return \Illuminate\Support\Facades\DB::class;
    }

    public function isStaticMethodSupported(MethodReflection $method): bool
    {
        return $method->getName() === 'transaction';
    }

    public function getTypeFromStaticMethodCall(MethodReflection $method, StaticCall $call, Scope $scope): ?Type
    {
        $act = $call->getArgs()[0] ?? null;
        $type = $act === null ? null : $scope->getType($act->value);

        return $type === null || ! $type->isCallable()->yes()
            ? null
            : $type->getCallableParametersAcceptors($scope)[0]->getReturnType();
    }
}
