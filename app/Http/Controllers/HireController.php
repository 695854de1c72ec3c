<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BookHire;
use App\Actions\ChangeHire;
use App\Actions\NameHirer;
use App\Actions\ReplaceOnHire;
use App\Contract\JsonObject;
use App\Hires\WantedHire;
use App\Hires\YardTime;
use App\Http\JsonBody;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\User;
use App\Presenters\PresentHire;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Hires as the office books and changes them. */
final readonly class HireController
{
    public function __construct(
        private JsonBody $body,
        private YardTime $time,
        private PresentHire $present,
        private ChangeHire $change,
    ) {
    }

    public function show(Hire $hire): JsonResponse
    {
        Gate::authorize('view', $hire);

        return response()->json($this->present->of($hire));
    }

    public function store(Request $request, BookHire $book, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $asked = JsonObject::of($this->body->of($request, 'BookHire'));
        $hirer = Customer::query()->where('is_nobody', false)->findOrFail($asked->string('hirer_id'))->kept();
        $hire = $book(
            $asked->string('machine_id'),
            $hirer,
            WantedHire::read($asked, $this->time),
            $user,
            $asked->optionalString('id'),
        );

        return response()->json($this->present->of($hire), 201);
    }

    public function update(Request $request, Hire $hire, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $asked = JsonObject::of($this->body->of($request, 'ChangeHire'));
        $this->change->details($hire, WantedHire::read($asked, $this->time), $user);

        return response()->json($this->present->of($hire));
    }

    public function machine(Request $request, Hire $hire, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $asked = JsonObject::of($this->body->of($request, 'SwapMachine'));
        $knowing = $asked->has('knowing') ? $asked->strings('knowing') : [];
        $this->change->machine($hire, $asked->string('machine_id'), trim($asked->string('why')), $knowing, $user);

        return response()->json($this->present->of($hire));
    }

    public function replace(
        Request $request,
        Hire $hire,
        ReplaceOnHire $replace,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('book');
        $asked = JsonObject::of($this->body->of($request, 'ReplaceOnHire'));
        $wanted = WantedHire::read($asked, $this->time);
        $next = $replace(
            $hire,
            $asked->string('machine_id'),
            $wanted->period,
            trim($asked->string('why')),
            $wanted->knowing,
            $user,
        );

        return response()->json($this->present->of($next), 201);
    }

    public function hirer(Request $request, Hire $hire, NameHirer $name, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $asked = JsonObject::of($this->body->of($request, 'NameHirer'));
        $name($hire, Customer::query()->findOrFail($asked->string('hirer_id'))->kept(), $user);

        return response()->json($this->present->of($hire));
    }

    public function cancel(Request $request, Hire $hire, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('book');
        $asked = JsonObject::of($this->body->of($request, 'CancelHire'));
        $this->change->cancel($hire, trim($asked->string('why')), $user);

        return response()->json($this->present->of($hire));
    }
}
