<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Customer;
use App\Models\User;
use App\Presenters\PresentHire;
use App\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Those who hire. */
final readonly class HirerController
{
    private const AT_ONCE = 30;

    public function __construct(private JsonBody $body, private WriteAudit $audit)
    {
    }

    public function index(Request $request): JsonResponse
    {
        Gate::authorize('book');
        $search = mb_substr(trim($request->string('search')->value()), 0, 60);
        $hirers = Customer::query()
            ->when($search !== '', static fn ($query) => $query->where('name', 'like', '%'.addcslashes($search, '%_\\').'%'))
            ->orderBy('name')->limit(self::AT_ONCE)->get();

        return response()->json(['hirers' => array_values($hirers->map(PresentHire::hirer(...))->all())]);
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $columns = $this->columns($request);
        $this->mustBeNew($columns['name'], null);
        $hirer = Customer::query()->create($columns);
        ($this->audit)(AuditKind::HirerKept, $user, $hirer->name, after: array_filter($columns));

        return response()->json(PresentHire::hirer($hirer), 201);
    }

    public function update(Request $request, Customer $hirer, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $columns = $this->columns($request);
        $this->mustBeNew($columns['name'], $hirer);
        $before = array_intersect_key($hirer->toArray(), $columns);
        $hirer->update($columns);
        ($this->audit)(AuditKind::HirerKept, $user, $hirer->name, array_filter($before), array_filter($columns));

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

    /** @throws ApiProblem one hirer is one row: who is entered twice owes twice */
    private function mustBeNew(?string $name, ?Customer $itself): void
    {
        $known = Customer::query()->where('name', $name)->when($itself !== null, static fn ($query) => $query->whereKeyNot($itself?->id))->exists();
        if ($known) {
            throw ApiProblem::because(ProblemName::HirerKnown, 409, ['name' => (string) $name], ['name' => [Words::say('problems.hirer_known.title', ['name' => (string) $name])]]);
        }
    }
}
