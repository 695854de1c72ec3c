<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepHirer;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Http\QueryText;
use App\Models\Customer;
use App\Models\User;
use App\Presenters\PresentHire;
use App\Presenters\PresentHirer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Those who hire. */
final readonly class HirerController
{
    private const AT_ONCE = 30;

    public function __construct(private JsonBody $body, private KeepHirer $keep)
    {
    }

    public function index(Request $request): JsonResponse
    {
        Gate::authorize('book');
        $search = QueryText::of($request, 'search', 60);
        $page = max(1, min(100_000, (int) QueryText::of($request, 'page', 6)));
        $found = $search === '' ? Customer::stillKept() : Customer::named($search);
        $total = $found->count();
        $hirers = $found->orderBy('name')->orderBy('id')->limit(self::AT_ONCE)
            ->offset(($page - 1) * self::AT_ONCE)->get();

        return response()->json([
            'hirers' => array_values($hirers->map(PresentHire::hirer(...))->all()),
            'total' => $total,
            'next_page' => $page * self::AT_ONCE < $total ? $page + 1 : null,
        ]);
    }

    public function show(Customer $hirer, PresentHirer $present): JsonResponse
    {
        Gate::authorize('book');

        return response()->json($present->detail($hirer->kept()));
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');

        return response()->json(PresentHire::hirer($this->keep->add($this->columns($request), $user)), 201);
    }

    public function update(Request $request, Customer $hirer, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $hirer = $hirer->kept();
        $this->keep->change($hirer, $this->columns($request), $user);

        return response()->json(PresentHire::hirer($hirer));
    }

    /** @return array<string, string|null> */
    private function columns(Request $request): array
    {
        $asked = JsonObject::of($this->body->of($request, 'KeepHirer'));
        $columns = ['name' => trim($asked->string('name'))];
        foreach (['phone', 'mail', 'address', 'notes'] as $name) {
            $text = trim((string) $asked->optionalString($name));
            $columns[$name] = $text === '' ? null : $text;
        }

        return $columns;
    }
}
