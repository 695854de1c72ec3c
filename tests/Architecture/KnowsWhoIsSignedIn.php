<?php

declare(strict_types=1);

namespace Tests\Architecture;

use App\Models\User;
use Illuminate\Http\Request;
use PhpParser\Node\Expr\MethodCall;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\MethodReflection;
use PHPStan\Type\DynamicMethodReturnTypeExtension;
use PHPStan\Type\ObjectType;
use PHPStan\Type\Type;
use PHPStan\Type\TypeCombinator;

/** Whoever sends a request is one of ours, or nobody. */
final class KnowsWhoIsSignedIn implements DynamicMethodReturnTypeExtension
{
    public function getClass(): string
    {
        return Request::class;
    }

    public function isMethodSupported(MethodReflection $method): bool
    {
        return $method->getName() === 'user';
    }

    public function getTypeFromMethodCall(MethodReflection $method, MethodCall $call, Scope $scope): Type
    {
        return TypeCombinator::addNull(new ObjectType(User::class));
    }
}
