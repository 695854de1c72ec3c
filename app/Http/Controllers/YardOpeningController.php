<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenYard;
use App\Http\Middleware\EndLongSessions;
use App\Models\Language;
use App\Models\Units;
use App\People\PersonRules;
use App\People\PlainText;
use App\People\SecondFactor\SecondFactor;
use App\Presenters\PresentSession;
use App\Words;
use App\Yards\Currency;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;

/** An installation in which there is nobody yet becomes a yard. Whoever opens it leads it, and is signed in. */
final class YardOpeningController
{
    public function __invoke(
        Request $request,
        OpenYard $open,
        SecondFactor $factor,
        PresentSession $present,
    ): JsonResponse {
        $lead = PersonRules::all(is_string($login = $request->input('lead.login')) ? $login : '');
        $request->validate([
            'name' => ['required', 'string', 'max:80', new PlainText],
            'place' => ['required', 'string', 'max:80', new PlainText],
            'timezone' => ['required', 'timezone:all'],
            'language' => ['required', Rule::enum(Language::class)],
            'currency' => ['required', 'string', static function (string $name, mixed $code, callable $fail): void {
                if (! is_string($code) || ! Currency::isInUse($code)) {
                    $fail(Words::say('problems.no_such_currency.detail'));
                }
            }],
            'law' => ['sometimes', 'required', 'string', 'max:40'],
            'units' => ['sometimes', 'required', Rule::enum(Units::class)->except(Units::Yard)],
        ] + array_combine(
            array_map(static fn (string $name): string => "lead.{$name}", array_keys($lead)),
            $lead,
        ), array_combine(
            array_map(static fn (string $name): string => "lead.{$name}", array_keys(PersonRules::messages())),
            PersonRules::messages(),
        ));
        $text = static fn (string $name): string => trim($request->string($name)->value());
        $person = $open(
            [
                'name' => $text('name'), 'place' => $text('place'), 'timezone' => $text('timezone'),
                'currency' => $text('currency'),
            ],
            [
                'name' => $text('lead.name'), 'login' => $text('lead.login'), 'initials' => $text('lead.initials'),
                'password' => $request->string('lead.password')->value(),
            ],
            Language::from($text('language')),
            array_filter(['units' => $text('units'), 'law' => $text('law')]),
        );
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        $factor->atSignIn($person, '');
        $guard->login($person);
        $request->session()->regenerate();
        EndLongSessions::begin($request);

        return response()->json($present->of($person), 201);
    }
}
