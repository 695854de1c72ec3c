<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use Illuminate\Http\Request;
use Illuminate\Pagination\Cursor;

/** Where a list goes on, as an answer before said. */
final class PageCursor
{
    /**
     * @param string $field by which the list is ordered
     *
     * @throws ApiProblem when it is none that this list gave
     */
    public static function of(Request $request, string $field): ?Cursor
    {
        $text = $request->query('cursor') ?? '';
        if ($text === '') {
            return null;
        }
        $text = is_string($text) ? $text : '';
        $read = json_decode((string) base64_decode(strtr($text, '-_', '+/'), true), true);
        $isOurs = is_array($read) && is_scalar($read[$field] ?? null) && is_bool($read['_pointsToNextItems'] ?? null);

        return $isOurs
            ? Cursor::fromEncoded($text)
            : throw ApiProblem::because(ProblemName::BadCursor, 422);
    }
}
