<?php

declare(strict_types=1);

namespace App\Http\Problems;

use App\Setting;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Database\LostConnectionException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use JadeLedger\Core\Refusal;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** Every error of the API as problem details, and as a page where a person opened it. */
final class RenderProblem
{
    private const SECONDS_TO_COME_BACK = 5;

    public function __invoke(Throwable $error, Request $request): ?Response
    {
        if (! $request->is('api/*', 'sanctum/*')) {
            // An address that leads nowhere was typed by a person; all else, as upkeep, has a page of its own.
            return $error instanceof NotFoundHttpException ? ProblemPage::of($this->http($error)) : null;
        }
        $answer = $this->answer($error);

        // Somebody opened it in a window of its own: that is a person, and reads no JSON.
        return $request->header('Sec-Fetch-Mode') === 'navigate' ? ProblemPage::of($answer) : $answer;
    }

    private function answer(Throwable $error): JsonResponse
    {
        return match (true) {
            $error instanceof ApiProblem => $error->problem->respond(
                $error->comeBackAfter === null ? [] : ['Retry-After' => (string) $error->comeBackAfter],
            ),
            $error instanceof Refusal => Problem::ofRule($error)->respond(),
            $error instanceof ValidationException => $this->validation($error)->respond(),
            $error instanceof AuthenticationException => Problem::named(ProblemName::SignInFirst, 401)->respond(),
            $error instanceof ThrottleRequestsException => $this->throttled($error),
            $error instanceof PostTooLargeException => Problem::named(ProblemName::TooLarge, 413, [
                'megabytes' => intdiv(Setting::number('jade.photos.largest_upload_bytes'), 1024 * 1024),
            ])->respond(),
            $error instanceof HttpExceptionInterface => $this->http($error),
            self::isOfALostDatabase($error) || self::isOfABusyOne($error) => Problem::named(
                ProblemName::DatabaseAway,
                503,
                ['seconds' => self::SECONDS_TO_COME_BACK],
            )->respond(['Retry-After' => (string) self::SECONDS_TO_COME_BACK]),
            default => Problem::named(ProblemName::OurFault, 500)->respond(),
        };
    }

    private static function isOfALostDatabase(Throwable $error): bool
    {
        return ($error instanceof PDOException || $error instanceof LostConnectionException) &&
            (new LostConnectionDetector())->causedByLostConnection($error);
    }

    /**
     * Two nodes changed the same rows and this one gave way, or a node has no part in the cluster just now: the same
     * request goes through when it comes again. Source: MariaDB error codes 1205, 1213 and 1047.
     */
    private static function isOfABusyOne(Throwable $error): bool
    {
        $code = $error instanceof PDOException ? $error->errorInfo[1] ?? null : null;

        return in_array($code, [1205, 1213, 1047], true);
    }

    private function validation(ValidationException $error): Problem
    {
        /** @var array<string, list<string>> $fields */
        $fields = $error->errors();
        $problem = Problem::named(ProblemName::LookAtTheFields, $error->status, [], $fields);

        return new Problem(
            $problem->type,
            $problem->title,
            $problem->status,
            implode(' ', array_unique(array_merge(...array_values($fields)))),
            $fields,
        );
    }

    private function throttled(ThrottleRequestsException $error): JsonResponse
    {
        $after = $error->getHeaders()['Retry-After'] ?? null;
        $seconds = is_numeric($after) ? (int) $after : 60;

        return Problem::named(ProblemName::TooOften, 429, ['seconds' => $seconds])->respond([
            'Retry-After' => (string) $seconds,
        ]);
    }

    private function http(HttpExceptionInterface $error): JsonResponse
    {
        $name = match ($error->getStatusCode()) {
            403 => ProblemName::NotYoursToDo,
            404 => ProblemName::NotFound,
            405 => ProblemName::WrongMethod,
            419 => ProblemName::PageExpired,
            default => ProblemName::Refused,
        };

        return Problem::named($name, $error->getStatusCode())->respond();
    }
}
